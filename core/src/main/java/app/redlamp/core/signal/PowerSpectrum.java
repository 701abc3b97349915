package app.redlamp.core.signal;

import java.util.Arrays;

/**
 * Mean power spectrum of stretches of samples: Hann windows, scaled so that the bins of a stationary signal add up to
 * its mean square (P. D. Welch, IEEE Trans. Audio Electroacoust. AU-15, 1967).
 */
public final class PowerSpectrum {
    private final int length;
    private final double sampleRateHz;
    private final Fourier transform;
    private final float[] window;
    private final float[] work;
    private final double scale;
    private final double[] sums;
    private int count;

    /** @param length samples a window, a power of two */
    public PowerSpectrum(int length, double sampleRateHz) {
        this.length = length;
        this.sampleRateHz = sampleRateHz;
        transform = new Fourier(length);
        window = Hann.window(length);
        work = new float[length];
        sums = new double[length / 2 + 1];
        scale = Hann.scale(window);
    }

    /** The longest window of a power of two that lasts no longer than {@code seconds}. */
    public static int lengthFor(double seconds, double sampleRateHz) {
        return Math.max(4, Integer.highestOneBit((int) (seconds * sampleRateHz)));
    }

    /** Samples of one spectrum. */
    public int length() {
        return length;
    }

    /** Width of a bin in Hz. */
    public double binHz() {
        return sampleRateHz / length;
    }

    /** Number of windows added so far. */
    public int count() {
        return count;
    }

    /** Adds the window that begins at sample {@code from}. */
    public void add(float[] samples, int from) {
        for (int n = 0; n < length; n++) {
            work[n] = samples[from + n] * window[n];
        }
        transform.forward(work);
        int half = length / 2;
        sums[0] += scale / 2 * work[0] * work[0];
        sums[half] += scale / 2 * work[1] * work[1];
        for (int k = 1; k < half; k++) {
            float re = work[2 * k];
            float im = work[2 * k + 1];
            sums[k] += scale * (re * re + im * im);
        }
        count++;
    }

    /** Forgets all windows. */
    public void clear() {
        Arrays.fill(sums, 0);
        count = 0;
    }

    /** Mean square a bin in the window added last, over the bins {@code from} to {@code to}, neither 0 Hz nor half the sample rate among them. */
    public double latest(int from, int to) {
        int first = Math.max(1, from);
        int end = Math.min(length / 2, to);
        double sum = 0;
        for (int k = first; k < end; k++) {
            double re = work[2 * k];
            double im = work[2 * k + 1];
            sum += re * re + im * im;
        }
        return end > first ? scale * sum / (end - first) : 0;
    }

    /** Mean square in each bin, 0 Hz to half the sample rate; zeros where nothing was added. */
    public double[] bins() {
        double[] bins = new double[sums.length];
        for (int k = 0; k < bins.length && count > 0; k++) {
            bins[k] = sums[k] / count;
        }
        return bins;
    }
}
