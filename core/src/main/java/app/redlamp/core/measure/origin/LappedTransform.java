package app.redlamp.core.measure.origin;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * The transform that codings with loss cut sound into: cosines over windows of 2 N samples, one every N, of which each gives N values
 * (modified discrete cosine transform; J. P. Princen, A. B. Bradley, IEEE Trans. ASSP-34, 1986, from memory). Values that a coding set
 * to zero are found at zero again only where the windows begin where its own began.
 */
final class LappedTransform {
    private final int size;
    private final double[] window;
    private final Fourier transform;
    private final float[] work;

    /** @param window 2 N values, N a power of two */
    LappedTransform(double[] window) {
        this.window = window.clone();
        size = window.length / 2;
        transform = new Fourier(4 * size);
        work = new float[4 * size];
    }

    /** Half a turn of a sine (ISO/IEC 14496-3, from memory). */
    static double[] sine(int size) {
        double[] window = new double[2 * size];
        for (int n = 0; n < window.length; n++) {
            window[n] = Math.sin(Math.PI * (n + 0.5) / window.length);
        }
        return window;
    }

    /** Derived from Kaiser's window (ISO/IEC 14496-3 with 4, ATSC A/52 with 5; from memory). */
    static double[] kaiser(int size, double alpha) {
        double[] sums = new double[size + 1];
        double sum = 0;
        for (int n = 0; n <= size; n++) {
            double place = 2.0 * n / size - 1;
            sum += bessel(Math.PI * alpha * Math.sqrt(Math.max(0, 1 - place * place)));
            sums[n] = sum;
        }
        double[] window = new double[2 * size];
        for (int n = 0; n < size; n++) {
            window[n] = Math.sqrt(sums[n] / sum);
            window[window.length - 1 - n] = window[n];
        }
        return window;
    }

    /** I₀ by its series (Abramowitz and Stegun 9.6.12, from memory). */
    private static double bessel(double x) {
        double term = 1;
        double sum = 1;
        for (int k = 1; term > 1e-12 * sum; k++) {
            term *= x * x / (4.0 * k * k);
            sum += term;
        }
        return sum;
    }

    /** N. */
    int size() {
        return size;
    }

    /** Sum of the levels in dB of value² + least over some values of the window that begins at a sample. */
    double levels(float[] samples, int from, int first, int last, double least) {
        Arrays.fill(work, 0);
        for (int n = 0; n < 2 * size; n++) {
            work[n] = (float) (window[n] * samples[from + n]);
        }
        transform.forward(work);
        double scale = 2.0 / size;
        double sum = 0;
        for (int k = first; k < last; k++) {
            double turn = Math.PI * (k + 0.5) * (0.5 + size / 2.0) / size;
            int bin = 2 * (2 * k + 1);
            double value = work[bin] * Math.cos(turn) + work[bin + 1] * Math.sin(turn);
            sum += Decibels.levelOfPower(scale * value * value + least);
        }
        return sum;
    }

    /**
     * Adds the same for one value to each of N beginnings, {@code from} up to but not including {@code from + size}, all at once.
     *
     * @param spectrum 3 N samples, as of {@link #spectrum}
     * @param filter as of {@link #filter}
     * @param sums one for each beginning, counted from {@code offset} and round again
     */
    void addLevels(float[] spectrum, float[] filter, double least, double[] sums, int offset) {
        int half = 2 * size;
        work[0] = spectrum[0] * filter[0];
        work[1] = spectrum[1] * filter[1];
        for (int k = 1; k < half; k++) {
            float re = spectrum[2 * k];
            float im = spectrum[2 * k + 1];
            float fre = filter[2 * k];
            float fim = filter[2 * k + 1];
            work[2 * k] = re * fre - im * fim;
            work[2 * k + 1] = re * fim + im * fre;
        }
        transform.inverse(work);
        double scale = 2.0 / size;
        for (int o = 0; o < size; o++) {
            double value = work[o + 2 * size - 1];
            sums[(offset + o) % size] += Decibels.levelOfPower(scale * value * value + least);
        }
    }

    /** Spectrum of 3 N samples. */
    float[] spectrum(float[] samples) {
        float[] spectrum = Arrays.copyOf(samples, 4 * size);
        Arrays.fill(spectrum, 3 * size, 4 * size, 0);
        transform.forward(spectrum);
        return spectrum;
    }

    /** What gives value {@code k} of windows at any sample, as a spectrum. */
    float[] filter(int k) {
        float[] filter = new float[4 * size];
        for (int n = 0; n < 2 * size; n++) {
            double turn = Math.PI / size * (n + 0.5 + size / 2.0) * (k + 0.5);
            filter[2 * size - 1 - n] = (float) (window[n] * Math.cos(turn));
        }
        transform.forward(filter);
        return filter;
    }
}
