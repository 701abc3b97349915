package app.redlamp.core.signal;

/**
 * Estimates the waveform between samples by oversampling: four points a sample below 80 kHz, two below 160 kHz, the
 * samples themselves above, so that the interpolated rate is at least 160 kHz where the source is 40 kHz or more.
 *
 * <p>Source: ITU-R BS.1770-5 annex 2. We deviate in the filter: a Kaiser-windowed sinc of 32 taps a phase instead of
 * the 12 of the annex, which reads high notes more truly.
 */
public final class PeakInterpolator {
    /** Samples that one interpolated point depends on. */
    public static final int TAPS = 32;

    /** Samples after the point's own that it depends on. */
    public static final int LOOK_AHEAD = TAPS / 2;

    private static final double KAISER_BETA = 8;

    private final float[][] phases;
    private final double bound;

    public PeakInterpolator(double sampleRateHz) {
        int factor = sampleRateHz < 80_000 ? 4 : sampleRateHz < 160_000 ? 2 : 1;
        phases = new float[factor - 1][TAPS];
        double largest = 1;
        for (int p = 1; p < factor; p++) {
            double[] taps = new double[TAPS];
            double sum = 0;
            for (int k = 0; k < TAPS; k++) {
                // The point lies p/factor after the sample in the middle of the window.
                double t = k - (LOOK_AHEAD - 1) - (double) p / factor;
                taps[k] = Math.sin(Math.PI * t) / (Math.PI * t) * kaiser(t / LOOK_AHEAD);
                sum += taps[k];
            }
            double magnitudes = 0;
            for (int k = 0; k < TAPS; k++) {
                phases[p - 1][k] = (float) (taps[k] / sum);
                magnitudes += Math.abs(taps[k] / sum);
            }
            largest = Math.max(largest, magnitudes);
        }
        bound = largest;
    }

    /** No interpolated point exceeds the largest sample within its window by more than this factor. */
    public double bound() {
        return bound;
    }

    /**
     * Largest magnitude of the points from sample {@code at} up to, not including, the next sample.
     *
     * @param samples must hold {@code LOOK_AHEAD − 1} samples before {@code at} and {@code LOOK_AHEAD} after it
     */
    public float peakFrom(float[] samples, int at) {
        float peak = Math.abs(samples[at]);
        int first = at - (LOOK_AHEAD - 1);
        for (float[] taps : phases) {
            float even = 0;
            float odd = 0;
            for (int k = 0; k < TAPS; k += 2) {
                even += taps[k] * samples[first + k];
                odd += taps[k + 1] * samples[first + k + 1];
            }
            peak = Math.max(peak, Math.abs(even + odd));
        }
        return peak;
    }

    private static double kaiser(double x) {
        return Math.abs(x) > 1 ? 0 : bessel(KAISER_BETA * Math.sqrt(1 - x * x)) / bessel(KAISER_BETA);
    }

    /** Modified Bessel function of the first kind, order zero, by its power series. */
    private static double bessel(double x) {
        double term = 1;
        double sum = 1;
        for (int k = 1; term > sum * 1e-16; k++) {
            term *= (x / (2 * k)) * (x / (2 * k));
            sum += term;
        }
        return sum;
    }
}
