package app.redlamp.desktop.specification;

/** What is written by hand; two fields of one window share their name. */
enum SpecificationField {
    NAME("field.name"),
    SOURCE("field.source"),
    LOUDNESS_LOW("field.loudness"),
    LOUDNESS_HIGH("field.loudness"),
    PEAK_LOWEST("field.peak"),
    PEAK_HIGHEST("field.peak"),
    FLOOR("field.floor"),
    SHORT_TERM("field.short-term"),
    RANGE("field.range"),
    CLARITY("field.clarity"),
    BAND_LOW("field.band"),
    BAND_HIGH("field.band"),
    CLIPPED("field.clipped"),
    HEAD_LOW("field.head"),
    HEAD_HIGH("field.head"),
    TAIL_LOW("field.tail"),
    TAIL_HIGH("field.tail"),
    LONGEST("field.longest"),
    TOTAL("field.total"),
    APART_LOUDNESS("field.apart-loudness"),
    APART_FLOOR("field.apart-floor"),
    APART_TONE("field.apart-tone"),
    PATTERN("field.pattern"),
    TAGS("field.tags"),
    SAMPLE_RATE("field.sample-rate"),
    BIT_DEPTH("field.bit-depth"),
    BIT_RATE("field.bit-rate"),
    FEWEST("field.channels"),
    MOST("field.channels");

    private final String key;

    SpecificationField(String key) {
        this.key = key;
    }

    String key() {
        return key;
    }
}
