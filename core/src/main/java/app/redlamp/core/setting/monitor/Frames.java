package app.redlamp.core.setting.monitor;

import app.redlamp.core.signal.Fourier;

/** Powers of the last samples of a ring. */
final class Frames {
    private Frames() {}

    static float[] hann(int size) {
        float[] window = new float[size];
        for (int n = 0; n < size; n++) {
            window[n] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * n / size));
        }
        return window;
    }

    /**
     * Fills in powers, one for each bin; together they are the mean square of the samples where the window is flat.
     *
     * @param oldest index of the oldest sample in the ring
     * @param work as long as the ring
     */
    static void powers(float[] ring, int oldest, float[] window, float[] work, Fourier transform, double[] powers) {
        int size = ring.length;
        for (int n = 0; n < size; n++) {
            work[n] = ring[(oldest + n) % size] * window[n];
        }
        transform.forward(work);
        // The squares of a Hann window have a mean of 3/8.
        double scale = 2 / (0.375 * size * size);
        powers[0] = 0;
        for (int k = 1; k < powers.length; k++) {
            powers[k] = scale * ((double) work[2 * k] * work[2 * k] + (double) work[2 * k + 1] * work[2 * k + 1]);
        }
    }
}
