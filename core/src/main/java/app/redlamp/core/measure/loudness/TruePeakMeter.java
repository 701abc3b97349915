package app.redlamp.core.measure.loudness;

import app.redlamp.core.signal.PeakInterpolator;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * True peak of one channel in dBTP: the largest magnitude of the oversampled waveform.
 *
 * <p>Source: ITU-R BS.1770-5 annex 2, by {@link PeakInterpolator}. Stretches in which no interpolated point can exceed
 * the maximum found so far are skipped; this is exact, because the interpolator's gain is bounded.
 */
public final class TruePeakMeter {
    /** Samples whose peak is bounded together (ours). */
    private static final int STRETCH = 128;

    /** Samples kept before a stretch (ours). */
    private static final int BEFORE = STRETCH;

    /** Samples kept after it (ours). */
    private static final int AFTER = STRETCH;

    /** Samples taken at a time (ours). */
    private static final int CHUNK = 32 * STRETCH;

    private final PeakInterpolator interpolator;
    /** The samples still needed, oldest first: BEFORE old ones, then those not yet examined. */
    private final float[] pending = new float[BEFORE + CHUNK + AFTER];

    private final float[] points = new float[STRETCH];
    private int filled = BEFORE;
    private float peak;
    private float samplePeak;

    public TruePeakMeter(int sampleRateHz) {
        interpolator = new PeakInterpolator(sampleRateHz);
    }

    /** Takes the next samples. */
    public void accept(float[] samples, int count) {
        int done = 0;
        while (done < count) {
            int more = Math.min(count - done, pending.length - filled);
            System.arraycopy(samples, done, pending, filled, more);
            filled += more;
            done += more;
            if (filled == pending.length) {
                peak = search(pending, CHUNK, peak);
                System.arraycopy(pending, CHUNK, pending, 0, BEFORE + AFTER);
                filled = BEFORE + AFTER;
            }
        }
    }

    /** True peak of everything accepted so far, the very end included; absent for digital silence. */
    public OptionalDouble truePeakDbtp() {
        int stretches = (filled - BEFORE + STRETCH - 1) / STRETCH;
        float[] flushed = new float[BEFORE + stretches * STRETCH + AFTER];
        System.arraycopy(pending, 0, flushed, 0, filled);
        return Decibels.ofAmplitude(search(flushed, stretches * STRETCH, peak));
    }

    /** Largest sample in dBFS; absent for digital silence. */
    public OptionalDouble samplePeakDbfs() {
        float largest = samplePeak;
        for (int start = BEFORE; start < filled; start += STRETCH) {
            largest = Math.max(largest, largest(pending, start, Math.min(filled, start + STRETCH)));
        }
        return Decibels.ofAmplitude(largest);
    }

    private float search(float[] samples, int count, float found) {
        float best = found;
        float enough = (float) (best / interpolator.bound());
        boolean before = exceeds(samples, 0, BEFORE, enough);
        boolean here = exceeds(samples, BEFORE, BEFORE + STRETCH, enough);
        for (int start = BEFORE; start < BEFORE + count; start += STRETCH) {
            boolean after = exceeds(samples, start + STRETCH, start + 2 * STRETCH, enough);
            if (before || here || after) {
                best = Math.max(best, look(samples, start, best));
                enough = (float) (best / interpolator.bound());
            }
            before = here;
            here = after;
        }
        return best;
    }

    /** Looks closely at a stretch that may hold a new maximum. */
    private float look(float[] samples, int start, float found) {
        float here = largest(samples, start, start + STRETCH);
        float around = Math.max(
                here,
                Math.max(
                        largest(samples, start - STRETCH, start),
                        largest(samples, start + STRETCH, start + 2 * STRETCH)));
        samplePeak = Math.max(samplePeak, here);
        float best = Math.max(found, here);
        float ends = Math.max(here, Math.abs(samples[start + STRETCH]));
        if (around * interpolator.bound() > best && interpolator.bound(samples, start, STRETCH, around, ends) > best) {
            Arrays.fill(points, 0);
            interpolator.raise(samples, start, points, 0, STRETCH);
            for (float point : points) {
                best = Math.max(best, point);
            }
        }
        return best;
    }

    /** Whether any magnitude is above a limit; most of the time this is all that need be asked. */
    private static boolean exceeds(float[] samples, int from, int to, float limit) {
        for (int i = from; i < to; i++) {
            if (Math.abs(samples[i]) > limit) {
                return true;
            }
        }
        return false;
    }

    private static float largest(float[] samples, int from, int to) {
        float even = 0;
        float odd = 0;
        int i = from;
        for (; i + 1 < to; i += 2) {
            float first = Math.abs(samples[i]);
            float second = Math.abs(samples[i + 1]);
            if (first > even) {
                even = first;
            }
            if (second > odd) {
                odd = second;
            }
        }
        if (i < to) {
            even = Math.max(even, Math.abs(samples[i]));
        }
        return Math.max(even, odd);
    }
}
