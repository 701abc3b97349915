package app.redlamp.core.signal;

import java.util.Arrays;
import java.util.List;

/** What a share of values does not reach: the value at {@code floor(share · count)} of them in their order. */
public final class Quantile {
    /** Half of them (by definition). */
    private static final double HALF = 0.5;

    private Quantile() {}

    /**
     * @param values not changed; at least one
     * @param share 0 to below 1
     */
    public static double of(double[] values, double share) {
        double[] sorted = values.clone();
        return ofFirst(sorted, sorted.length, share);
    }

    /** Of single precision. */
    public static float of(float[] values, double share) {
        float[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) (share * sorted.length)];
    }

    /** Of a list. */
    public static double of(List<Double> values, double share) {
        return of(values.stream().mapToDouble(Double::doubleValue).toArray(), share);
    }

    /** Of the first values of a row, which puts them in their order: for whoever must not allocate. */
    public static double ofFirst(double[] values, int count, double share) {
        Arrays.sort(values, 0, count);
        return values[(int) (share * count)];
    }

    /** The one in the middle; of an even number the upper of the two. */
    public static double median(double[] values) {
        return of(values, HALF);
    }

    /** Of single precision. */
    public static float median(float[] values) {
        return of(values, HALF);
    }

    /** Of a list. */
    public static double median(List<Double> values) {
        return of(values, HALF);
    }
}
