package app.redlamp.core.delivery.process;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.PeakInterpolator;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Arrays;

/**
 * A look-ahead true-peak limiter: no output exceeds the ceiling, between the samples either, and the gain moves
 * smoothly and for all channels alike.
 *
 * <p>For sample n, with p[n] the larger interpolated magnitude on either side of it and N the look-ahead:
 *
 * <ol>
 *   <li>r[n] = min(1, ceiling / p[n])
 *   <li>m[n] = min(r[n] … r[n+N])
 *   <li>h[n] follows m[n] down at once and up with the release time, so h ≤ m
 *   <li>g[n] = h averaged over the N samples before, by two moving averages; every h in it is at most r[n], so g[n] ≤
 *       r[n]
 * </ol>
 *
 * The delay this needs is taken out again: as many frames come out as went in, in place. What stays 0.1 dB below the
 * ceiling is not changed.
 */
final class LimiterRun extends SourceStep implements Processor.Run {
    /** Long enough to bend a peak without a click (ours). */
    private static final double LOOK_AHEAD_S = 0.005;

    /** Short enough not to pump, long enough not to distort bass (ours). */
    private static final double RELEASE_S = 0.080;

    /** The gain starts this far below the ceiling: what four points a sample may miss of a crest of speech (ours). */
    private static final double UNSEEN_DB = 0.1;

    /** Below is held (ours). */
    private static final double HELD = Decibels.toAmplitude(-Reduction.HELD_DB);

    /** A gain this near to 1 (−120 dB of difference) is 1 (ours). */
    private static final double AT_REST = 1e-6;

    /** +60 dBFS: what is beyond is no sound (ours). */
    private static final float LARGEST = 1000;

    /** Samples taken at a time (ours). */
    private static final int CHUNK = 1024;

    /** Samples whose peak is looked for together (ours). */
    private static final int STRETCH = 32;

    /** Neighbours that the interpolator needs (by definition). */
    private static final int BEFORE = PeakInterpolator.LOOK_AHEAD;

    /** Neighbours that the interpolator needs (by definition). */
    private static final int AFTER = PeakInterpolator.LOOK_AHEAD;

    private final float ceiling;
    private final PeakInterpolator interpolator;
    private final int latency;
    private final SlidingMinimum minimum;
    private final MovingAverage first;
    private final MovingAverage second;
    private final double release;
    private final float[][] buffer;
    private final float[][] chunk;
    private final float[] peaks = new float[CHUNK];
    private final float[][] ready;
    private int readyFrom;
    private int readyTo;
    private float lastPeak;
    private double held = 1;
    private double lowestGain = 1;
    private long turnedFar;
    /** Samples in a row for which nothing was turned down. */
    private long rested;

    private long taken;
    private long arrived;
    private boolean ended;

    LimiterRun(AudioSource source, double ceilingDbtp) {
        super(source);
        ceiling = (float) Decibels.toAmplitude(ceilingDbtp - UNSEEN_DB);
        interpolator = new PeakInterpolator(source.sampleRateHz());
        int lookAhead = lookAhead(source.sampleRateHz());
        latency = latencyFrames(source.sampleRateHz());
        minimum = new SlidingMinimum(lookAhead + 1);
        first = new MovingAverage(lookAhead / 2, 1);
        second = new MovingAverage(lookAhead - lookAhead / 2, 1);
        release = 1 - Math.exp(-1 / (RELEASE_S * source.sampleRateHz()));
        buffer = new float[source.channels()][BEFORE + latency + CHUNK];
        chunk = new float[source.channels()][CHUNK];
        ready = new float[source.channels()][CHUNK];
    }

    private static int lookAhead(int sampleRateHz) {
        return Math.max(4, (int) Math.round(LOOK_AHEAD_S * sampleRateHz));
    }

    static int latencyFrames(int sampleRateHz) {
        return lookAhead(sampleRateHz) + AFTER;
    }

