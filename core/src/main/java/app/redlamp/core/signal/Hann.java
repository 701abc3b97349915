package app.redlamp.core.signal;

/**
 * The window that spectra are seen through: 0.5 − 0.5 cos(2πn/N), periodic (F. J. Harris, Proc. IEEE 66, 1978, equation 27a, from
 * memory).
 */
public final class Hann {
    private Hann() {}

    /** @param length samples, above 0 */
    public static float[] window(int length) {
        float[] window = new float[length];
        for (int n = 0; n < length; n++) {
            window[n] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * n / length));
        }
        return window;
    }

    /**
     * What the square of a bin is multiplied by, so that all bins from 1 to below half the rate together are the mean square of the
     * samples.
     */
    public static double scale(float[] window) {
        double squares = 0;
        for (float w : window) {
            squares += (double) w * w;
        }
        return 2 / (squares * window.length);
    }

    /**
     * What of an echo is still in a window that it is later in: the window against itself, moved.
     *
     * @param moved by which share of its length, 0 to 1
     */
    public static double overlap(double moved) {
        double turn = 2 * Math.PI * moved;
        return ((1 - moved) * (2 + Math.cos(turn)) + 3 * Math.sin(turn) / (2 * Math.PI)) / 3;
    }
}
