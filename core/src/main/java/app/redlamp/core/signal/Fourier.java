package app.redlamp.core.signal;

import app.redlamp.core.fault.Faults;
import org.jtransforms.fft.FloatFFT_1D;
import org.jtransforms.utils.CommonUtils;

/**
 * The discrete Fourier transform of real samples, in place. Forward, a row of {@code n} samples becomes: real parts of
 * bins 0 and n/2, then real and imaginary parts of bins 1 to n/2 − 1 in turn, not scaled.
 */
public final class Fourier {
    static {
        // One thread a recording: recordings run side by side already.
        CommonUtils.setThreadsBeginN_1D_FFT_2Threads(Long.MAX_VALUE);
        CommonUtils.setThreadsBeginN_1D_FFT_4Threads(Long.MAX_VALUE);
    }

    private final FloatFFT_1D transform;

    /** @param length samples, a power of two */
    public Fourier(int length) {
        if (Integer.bitCount(length) != 1 || length < 4) {
            throw new IllegalArgumentException(Faults.say("fourier.transform-samples-must", length));
        }
        transform = new FloatFFT_1D(length);
    }

    /** Samples into bins, in place. */
    public void forward(float[] samples) {
        transform.realForward(samples);
    }

    /** The way back, not scaled: half its length times what went forward. */
    public void inverseTimesHalf(float[] bins) {
        transform.realInverse(bins, false);
    }

    /** The way back, scaled so that it gives what went forward. */
    public void inverse(float[] bins) {
        transform.realInverse(bins, true);
    }
}