    @Override
    public Reduction reduction() {
        return new Reduction(-Decibels.ofAmplitude(lowestGain).orElse(0), (double) turnedFar / source.sampleRateHz());
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        while (readyFrom == readyTo) {
            if (ended && arrived == taken + latency) {
                return 0;
            }
            advance();
        }
        int count = Math.min(frames, readyTo - readyFrom);
        for (int c = 0; c < ready.length; c++) {
            System.arraycopy(ready[c], readyFrom, block[c], 0, count);
        }
        readyFrom += count;
        return count;
    }

    /** Takes one chunk in (zeros after the end) and puts what has passed the delay into {@code ready}. */
    private void advance() throws IOException {
        int count = ended ? 0 : source.read(chunk, CHUNK);
        if (count == 0) {
            ended = true;
            count = (int) Math.min(CHUNK, taken + latency - arrived);
            for (float[] samples : chunk) {
                Arrays.fill(samples, 0, count, 0);
            }
        } else {
            taken += count;
            clean(count);
        }
        int base = BEFORE + latency;
        for (int c = 0; c < buffer.length; c++) {
            System.arraycopy(chunk[c], 0, buffer[c], base, count);
        }
        findPeaks(base - AFTER, count);
        readyFrom = 0;
        readyTo = 0;
        if (rested > latency && belowCeiling(count)) {
            pass(count);
        } else {
            turnDown(count);
        }
        arrived += count;
        for (float[] samples : buffer) {
            System.arraycopy(samples, count, samples, 0, base);
        }
    }

    /** What is no number would hold the gain down for ever. */
    private void clean(int count) {
        for (float[] samples : chunk) {
            for (int i = 0; i < count; i++) {
                if (!(Math.abs(samples[i]) <= LARGEST)) {
                    samples[i] = 0;
                }
            }
        }
    }

    private boolean belowCeiling(int count) {
        float largest = lastPeak;
        for (int j = 0; j < count; j++) {
            largest = Math.max(largest, peaks[j]);
        }
        return largest <= ceiling;
    }

    /** Nothing to do now and nothing left to do from before: the samples as they are. */
    private void pass(int count) {
        for (int c = 0; c < buffer.length; c++) {
            System.arraycopy(buffer[c], BEFORE, ready[c], 0, count);
        }
        readyTo = count;
        lastPeak = peaks[count - 1];
    }

    private void turnDown(int count) {
        for (int j = 0; j < count; j++) {
            float peak = Math.max(lastPeak, peaks[j]);
            lastPeak = peaks[j];
            double gain = gainFor(peak > ceiling ? ceiling / peak : 1);
            if (arrived + j >= latency) {
                for (int c = 0; c < buffer.length; c++) {
                    ready[c][readyTo] = (float) (buffer[c][BEFORE + j] * gain);
                }
                lowestGain = Math.min(lowestGain, gain);
                turnedFar += gain < HELD ? 1 : 0;
                readyTo++;
            }
            rested = held == 1 && gain == 1 ? rested + 1 : 0;
        }
    }

    private double gainFor(double needed) {
        double low = minimum.next(needed);
        held = low < held ? low : held + (low - held) * release;
        if (low == 1 && held > 1 - AT_REST) {
            held = 1;
        }
        return second.next(first.next(held));
    }

    private void findPeaks(int from, int count) {
        for (int start = 0; start < count; start += STRETCH) {
            int end = Math.min(count, start + STRETCH);
            Arrays.fill(peaks, start, end, 0);
            for (float[] samples : buffer) {
                float largest = 0;
                for (int i = from + start - BEFORE + 1; i < from + end + AFTER; i++) {
                    largest = Math.max(largest, Math.abs(samples[i]));
                }
                if (largest * interpolator.bound() > ceiling
                        && interpolator.bound(samples, from + start, end - start, largest, largest) > ceiling) {
                    interpolator.raise(samples, from + start, peaks, start, end - start);
                }
            }
        }
    }
}
