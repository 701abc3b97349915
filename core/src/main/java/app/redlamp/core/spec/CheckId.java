package app.redlamp.core.spec;

import java.util.Locale;

/** What a specification looks at. */
public enum CheckId {
    LOUDNESS,
    PEAK,
    NOISE_FLOOR,
    CLIPPING,
    HEAD,
    TAIL,
    LENGTH,
    CHANNELS,
    SAMPLE_RATE,
    BIT_DEPTH,
    BIT_RATE,
    CODING;

    /** Name in reports, such as {@code noise-floor}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
