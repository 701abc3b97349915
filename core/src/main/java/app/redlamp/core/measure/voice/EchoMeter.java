package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.Optional;

/**
 * Listens for one echo, by the mean cepstrum: an echo puts a ripple on every spectrum of the voice, always of the same width, while its
 * harmonics move (B. P. Bogert, M. J. R. Healy and J. W. Tukey, The quefrency alanysis of time series for echoes, 1963, from memory). The
 * many reflections of a room make many small ripples, of which none stands out.
 */
public final class EchoMeter {
    /** Several times as long as the longest echo (ours). */
    private static final double LENGTH_S = 1;

    /** Sooner it is a colour of the sound and no echo (common practice, no source). */
    private static final double SOONEST_S = 0.02;

    /** Later, too little of a window holds it (ours). */
    private static final double LATEST_S = 0.25;

    /** Where voices are strong (ours). */
    private static final double LOWEST_HZ = 200;

    /** As above (ours). */
    private static final double HIGHEST_HZ = 6500;

    /** Softer ones are not heard as such (ours). */
    private static final double SOFTEST_DB = -21;

    /** Chance leaves ripples of so many times their median among ten thousand, computed for normal ones (ours). */
    private static final double BY_CHANCE = 6;

    /** So many times as strong ones are an echo (ours). */
    private static final double STANDS_OUT = 12;

    /** Tones of a family are no further apart than twice the mains of 60 Hz, which is 8.3 ms (by definition), less some drift (ours). */
    private static final double SHORTEST_FAMILY_S = 0.0082;

    /** Lags around a part of another that may be it (ours). */
    private static final int NEAR = 2;

    /** What is usual is taken from so much around (ours). */
    private static final double AROUND_S = 0.0125;

    /** Fewer windows tell nothing (ours). */
    private static final int FEWEST_WINDOWS = 3;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING = 1e-20;

    /** The same of amplitudes (ours). */
    private static final double LEAST = 1e-6;

    private final double sampleRateHz;
    private final int length;
    private final int low;
    private final int high;
    private final float[] window;
    private final Fourier transform;
    private final float[] work;
    private final double[] logs;
    private int windows;

    public EchoMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        length = PowerSpectrum.lengthFor(LENGTH_S, sampleRateHz);
        window = Hann.window(length);
        transform = new Fourier(length);
        work = new float[length];
        low = (int) (LOWEST_HZ * length / sampleRateHz);
        high = (int) (Math.min(HIGHEST_HZ, 0.4 * sampleRateHz) * length / sampleRateHz);
        logs = new double[high - low];
    }

    /** Samples that {@link #add} looks at. */
    public int windowSamples() {
        return length;
    }

    /** Windows added so far. */
    public int windows() {
        return windows;
    }

    /** Adds a window of voice. */
    public void add(float[] samples, int from) {
        for (int n = 0; n < length; n++) {
            work[n] = samples[from + n] * window[n];
        }
        transform.forward(work);
        for (int k = low; k < high; k++) {
            double re = work[2 * k];
            double im = work[2 * k + 1];
            logs[k - low] += Math.log(re * re + im * im + NOTHING);
        }
        windows++;
    }

    /** The echo; absent where there is none that is heard. */
    public Optional<Echo> result() {
        if (windows < FEWEST_WINDOWS) {
            return Optional.empty();
        }
        double[] ripples = ripples();
        int first = (int) (SOONEST_S * sampleRateHz);
        int end = (int) (LATEST_S * sampleRateHz);
        int most = first;
        for (int lag = first; lag < end; lag++) {
            most = ripples[lag] > ripples[most] ? lag : most;
        }
        double amplitude = ripples[most] / Hann.overlap((double) most / length);
        double level = Math.min(0, Decibels.levelOfAmplitude(Math.max(LEAST, amplitude)));
        boolean out = ripples[most] > STANDS_OUT * usual(ripples, most) && !isComb(ripples, most);
        return out && level >= SOFTEST_DB ? Optional.of(new Echo(most / sampleRateHz, level)) : Optional.empty();
    }

    /** Whether it is one of many tones of one family, such as the buzz of a dimmer: their ripples have every multiple of a lag. */
    private boolean isComb(double[] ripples, int lag) {
        for (int parts = 2; lag / (parts * sampleRateHz) >= SHORTEST_FAMILY_S; parts++) {
            boolean all = true;
            for (int part = 1; part < parts; part++) {
                int other = highest(ripples, (int) Math.rint((double) lag * part / parts));
                all &= ripples[other] > BY_CHANCE * usual(ripples, other);
            }
            if (all) {
                return true;
            }
        }
        return false;
    }

    private static int highest(double[] ripples, int lag) {
        int highest = lag;
        for (int near = lag - NEAR; near <= lag + NEAR; near++) {
            highest = ripples[near] > ripples[highest] ? near : highest;
        }
        return highest;
    }

    /** By how much the spectrum ripples with each lag, as the amplitude of the echo that would do so. */
    private double[] ripples() {
        double mean = Arrays.stream(logs).average().orElse(0);
        Arrays.fill(work, 0);
        for (int k = low; k < high; k++) {
            float value = (float) ((logs[k - low] - mean) / windows);
            work[k] = value;
            work[length - k] = value;
        }
        transform.forward(work);
        double[] ripples = new double[length / 2];
        for (int lag = 1; lag < ripples.length; lag++) {
            ripples[lag] = Math.abs(work[2 * lag]) / (2.0 * (high - low));
        }
        return ripples;
    }

    private double usual(double[] ripples, int at) {
        int around = (int) (AROUND_S * sampleRateHz);
        double[] near = Arrays.copyOfRange(ripples, Math.max(1, at - around), at + around + 1);
        Arrays.sort(near);
        return near[near.length / 2];
    }
}
