package app.redlamp.core.signal;

import java.io.IOException;
import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;

/** Synthesised test signals, slow and obvious. */
public final class Signals {
    private Signals() {}

    /** Sine with a peak level in dBFS. */
    public static float[] sine(double frequencyHz, double peakDbfs, double seconds, int rate) {
        return sine(frequencyHz, Math.pow(10, peakDbfs / 20), 0, seconds, rate);
    }

    /** Sine with an amplitude and a starting phase in degrees. */
    public static float[] sine(double frequencyHz, double amplitude, double degrees, double seconds, int rate) {
        return of(
                (int) Math.round(seconds * rate),
                n -> amplitude * Math.sin(2 * Math.PI * frequencyHz * n / rate + Math.toRadians(degrees)));
    }

    /** White noise, evenly spread, with an RMS in dBFS. */
    public static float[] noise(double rmsDbfs, double seconds, int rate, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double peak = Math.pow(10, rmsDbfs / 20) * Math.sqrt(3);
        return of((int) Math.round(seconds * rate), n -> (random.nextDouble() * 2 - 1) * peak);
    }

    public static float[] silence(double seconds, int rate) {
        return new float[(int) Math.round(seconds * rate)];
    }

    public static float[] of(int frames, IntToDoubleFunction sample) {
        float[] samples = new float[frames];
        for (int n = 0; n < frames; n++) {
            samples[n] = (float) sample.applyAsDouble(n);
        }
        return samples;
    }

    public static float[] join(float[]... parts) {
        int length = 0;
        for (float[] part : parts) {
            length += part.length;
        }
        float[] joined = new float[length];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, joined, at, part.length);
            at += part.length;
        }
        return joined;
    }

    public static float[] add(float[] a, float[] b) {
        return of(a.length, n -> a[n] + b[n]);
    }

    /** RMS in dBFS, by definition. */
    public static double rmsDbfs(float[] samples) {
        double sum = 0;
        for (float x : samples) {
            sum += (double) x * x;
        }
        return 10 * Math.log10(sum / samples.length);
    }

    public static AudioSource source(int rate, float[]... channels) {
        return new ArraySource(rate, channels);
    }

    /** Reads a source to its end in blocks of a size. */
    public static float[][] readAll(AudioSource source, int block) throws IOException {
        float[][] all = new float[source.channels()][block];
        float[][] buffer = new float[source.channels()][block];
        int length = 0;
        for (int n = source.read(buffer, block); n > 0; n = source.read(buffer, block)) {
            for (int c = 0; c < all.length; c++) {
                if (length + n > all[c].length) {
                    all[c] = Arrays.copyOf(all[c], 2 * all[c].length + n);
                }
                System.arraycopy(buffer[c], 0, all[c], length, n);
            }
            length += n;
        }
        for (int c = 0; c < all.length; c++) {
            all[c] = Arrays.copyOf(all[c], length);
        }
        return all;
    }

    private static final class ArraySource implements AudioSource {
        private final int rate;
        private final float[][] samples;
        private int at;

        ArraySource(int rate, float[][] samples) {
            this.rate = rate;
            this.samples = samples;
        }

        @Override
        public int sampleRateHz() {
            return rate;
        }

        @Override
        public int channels() {
            return samples.length;
        }

        @Override
        public long expectedFrames() {
            return samples[0].length;
        }

        @Override
        public int read(float[][] block, int frames) {
            int count = Math.min(frames, samples[0].length - at);
            for (int c = 0; c < samples.length; c++) {
                System.arraycopy(samples[c], at, block[c], 0, count);
            }
            at += count;
            return count;
        }

        @Override
        public void close() {}
    }
}
