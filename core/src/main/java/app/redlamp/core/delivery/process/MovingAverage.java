package app.redlamp.core.delivery.process;

import java.util.Arrays;

/** Mean of the last {@code length} values, which start out as a given value. */
final class MovingAverage {
    private final double[] values;
    private int at;
    private double sum;

    MovingAverage(int length, double start) {
        values = new double[length];
        Arrays.fill(values, start);
        sum = start * length;
    }

    double next(double value) {
        sum += value - values[at];
        values[at] = value;
        at++;
        if (at == values.length) {
            at = 0;
            // Adding afresh once a round keeps rounding errors from growing.
            sum = 0;
            for (double each : values) {
                sum += each;
            }
        }
        return sum / values.length;
    }
}
