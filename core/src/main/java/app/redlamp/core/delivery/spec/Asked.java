package app.redlamp.core.delivery.spec;

import java.util.Locale;
import java.util.Objects;

/** The figures that clients ask for, one by one. */
public enum Asked {
    LOUDNESS,
    PEAK,
    NOISE_FLOOR,
    CODING,
    BIT_RATE,
    SAMPLE_RATE,
    BIT_DEPTH,
    CHANNELS,
    HEAD,
    TAIL,
    LONGEST;

    /** Name in files, such as {@code noise-floor}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether two specifications ask for different things here. */
    public boolean differs(Specification one, Specification other) {
        return !Objects.equals(part(one), part(other));
    }

    private Object part(Specification s) {
        DeliveryFormat f = s.format();
        return switch (this) {
            case LOUDNESS -> s.loudness();
            case PEAK -> s.peak();
            case NOISE_FLOOR -> s.noiseFloorDbfs();
            case CODING -> f.coding();
            case BIT_RATE -> f.bitRateKbps();
            case SAMPLE_RATE -> f.sampleRateHz();
            case BIT_DEPTH -> f.bitDepth();
            case CHANNELS -> f.fewestChannels() + "-" + f.mostChannels();
            case HEAD -> s.headS();
            case TAIL -> s.tailS();
            case LONGEST -> s.longestS();
        };
    }
}
