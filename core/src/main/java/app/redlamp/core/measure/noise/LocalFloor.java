package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Quantile;
import java.util.Arrays;
import java.util.BitSet;

/**
 * The level below which a recording does not fall around each moment: noise that comes, stays for a while and goes lifts it,
 * a soft sentence between two pauses does not.
 *
 * <p>How it is told is ours: the least of the levels of 200 ms is looked for in the 6 s before a moment and in the 6 s
 * after it, and the greater of the two counts, so that it steps up and down where the noise does.
 */
public final class LocalFloor {
    /** Frames of the stretch by which quiet is told (ours). */
    private static final int QUIET_WINDOW = 20;

    /** Frames to either side: nobody speaks so long without a breath (ours). */
    private static final int REACH = 600;

    /** Frames that a side must have to say something: near the ends of a recording it has fewer (ours). */
    private static final int LEAST_REACH = 300;

    /** The quietest part gives the floor of the whole (ours). */
    private static final double QUIET_SHARE = 0.03;

    private final float[] floor;
    private final double quietest;

    /**
     * @param energy mean square of each 10 ms
     * @param silent frames of digital silence, which count nowhere
     * @param fallback what is told where no stretch of 200 ms is free of silence
     */
    public LocalFloor(float[] energy, BitSet silent, double fallback) {
        float[] means = means(energy, silent);
        quietest = quietest(means, fallback);
        float[] after = leastAhead(means, (float) quietest);
        float[] turned = turned(means);
        float[] before = turned(leastAhead(turned, (float) quietest));
        floor = new float[energy.length];
        for (int i = 0; i < floor.length; i++) {
            boolean told = i >= LEAST_REACH || i < floor.length - LEAST_REACH;
            floor[i] = told
                    ? Math.max(i >= LEAST_REACH ? before[i] : 0, i < floor.length - LEAST_REACH ? after[i] : 0)
                    : (float) quietest;
        }
    }

    /** Mean square around a frame. */
    public double at(int frame) {
        return floor[frame];
    }

    /** Mean square that 3 % of the whole stay below. */
    double quietest() {
        return quietest;
    }

    /** Mean square of the 200 ms around each frame; infinite where some of it is silent or beyond the ends. */
    private static float[] means(float[] energy, BitSet silent) {
        float[] means = new float[energy.length];
        Arrays.fill(means, Float.POSITIVE_INFINITY);
        double sum = 0;
        int length = 0;
        for (int i = 0; i < energy.length; i++) {
            if (silent.get(i)) {
                sum = 0;
                length = 0;
                continue;
            }
            sum += energy[i];
            length++;
            if (length > QUIET_WINDOW) {
                sum -= energy[i - QUIET_WINDOW];
                length--;
            }
            if (length == QUIET_WINDOW) {
                means[i - QUIET_WINDOW / 2] = (float) Math.max(sum / QUIET_WINDOW, Float.MIN_NORMAL);
            }
        }
        return means;
    }

    private static double quietest(float[] means, double fallback) {
        float[] finite = new float[means.length];
        int count = 0;
        for (float mean : means) {
            if (Float.isFinite(mean)) {
                finite[count++] = mean;
            }
        }
        return count == 0 ? fallback : Quantile.of(Arrays.copyOf(finite, count), QUIET_SHARE);
    }

    /** The least of each frame and those after it (a queue that only ever rises); {@code none} where all are infinite. */
    private static float[] leastAhead(float[] means, float none) {
        float[] least = new float[means.length];
        int[] queue = new int[means.length];
        int head = 0;
        int tail = 0;
        for (int i = means.length - 1; i >= 0; i--) {
            while (tail > head && means[queue[tail - 1]] >= means[i]) {
                tail--;
            }
            queue[tail++] = i;
            if (queue[head] > i + REACH) {
                head++;
            }
            float value = means[queue[head]];
            least[i] = Float.isFinite(value) ? value : none;
        }
        return least;
    }

    private static float[] turned(float[] values) {
        float[] turned = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            turned[i] = values[values.length - 1 - i];
        }
        return turned;
    }
}
