package app.redlamp.core.signal;

import java.util.Arrays;

/**
 * Runs samples through an impulse response of any length, block by block, by overlap-save with a response cut into parts of one
 * block each. Source: T. G. Stockham, AFIPS Spring Joint Computer Conference, 1966; parts of one length are common practice.
 * Another response is faded in over one block.
 */
public final class Convolver {
    private final int block;
    private final Fourier transform;
    private final float[] window;
    private final float[] sum;
    private final float[] faded;
    private float[][] past = new float[0][];
    private float[][] response;
    private float[][] next;
    private int newest;

    /**
     * @param block samples a block, a power of two
     * @param response what comes out of a single sample of 1
     */
    public Convolver(int block, float[] response) {
        this.block = block;
        transform = new Fourier(2 * block);
        window = new float[2 * block];
        sum = new float[2 * block];
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
        System.arraycopy(window, block, window, 0, block);
        System.arraycopy(samples, 0, window, block, block);
        newest = (newest + past.length - 1) % past.length;
        System.arraycopy(window, 0, past[newest], 0, 2 * block);
        transform.forward(past[newest]);
        convolve(response);
        if (next == null) {
            for (int n = 0; n < block; n++) {
                out[n] += sum[block + n];
            }
            return;
        }
        System.arraycopy(sum, block, faded, 0, block);
        convolve(next);
        for (int n = 0; n < block; n++) {
            float share = (n + 0.5f) / block;
            out[n] += faded[n] + share * (sum[block + n] - faded[n]);
        }
        response = next;
        next = null;
    }

    private void convolve(float[][] parts) {
        Arrays.fill(sum, 0);
        for (int p = 0; p < parts.length; p++) {
            multiply(past[(newest + p) % past.length], parts[p]);
        }
        transform.inverse(sum);
    }

    private void multiply(float[] a, float[] b) {
        sum[0] += a[0] * b[0];
        sum[1] += a[1] * b[1];
        for (int k = 2; k < a.length; k += 2) {
            sum[k] += a[k] * b[k] - a[k + 1] * b[k + 1];
            sum[k + 1] += a[k] * b[k + 1] + a[k + 1] * b[k];
        }
    }

    private float[][] parts(float[] whole) {
        int count = Math.max(1, (whole.length + block - 1) / block);
        float[][] parts = new float[count][2 * block];
        for (int p = 0; p < count; p++) {
            int from = p * block;
            System.arraycopy(whole, from, parts[p], 0, Math.max(0, Math.min(block, whole.length - from)));
            transform.forward(parts[p]);
        }
        return parts;
    }

    /** Remembers as many blocks as a response has parts; what is remembered stays. */
    private void keep(int count) {
        if (past.length < count) {
            float[][] longer = new float[count][2 * block];
            for (int p = 0; p < past.length; p++) {
                longer[p] = past[(newest + p) % past.length];
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
