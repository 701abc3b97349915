package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.Quantile;
import java.util.Arrays;
import java.util.stream.IntStream;

/** The course of a level in short steps, and what stands out in it. */
final class Course {
    /** Steps to each side of a median (ours). */
    private static final int AROUND = 7;

    private final double[] powers;
    private final double stepS;

    private Course(double[] powers, double stepS) {
        this.powers = powers;
        this.stepS = stepS;
    }

    /** Mean squares of steps that last about so many seconds. */
    static Course of(double[] samples, double seconds, int sampleRateHz) {
        int step = Math.max(1, (int) (seconds * sampleRateHz));
        double[] powers = new double[samples.length / step];
        for (int i = 0; i < powers.length; i++) {
            for (int n = i * step; n < (i + 1) * step; n++) {
                powers[i] += samples[n] * samples[n] / step;
            }
        }
        return new Course(powers, (double) step / sampleRateHz);
    }

    int steps() {
        return powers.length;
    }

    double stepS() {
        return stepS;
    }

    double at(int step) {
        return powers[step];
    }

    double most() {
        return Arrays.stream(powers).max().orElse(0);
    }

    double mean() {
        return Arrays.stream(powers).average().orElse(0);
    }

    /** The level that a share of the steps stays below. */
    double quantile(double share) {
        return Quantile.of(powers, share);
    }

    /** The share of the steps that reach a power. */
    double shareAbove(double power) {
        return powers.length == 0
                ? 0
                : (double) Arrays.stream(powers).filter(p -> p > power).count() / powers.length;
    }

    /** The mean of each step and those around it, fewer at the ends. */
    Course smoothed(int before, int after) {
        double[] smooth = new double[powers.length];
        for (int i = 0; i < smooth.length; i++) {
            int from = Math.max(0, i - before);
            int to = Math.min(powers.length, i + after + 1);
            for (int k = from; k < to; k++) {
                smooth[i] += powers[k] / (to - from);
            }
        }
        return new Course(smooth, stepS);
    }

    /** The step with the most power. */
    int loudest() {
        int loudest = 0;
        for (int i = 1; i < powers.length; i++) {
            loudest = powers[i] > powers[loudest] ? i : loudest;
        }
        return loudest;
    }

    /**
     * Steps that are the loudest within {@code near} to each side, so many times the median around them, and no less than a
     * share of the loudest of all.
     */
    Pulses pulses(int near, double overMedian, double ofMost) {
        double least = ofMost * most();
        return Pulses.of(IntStream.range(0, powers.length)
                .filter(i -> powers[i] > least && isLoudest(i, near) && powers[i] > overMedian * median(i))
                .mapToDouble(i -> 1000 * stepS * i)
                .toArray());
    }

    private boolean isLoudest(int step, int near) {
        for (int k = Math.max(0, step - near); k <= Math.min(powers.length - 1, step + near); k++) {
            if (powers[k] > powers[step]) {
                return false;
            }
        }
        return true;
    }

    private double median(int step) {
        int from = Math.max(0, step - AROUND);
        double[] around = Arrays.copyOfRange(powers, from, Math.min(powers.length, step + AROUND + 1));
        Arrays.sort(around);
        return around[around.length / 2];
    }
}
