package app.redlamp.core.room;

/**
 * How a voice spreads: {@code 0.7 + 0.3 cos θ}, 3 dB less to the side and 8 dB less to the back. Rounded from measurements
 * of talkers, A-weighted (Chu and Warnock, National Research Council Canada, 2002; from memory).
 */
final class Mouth {
    private static final double EVEN = 0.7;

    private Mouth() {}

    static double gain(double cosine) {
        return EVEN + (1 - EVEN) * cosine;
    }

    /** Directivity factor to the front. */
    static double directivity() {
        double rest = 1 - EVEN;
        return 1 / (EVEN * EVEN + rest * rest / 3);
    }
}
