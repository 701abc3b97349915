package app.redlamp.core.signal;

import java.util.Arrays;

/**
 * Estimates the waveform between samples by oversampling: four points a sample below 80 kHz, two below 160 kHz, the
 * samples themselves above, so that the interpolated rate is at least 160 kHz where the source is 40 kHz or more.
 *
 * <p>Source: ITU-R BS.1770-5 annex 2. We deviate in the filter: a Kaiser-windowed sinc of 32 taps a phase instead of
 * the 12 of the annex, which reads high notes more truly.
 */
public final class PeakInterpolator {
    /** Samples that one interpolated point depends on (ours). */
    public static final int TAPS = 32;

    /** Samples after the point's own that it depends on (by definition). */
    public static final int LOOK_AHEAD = TAPS / 2;

    /** Ripple under 0.01 dB (J. F. Kaiser, 1974, from memory). */
    private static final double KAISER_BETA = 8;

    /** Points are added up in single precision (ours). */
    private static final double ROUNDING = 1 + 1e-5;

    private final float[][] phases;
    private final double bound;
    private final double bendBound;
    private final double slopeBound;

    public PeakInterpolator(double sampleRateHz) {
        int factor = sampleRateHz < 80_000 ? 4 : sampleRateHz < 160_000 ? 2 : 1;
        phases = new float[factor - 1][TAPS];
        double largest = 1;
        double mostBend = 0;
        double mostSlope = 0;
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
            // What the taps do beyond drawing a straight line, summed twice: their hold on the bends of the samples.
            double once = 0;
            double twice = 0;
            double hold = 0;
            for (int k = 0; k < TAPS - 1; k++) {
                double share = (double) p / factor;
                double line = k == LOOK_AHEAD - 1 ? 1 - share : k == LOOK_AHEAD ? share : 0;
                once += phases[p - 1][k] - line;
                twice += once;
                hold += k < TAPS - 2 ? Math.abs(twice) : 0;
            }
            mostBend = Math.max(mostBend, hold);
            mostSlope = Math.max(mostSlope, Math.abs(twice));
        }
        bound = largest;
        bendBound = mostBend;
        slopeBound = mostSlope;
    }

    /** No interpolated point exceeds the largest sample within its window by more than this factor. */
    public double bound() {
        return bound;
    }

    /**
     * The most that an interpolated point can be, tighter where the samples run smoothly: a straight line between two
     * samples exceeds neither, and how far a point lies off that line is bounded by how much the samples bend.
     *
     * <p>With r the taps less those of the straight line, R their sums and Q the sums of those, summation by parts
     * gives Σ r x = Σ Q Δ²x − Q_last Δx_last.
     *
     * @param samples must hold {@code LOOK_AHEAD − 1} samples before {@code at} and {@code LOOK_AHEAD} after the last
     * @param around largest magnitude of all those samples
     * @param here largest magnitude of the samples from {@code at} to {@code at + count}, the last one included
     */
    public double bound(float[] samples, int at, int count, float around, float here) {
        float bend = 0;
        float now = samples[at - (LOOK_AHEAD - 1)];
        float slope = samples[at - (LOOK_AHEAD - 1) + 1] - now;
        now += slope;
        for (int i = at - (LOOK_AHEAD - 1) + 2; i <= at + count - 1 + LOOK_AHEAD; i++) {
            float step = samples[i] - now;
            float change = Math.abs(step - slope);
            if (change > bend) {
                bend = change;
            }
            slope = step;
            now = samples[i];
        }
        return ROUNDING * Math.min(bound * around, here + bendBound * bend + slopeBound * 2 * around);
    }

    /**
     * Raises each of {@code count} peaks to the largest magnitude of the points from its sample up to, not including,
     * the next.
     *
     * @param samples must hold {@code LOOK_AHEAD − 1} samples before {@code at} and {@code LOOK_AHEAD} after the last
     * @param at sample of the first peak
     * @param peaks peaks so far, the first one at index {@code first}
     */
    public void raise(float[] samples, int at, float[] peaks, int first, int count) {
        for (int i = 0; i < count; i++) {
            peaks[first + i] = Math.max(peaks[first + i], Math.abs(samples[at + i]));
        }
        float[] points = new float[count];
        for (float[] taps : phases) {
            Arrays.fill(points, 0);
            for (int k = 0; k < TAPS; k++) {
                add(points, taps[k], samples, at - (LOOK_AHEAD - 1) + k);
            }
            for (int i = 0; i < count; i++) {
                peaks[first + i] = Math.max(peaks[first + i], Math.abs(points[i]));
            }
        }
    }

    /** Many points a tap, and not many taps a point: in this order the compiler works on several at once. */
    private static void add(float[] points, float tap, float[] samples, int from) {
        for (int i = 0; i < points.length; i++) {
            points[i] += tap * samples[from + i];
        }
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
