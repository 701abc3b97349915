package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How much a sound repeats itself at the pitch of a voice, 70 to 400 Hz, in the loudest 60 ms of it: 1 for what is voiced, little for
 * noise. What rings repeats itself too, but less.
 *
 * @param mean of the four loudest
 * @param least of the four loudest
 */
record Pitch(double mean, double least) {
    /** A voice lies above (common practice, no source). */
    private static final double LOWEST_HZ = 70;

    /** Its pitch lies below (common practice, no source). */
    private static final double HIGHEST_HZ = 400;

    /** Above, its harmonics are not needed (ours). */
    private static final double BAND_HZ = 1000;

    /** So many samples a second are left (ours). */
    private static final int RATE_HZ = 4000;

    /** Some strokes of the lowest pitch (ours). */
    private static final double WINDOW_S = 0.06;

    /** Windows that are looked at (ours). */
    private static final int WINDOWS = 4;

    /** A window and how loud it is. */
    private record Window(int from, double energy) {}

    static Pitch of(float[] sound, int sampleRateHz) {
        int every = Math.max(1, sampleRateHz / RATE_HZ);
        double[] slow = thinned(sound, every, sampleRateHz);
        double rate = (double) sampleRateHz / every;
        int length = (int) (WINDOW_S * rate);
        List<Window> windows = new ArrayList<>();
        for (int from = 0; from + 2 * length <= slow.length; from += length / 2) {
            windows.add(new Window(from, dot(slow, from, from, length)));
        }
        windows.sort(Comparator.comparingDouble(Window::energy).reversed());
        double sum = 0;
        double least = 1;
        int count = Math.min(WINDOWS, windows.size());
        for (Window window : windows.subList(0, count)) {
            double voiced = voiced(slow, window.from(), length, rate);
            sum += voiced;
            least = Math.min(least, voiced);
        }
        return count == 0 ? new Pitch(0, 0) : new Pitch(sum / count, least);
    }

    private static double voiced(double[] slow, int from, int length, double rate) {
        double own = dot(slow, from, from, length);
        double most = 0;
        for (int lag = (int) (rate / HIGHEST_HZ); lag <= (int) (rate / LOWEST_HZ); lag++) {
            if (from + lag + length <= slow.length) {
                double other = dot(slow, from + lag, from + lag, length);
                double both = dot(slow, from, from + lag, length);
                most = Math.max(most, own > 0 && other > 0 ? both / Math.sqrt(own * other) : 0);
            }
        }
        return most;
    }

    private static double dot(double[] x, int from, int other, int length) {
        double sum = 0;
        for (int n = 0; n < length; n++) {
            sum += x[from + n] * x[other + n];
        }
        return sum;
    }

    private static double[] thinned(float[] sound, int every, int sampleRateHz) {
        BiquadFilter high = new BiquadFilter(Biquad.highPass(LOWEST_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        BiquadFilter low = new BiquadFilter(Biquad.lowPass(BAND_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        double[] band = low.all(high.all(sound));
        double[] thinned = new double[sound.length / every];
        for (int n = 0; n < thinned.length; n++) {
            thinned[n] = band[n * every];
        }
        return thinned;
    }
}
