package app.redlamp.core.setting.monitor;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;

/** The last samples that came in, and their spectrum, anew with every half of them. Allocates nothing once it is made. */
final class Frames {
    private final Fourier transform;
    private final float[] ring;
    private final float[] window;
    private final float[] work;
    private final double[] powers;
    private final double scale;
    private int at;
    private int fresh;

    /** @param seconds length of a frame; the power of two below it is taken */
    Frames(double seconds, int sampleRateHz) {
        int size = Integer.highestOneBit((int) (seconds * sampleRateHz) + 1);
        transform = new Fourier(size);
        ring = new float[size];
        window = Hann.window(size);
        scale = Hann.scale(window);
        work = new float[size];
        powers = new double[size / 2];
    }

    /** Samples of a frame. */
    int size() {
        return ring.length;
    }

    /**
     * Takes a sample; what is no number counts as silence.
     *
     * @return whether half a frame is new, and {@link #powers} worth asking
     */
    boolean add(float sample) {
        ring[at] = Float.isFinite(sample) ? sample : 0;
        at = at + 1 == ring.length ? 0 : at + 1;
        fresh++;
        if (fresh < ring.length / 2) {
            return false;
        }
        fresh = 0;
        return true;
    }

    /** Powers of the last frame, one for each bin; together they are the mean square of the samples. The same row each time. */
    double[] powers() {
        int size = ring.length;
        for (int n = 0; n < size; n++) {
            work[n] = ring[(at + n) % size] * window[n];
        }
        transform.forward(work);
        powers[0] = 0;
        for (int k = 1; k < powers.length; k++) {
            powers[k] = scale * ((double) work[2 * k] * work[2 * k] + (double) work[2 * k + 1] * work[2 * k + 1]);
        }
        return powers;
    }

    /** Turns bins, in the order of {@link Fourier}, back into samples, in place. */
    void back(float[] bins) {
        transform.inverse(bins);
    }
}
