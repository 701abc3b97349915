package app.redlamp.core.measure.voice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds runs of exactly equal samples of at least 1 ms (and 32 samples) in one channel: what a driver leaves where it lost a buffer.
 * Whether a run breaks into sound, and so is a dropout, is decided afterwards.
 */
public final class DropoutMeter {
    /** A shorter hole is a zero crossing (ours). */
    private static final double SHORTEST_S = 0.001;

    /** More holes are no holes but silence (ours). */
    private static final int MOST = 20_000;

    /** Samples between two looks (ours). */
    private static final int STRIDE = 16;

    /** What stays up here is cut off, not lost (ours). */
    private static final float FULL_SCALE = 0.99f;

    /** What stays at one level again and again was cut off there, before it was turned down: from so many runs on (ours) ... */
    private static final int CUT_OFF = 3;

    /** ... where that level is no offset of silence (ours). */
    private static final float OFFSET = 0.02f;

    private final int sampleRateHz;
    private final int shortest;
    private final List<Run> runs = new ArrayList<>();
    private float last = Float.NaN;
    private int length;
    private long position;

    /** Equal samples of {@code level} from {@code startS} to {@code endS}. */
    public record Run(double startS, double endS, float level) {}

    public DropoutMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        shortest = Math.max(2 * STRIDE, (int) (SHORTEST_S * sampleRateHz));
    }

    /** Takes the next samples. */
    public void accept(float[] samples, int count) {
        int i = 0;
        while (i < count) {
            if (length < shortest - STRIDE) {
                i = skip(samples, i, count);
            }
            if (i < count) {
                next(samples[i], position + i);
                i++;
            }
        }
        position += count;
    }

    /** Goes on over what holds no run that matters: two samples that differ end every run between them. */
    private int skip(float[] samples, int from, int count) {
        int i = from;
        while (i + STRIDE <= count && samples[i] != samples[i + STRIDE - 1]) {
            i += STRIDE;
        }
        if (i > from) {
            last = samples[i - 1];
            length = 1;
            for (int k = i - 2; k >= from && samples[k] == last; k--) {
                length++;
            }
        }
        return i;
    }

    private void next(float x, long at) {
        if (x == last) {
            length++;
            return;
        }
        if (length >= shortest && Math.abs(last) < FULL_SCALE && runs.size() < MOST) {
            runs.add(new Run((double) (at - length) / sampleRateHz, (double) at / sampleRateHz, last));
        }
        length = 1;
        last = x;
    }

    /** The runs that have ended so far, in the order of time, without the crests that were cut off. */
    public List<Run> runs() {
        Map<Float, Integer> times = new HashMap<>();
        runs.forEach(r -> times.merge(r.level(), 1, Integer::sum));
        return runs.stream()
                .filter(r -> Math.abs(r.level()) < OFFSET || times.get(r.level()) < CUT_OFF)
                .toList();
    }
}
