package app.redlamp.core.acoustics.room;

/**
 * How a voice spreads: {@code 0.7 + 0.3 cos θ}, 3 dB less to the side and 8 dB less to the back. Rounded from measurements
 * of talkers, A-weighted (Chu and Warnock, National Research Council Canada, 2002; from memory).
 */
public final class Mouth {
    /** Share of a voice that goes to all sides alike at low frequencies (ours). */
    private static final double EVEN = 0.7;

    private Mouth() {}

    /** What goes out under an angle against the front, 0.4 to 1. */
    public static double gain(double cosine) {
        return EVEN + (1 - EVEN) * cosine;
    }

    /** Directivity factor to the front. */
    public static double directivity() {
        double rest = 1 - EVEN;
        return 1 / (EVEN * EVEN + rest * rest / 3);
    }
}
