package app.redlamp.core.loudness;

import app.redlamp.core.signal.PeakInterpolator;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * True peak over all channels in dBTP: the largest magnitude of the oversampled waveform.
 *
 * <p>Source: ITU-R BS.1770-5 annex 2, by {@link PeakInterpolator}. Stretches in which no interpolated point can exceed
 * the maximum found so far are skipped; this is exact, because the interpolator's gain is bounded.
 */
public final class TruePeakMeter implements SampleSink {
    private static final int BEFORE = PeakInterpolator.LOOK_AHEAD - 1;
    private static final int AFTER = PeakInterpolator.LOOK_AHEAD;
    private static final int STRETCH = 32;
    private static final int CHUNK = 64 * STRETCH;

    private final PeakInterpolator interpolator;
    /** For each channel the samples still needed, oldest first: BEFORE old ones, then those not yet examined. */
    private final float[][] pending;

    private int filled = BEFORE;
    private float peak;

    public TruePeakMeter(int sampleRateHz, int channels) {
        interpolator = new PeakInterpolator(sampleRateHz);
        pending = new float[channels][BEFORE + CHUNK + AFTER];
    }

    @Override
    public void accept(float[][] block, int frames) {
        int done = 0;
        while (done < frames) {
            int count = Math.min(frames - done, pending[0].length - filled);
            for (int c = 0; c < pending.length; c++) {
                System.arraycopy(block[c], done, pending[c], filled, count);
            }
            filled += count;
            done += count;
            if (filled == pending[0].length) {
                examine();
            }
        }
    }

    /** True peak of everything accepted so far, the very end included; absent for digital silence. */
    public OptionalDouble truePeakDbtp() {
        int count = filled - BEFORE;
        float best = peak;
        for (float[] samples : pending) {
            float[] flushed = new float[filled + AFTER];
            System.arraycopy(samples, 0, flushed, 0, filled);
            best = search(flushed, BEFORE, BEFORE + count, best);
        }
        return Decibels.ofAmplitude(best);
    }

    private void examine() {
        int end = filled - AFTER;
        for (float[] samples : pending) {
            peak = search(samples, BEFORE, end, peak);
            System.arraycopy(samples, end - BEFORE, samples, 0, filled - end + BEFORE);
        }
        filled = filled - end + BEFORE;
    }

    private float search(float[] samples, int from, int to, float found) {
        float best = found;
        for (int start = from; start < to; start += STRETCH) {
            int end = Math.min(to, start + STRETCH);
            float largest = 0;
            for (int i = start - BEFORE; i < end + AFTER; i++) {
                largest = Math.max(largest, Math.abs(samples[i]));
            }
            if (largest * interpolator.bound() > best) {
                for (int i = start; i < end; i++) {
                    best = Math.max(best, interpolator.peakFrom(samples, i));
                }
            }
        }
        return best;
    }
}
