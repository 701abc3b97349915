package app.redlamp.core.taking.joins;

import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * How alike two beginnings of speech sound. Each 10 ms becomes the levels of {@value #BANDS} bands, equally wide on the mel scale from
 * 100 Hz to 7 kHz, less their mean over the stretch; the two rows are laid along each other so that they fit best, one going at most
 * twice as fast as the other (dynamic time warping after Sakoe and Chiba, 1978, from memory).
 */
final class Likeness {
    /** Bands of a frame (ours). */
    static final int BANDS = 18;

    /** Frames a second (ours). */
    static final int FRAMES_PER_SECOND = 100;

    /** Where the bands begin (ours). */
    private static final double LOWEST_HZ = 100;

    /** Where they end (ours). */
    private static final double HIGHEST_HZ = 7000;

    /** A spectrum is of so much at most (ours). */
    private static final double WINDOW_S = 0.025;

    /** Below so much under the loudest, nothing is told (ours). */
    private static final double RANGE_DB = 50;

    private Likeness() {}

    /**
     * Levels of each 10 ms in dB, band by band.
     *
     * @param sound one channel
     */
    static float[][] frames(float[] sound, int from, int to, int sampleRateHz) {
        int hop = sampleRateHz / FRAMES_PER_SECOND;
        PowerSpectrum spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(WINDOW_S, sampleRateHz), sampleRateHz);
        int length = spectrum.length();
        int count = Math.max(0, (Math.min(to, sound.length) - from - length) / hop + 1);
        int[] edges = edges(spectrum.binHz(), length / 2);
        float[][] rows = new float[count][BANDS];
        double most = 0;
        double[][] powers = new double[count][BANDS];
        for (int i = 0; i < count; i++) {
            spectrum.clear();
            spectrum.add(sound, from + i * hop);
            for (int b = 0; b < BANDS; b++) {
                powers[i][b] = spectrum.latest(edges[b], Math.max(edges[b] + 1, edges[b + 1]));
                most = Math.max(most, powers[i][b]);
            }
        }
        double least = Math.max(most * Decibels.toPower(-RANGE_DB), Double.MIN_NORMAL);
        for (int i = 0; i < count; i++) {
            for (int b = 0; b < BANDS; b++) {
                rows[i][b] = (float) Decibels.levelOfPower(Math.max(least, powers[i][b]));
            }
        }
        return rows;
    }

    private static int[] edges(double binHz, int bins) {
        int[] edges = new int[BANDS + 1];
        for (int b = 0; b <= BANDS; b++) {
            double mel = mel(LOWEST_HZ) + (mel(HIGHEST_HZ) - mel(LOWEST_HZ)) * b / BANDS;
            edges[b] = Math.min(bins - 1, (int) Math.round(hz(mel) / binHz));
        }
        return edges;
    }

    /** The scale of O'Shaughnessy, 1987, from memory. */
    private static double mel(double hz) {
        return 1127 * Math.log1p(hz / 700);
    }

    private static double hz(double mel) {
        return 700 * Math.expm1(mel / 1127);
    }

    /**
     * How far apart two rows are at best, in dB a frame and band: the whole of the first, against the second from its beginning up to
     * wherever it fits.
     *
     * @return infinite where the second is too short
     */
    static double distanceDb(float[][] one, float[][] other) {
        int n = one.length;
        int m = other.length;
        if (n == 0 || m < n / 2) {
            return Double.POSITIVE_INFINITY;
        }
        float[][] a = levelled(one, n);
        float[][] b = levelled(other, Math.min(m, n));
        double[] before = new double[m + 1];
        double[] now = new double[m + 1];
        Arrays.fill(before, Double.POSITIVE_INFINITY);
        before[0] = 0;
        for (int i = 1; i <= n; i++) {
            Arrays.fill(now, Double.POSITIVE_INFINITY);
            int from = Math.max(1, i / 2);
            int to = Math.min(m, 2 * i + 10);
            for (int j = from; j <= to; j++) {
                double best = Math.min(before[j - 1], Math.min(before[j], now[j - 1]));
                now[j] = best + apart(a[i - 1], b[j - 1]);
            }
            double[] swap = before;
            before = now;
            now = swap;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int j = n / 2; j <= m; j++) {
            least = Math.min(least, before[j] / (n + j) * 2);
        }
        return least;
    }

    /** Each band less its mean: another place before the microphone is no other word. */
    private static float[][] levelled(float[][] rows, int over) {
        float[] mean = new float[BANDS];
        for (int i = 0; i < over; i++) {
            for (int b = 0; b < BANDS; b++) {
                mean[b] += rows[i][b] / over;
            }
        }
        float[][] less = new float[rows.length][BANDS];
        for (int i = 0; i < rows.length; i++) {
            for (int b = 0; b < BANDS; b++) {
                less[i][b] = rows[i][b] - mean[b];
            }
        }
        return less;
    }

    private static double apart(float[] a, float[] b) {
        double sum = 0;
        for (int k = 0; k < BANDS; k++) {
            sum += Math.abs(a[k] - b[k]);
        }
        return sum / BANDS;
    }
}
