package app.redlamp.core.measure.disturbance;

import java.util.Arrays;

/**
 * Moments that stand out from what is around them.
 *
 * @param count how many
 * @param gapMs median time from one to the next; 0 with fewer than two
 * @param spread how much these times differ: their standard deviation over their mean
 */
record Pulses(int count, double gapMs, double spread) {

    /** From their times in milliseconds, in order. */
    static Pulses of(double... timesMs) {
        double[] gaps = new double[Math.max(0, timesMs.length - 1)];
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = timesMs[i + 1] - timesMs[i];
            sum += gaps[i];
            squares += gaps[i] * gaps[i];
        }
        if (gaps.length == 0) {
            return new Pulses(timesMs.length, 0, 0);
        }
        double mean = sum / gaps.length;
        double spread = Math.sqrt(Math.max(0, squares / gaps.length - mean * mean)) / mean;
        Arrays.sort(gaps);
        double median = (gaps[gaps.length / 2] + gaps[(gaps.length - 1) / 2]) / 2;
        return new Pulses(timesMs.length, median, spread);
    }
}
