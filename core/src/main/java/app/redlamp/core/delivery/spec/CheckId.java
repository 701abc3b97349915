package app.redlamp.core.delivery.spec;

import java.util.Locale;

/** What a specification looks at. */
public enum CheckId {
    LOUDNESS,
    PEAK,
    NOISE_FLOOR,
    CLIPPING,
    SHORT_TERM,
    RANGE,
    DRYNESS,
    BAND,
    BANDWIDTH,
    /** Blocks that a coding with loss left, where the client wants all of it. */
    BLOCKS,
    HEAD,
    TAIL,
    ROOM_TONE,
    LENGTH,
    CHANNELS,
    SAMPLE_RATE,
    BIT_DEPTH,
    BIT_RATE,
    CONSTANT_RATE,
    CODING,
    NAME,
    TAGS;

    /** Name in reports, such as {@code noise-floor}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
