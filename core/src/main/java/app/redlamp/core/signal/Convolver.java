package app.redlamp.core.signal;

import java.util.Arrays;
import java.util.List;

/**
 * Runs samples through an impulse response of any length, block by block, by overlap-save with a response cut into parts of one
 * block each. Source: T. G. Stockham, AFIPS Spring Joint Computer Conference, 1966; parts of one length are common practice.
 * Another response is faded in over one block.
 */
public final class Convolver {
    private final int block;
    private final Fourier transform;
    private final float[] window;
    private final float[] work;
    private final Spectrum sum;
    private final float[] faded;
    private Spectrum[] past = new Spectrum[0];
    private Spectrum[] response;
    private Spectrum[] next;
    private int newest;
    private boolean silentBefore = true;
    /** Whether another response is faded in with this block. */
    private boolean fading;

    /**
     * Bins 0 to n/2, real and imaginary parts in rows of their own: so the compiler multiplies several at once, which halves the
     * time of a long response.
     */
    private static final class Spectrum {
        private final float[] real;
        private final float[] imaginary;
        private boolean silent = true;

        Spectrum(int block) {
            real = new float[block + 1];
            imaginary = new float[block + 1];
        }

        void clear() {
            Arrays.fill(real, 0);
            Arrays.fill(imaginary, 0);
            silent = true;
        }

        /** From the order of {@link Fourier}. */
        void from(float[] bins) {
            silent = false;
            int last = real.length - 1;
            real[0] = bins[0];
            real[last] = bins[1];
            for (int k = 1; k < last; k++) {
                real[k] = bins[2 * k];
                imaginary[k] = bins[2 * k + 1];
            }
        }

        void into(float[] bins) {
            int last = real.length - 1;
            bins[0] = real[0];
            bins[1] = real[last];
            for (int k = 1; k < last; k++) {
                bins[2 * k] = real[k];
                bins[2 * k + 1] = imaginary[k];
            }
        }

        void addProduct(Spectrum a, Spectrum b) {
            silent = false;
            addProduct(a.real, a.imaginary, b.real, b.imaginary, real, imaginary);
        }

        /** In one loop: each bin is fetched once, and a compiler that multiplies several at once does so here too. */
        private static void addProduct(float[] ar, float[] ai, float[] br, float[] bi, float[] sr, float[] si) {
            for (int k = 0; k < sr.length; k++) {
                float a = ar[k];
                float b = ai[k];
                float c = br[k];
                float d = bi[k];
                sr[k] += a * c - b * d;
                si[k] += a * d + b * c;
            }
        }
    }

    /**
     * @param block samples a block, a power of two
     * @param response what comes out of a single sample of 1
     */
    public Convolver(int block, float[] response) {
        this.block = block;
        transform = new Fourier(2 * block);
        window = new float[2 * block];
        work = new float[2 * block];
        sum = new Spectrum(block);
        faded = new float[block];
        this.response = parts(response);
        keep(this.response.length);
    }

    /** From the next block on, another response. */
    public void set(float[] other) {
        next = parts(other);
        keep(next.length);
    }

    /** Adds what comes out of the next block of samples to {@code out}. */
    public void add(float[] samples, float[] out) {
        take(samples);
        if (fading) {
            fade(out);
            return;
        }
        sum.clear();
        sum(response, sum);
        addBack(out);
    }

    /**
     * The same for several of one block length, each with samples of its own: there is one way back for all, because a sum of spectra
     * is the spectrum of the sum.
     */
    public static void addAll(List<Convolver> all, List<float[]> samples, float[] out) {
        for (int i = 0; i < all.size(); i++) {
            all.get(i).take(samples.get(i));
            if (all.get(i).fading) {
                all.get(i).fade(out);
            }
        }
        Convolver first = all.get(0);
        first.sum.clear();
        for (Convolver one : all) {
            if (!one.fading) {
                one.sum(one.response, first.sum);
            }
        }
        first.addBack(out);
    }

    private void take(float[] samples) {
        System.arraycopy(window, block, window, 0, block);
        System.arraycopy(samples, 0, window, block, block);
        newest = (newest + past.length - 1) % past.length;
        boolean silent = silent(samples);
        if (silent && silentBefore) {
            // Whoever says nothing is not transformed.
            past[newest].silent = true;
        } else {
            System.arraycopy(window, 0, work, 0, 2 * block);
            transform.forward(work);
            past[newest].from(work);
        }
        silentBefore = silent;
        fading = next != null;
    }

    /** From one response into the next. */
    private void fade(float[] out) {
        sum.clear();
        sum(response, sum);
        back();
        System.arraycopy(work, block, faded, 0, block);
        sum.clear();
        sum(next, sum);
        back();
        for (int n = 0; n < block; n++) {
            float share = (n + 0.5f) / block;
            out[n] += faded[n] + share * (work[block + n] - faded[n]);
        }
        response = next;
        next = null;
    }

    private void sum(Spectrum[] parts, Spectrum into) {
        for (int p = 0; p < parts.length; p++) {
            Spectrum then = past[(newest + p) % past.length];
            if (!then.silent) {
                into.addProduct(then, parts[p]);
            }
        }
    }

    private void addBack(float[] out) {
        back();
        for (int n = 0; n < block; n++) {
            out[n] += work[block + n];
        }
    }

    /** Leaves what comes out of the sum in the second half of the work. */
    private void back() {
        sum.into(work);
        if (!sum.silent) {
            transform.inverseTimesHalf(work);
        }
    }

    private static boolean silent(float[] samples) {
        for (float sample : samples) {
            if (sample != 0) {
                return false;
            }
        }
        return true;
    }

    private Spectrum[] parts(float[] whole) {
        int count = Math.max(1, (whole.length + block - 1) / block);
        Spectrum[] parts = new Spectrum[count];
        float[] part = new float[2 * block];
        for (int p = 0; p < count; p++) {
            int from = p * block;
            Arrays.fill(part, 0);
            System.arraycopy(whole, from, part, 0, Math.max(0, Math.min(block, whole.length - from)));
            // The way back gives half its length times as much; here it is taken off once and not in every block.
            for (int n = 0; n < block; n++) {
                part[n] /= block;
            }
            transform.forward(part);
            parts[p] = new Spectrum(block);
            parts[p].from(part);
        }
        return parts;
    }

    /** Remembers as many blocks as a response has parts; what is remembered stays. */
    private void keep(int count) {
        if (past.length < count) {
            Spectrum[] longer = new Spectrum[count];
            for (int p = 0; p < count; p++) {
                longer[p] = p < past.length ? past[(newest + p) % past.length] : new Spectrum(block);
            }
            past = longer;
            newest = 0;
        }
    }

    /** A whole row of samples through a response, as long as the row. */
    public static float[] of(float[] samples, float[] response) {
        int size = Math.max(256, Integer.highestOneBit(Math.max(1, response.length - 1)) * 2);
        Convolver convolver = new Convolver(size, response);
        float[] out = new float[samples.length];
        float[] in = new float[size];
        float[] part = new float[size];
        for (int at = 0; at < samples.length; at += size) {
            int count = Math.min(size, samples.length - at);
            Arrays.fill(in, 0);
            Arrays.fill(part, 0);
            System.arraycopy(samples, at, in, 0, count);
            convolver.add(in, part);
            System.arraycopy(part, 0, out, at, count);
        }
        return out;
    }
}
