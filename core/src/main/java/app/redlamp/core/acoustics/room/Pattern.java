package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.Locale;

/**
 * How much a microphone hears from which side: {@code A + B cos θ} of the first order. Source: any microphone handbook.
 */
public enum Pattern {
    OMNI(1),
    CARDIOID(0.5),
    SUPERCARDIOID(0.37),
    HYPERCARDIOID(0.25),
    FIGURE_EIGHT(0);

    /** No microphone that is built is silent from any side (common practice, no source). */
    public static final double QUIETEST = Decibels.toAmplitude(-25);

    private final double even;

    Pattern(double even) {
        this.even = even;
    }

    /** Name in files, such as {@code figure-eight}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A of the pattern: the share that hears pressure alone, 0 to 1. */
    public double even() {
        return even;
    }

    /** What is heard under an angle against what is heard from the front, 0 to 1. */
    public double gain(double cosine) {
        return Math.max(QUIETEST, Math.abs(even + (1 - even) * cosine));
    }

    /** Directivity factor: power from the front against the mean of all directions, 1/(A² + B²/3). */
    public double directivity() {
        double rest = 1 - even;
        return 1 / (even * even + rest * rest / 3);
    }
}
