package app.redlamp.core.measure.analysis;

import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * A made-up reader for tests: vowels of three resonances over glottal pulses, hisses, stops and pauses, all drawn from a
 * seed. Dry: between the words there are zeros, so that the noise that is added is all there is.
 */
public final class Speaker {
    /** First three resonances of some vowels in Hz (Peterson and Barney 1952, from memory, rounded). */
    private static final double[][] VOWELS = {
        {270, 2290, 3010}, {530, 1840, 2480}, {730, 1090, 2440}, {570, 840, 2410}, {300, 870, 2240}, {490, 1350, 1690}
    };

    /** A resonance glides in steps of so many samples. */
    private static final int GLIDE = 32;

    private final int rate;
    private final double pitchHz;
    private final boolean whispered;
    private final SplittableRandom random;
    private final float[] samples;
    private int at;

    private Speaker(int rate, double seconds, double pitchHz, boolean whispered, long seed) {
        this.rate = rate;
        this.pitchHz = pitchHz;
        this.whispered = whispered;
        random = new SplittableRandom(seed);
        samples = new float[(int) (seconds * rate)];
    }

    /** Speech with an RMS of −20 dBFS where there is some; 0.8 s of silence at the start and at least 1.2 s at the end. */
    public static float[] reads(int rate, double seconds, double pitchHz, long seed) {
        return new Speaker(rate, seconds, pitchHz, false, seed).read();
    }

    /** The same without a voice in it. */
    public static float[] whispers(int rate, double seconds, long seed) {
        return new Speaker(rate, seconds, 0, true, seed).read();
    }

    private float[] read() {
        at = (int) (0.8 * rate);
        int end = samples.length - (int) (1.6 * rate);
        while (at < end) {
            int syllables = random.nextInt(5, 13);
            for (int s = 0; s < syllables && at < end; s++) {
                consonant();
                vowel(1 - 0.03 * s);
                if (random.nextInt(3) == 0) {
                    rest(0.03, 0.12);
                }
            }
            rest(0.4, 1.1);
        }
        double sum = 0;
        int count = 0;
        for (float x : samples) {
            sum += x * x;
            count += x == 0 ? 0 : 1;
        }
        float gain = (float) (0.1 / Math.sqrt(sum / count));
        for (int i = 0; i < samples.length; i++) {
            samples[i] *= gain;
        }
        return samples;
    }

    private void rest(double least, double most) {
        at += (int) (random.nextDouble(least, most) * rate);
    }

    private void consonant() {
        switch (random.nextInt(4)) {
            case 0 -> {
                rest(0.04, 0.08);
                noise(0.012, 0.25, 3000);
            }
            case 1 -> noise(random.nextDouble(0.06, 0.14), random.nextDouble(0.05, 0.2), random.nextDouble(4000, 7000));
            case 2 -> rest(0.03, 0.06);
            default -> {}
        }
    }

    /** A hiss around a frequency. */
    private void noise(double seconds, double level, double hz) {
        int length = Math.min((int) (seconds * rate), samples.length - at);
        double[] state = new double[2];
        Resonance hiss = Resonance.of(Math.min(hz, 0.4 * rate), 1500, rate);
        for (int i = 0; i < length; i++) {
            double shape = Math.sin(Math.PI * (i + 0.5) / length);
            samples[at + i] += (float) (level * shape * hiss.step(state, random.nextDouble(-1, 1)));
        }
        at += length;
    }

    private void vowel(double effort) {
        double[] formants = VOWELS[random.nextInt(VOWELS.length)];
        double[] next = VOWELS[random.nextInt(VOWELS.length)];
        int length = Math.min((int) (random.nextDouble(0.09, 0.24) * rate), samples.length - at);
        double[][] states = new double[3][2];
        double level = effort * random.nextDouble(0.5, 1);
        double pitch = pitchHz * effort * random.nextDouble(0.9, 1.15);
        double phase = 0;
        Resonance[] resonances = new Resonance[3];
        for (int i = 0; i < length; i++) {
            double time = (double) i / length;
            for (int f = 0; f < 3 && i % GLIDE == 0; f++) {
                double hz = formants[f] + time * (next[f] - formants[f]) * 0.6;
                resonances[f] = Resonance.of(hz, 60 + 40 * f, rate);
            }
            phase += pitch * (1 - 0.1 * time) / rate;
            double source = whispered ? random.nextDouble(-1, 1) : (phase >= 1 ? 20 : 0) - 20 * pitch / rate;
            phase -= Math.floor(phase);
            double shape = Math.min(1, Math.min(i / (0.015 * rate), (length - i) / (0.05 * rate)));
            double sum = 0;
            for (int f = 0; f < 3; f++) {
                sum += resonances[f].step(states[f], source) / (1 + f);
            }
            samples[at + i] += (float) (level * shape * sum);
        }
        at += length;
    }

    /** A two-pole resonance of about unit gain: y = gain · x + turn · y₁ − keep · y₂. */
    private record Resonance(double gain, double turn, double keep) {
        static Resonance of(double hz, double widthHz, int rate) {
            double r = Math.exp(-Math.PI * widthHz / rate);
            return new Resonance(1 - r, 2 * r * Math.cos(2 * Math.PI * hz / rate), r * r);
        }

        double step(double[] state, double x) {
            double y = gain * x + turn * state[0] - keep * state[1];
            state[1] = state[0];
            state[0] = y;
            return y;
        }
    }

    /** Noise of a fan: white, with most of its power below 400 Hz, at an RMS in dBFS. */
    public static float[] fan(int rate, double seconds, double rmsDbfs, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        float[] noise = new float[(int) (seconds * rate)];
        double low = 0;
        double share = 1 - Math.exp(-2 * Math.PI * 400 / rate);
        for (int i = 0; i < noise.length; i++) {
            double white = random.nextGaussian();
            low += share * (white - low);
            noise[i] = (float) (low + 0.02 * white);
        }
        double gain = Math.pow(10, (rmsDbfs - Signals.rmsDbfs(noise)) / 20);
        for (int i = 0; i < noise.length; i++) {
            noise[i] *= (float) gain;
        }
        return noise;
    }

    /** The part of a sound between two moments, with zeros around it. */
    public static float[] between(float[] sound, double fromS, double toS, int rate) {
        float[] part = new float[sound.length];
        int from = (int) (fromS * rate);
        int to = Math.min(sound.length, (int) (toS * rate));
        System.arraycopy(sound, from, part, from, to - from);
        return part;
    }

    /** A copy that is louder by so many decibels. */
    public static float[] louder(float[] sound, double db) {
        float[] copy = Arrays.copyOf(sound, sound.length);
        for (int i = 0; i < copy.length; i++) {
            copy[i] *= (float) Math.pow(10, db / 20);
        }
        return copy;
    }
}
