package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;
import java.util.stream.DoubleStream;

/** One value for each of the octaves in which rooms are described: 125, 250, 500, 1000, 2000 and 4000 Hz. */
public final class SixBands {
    /** Octaves from 125 Hz to 4 kHz, as absorption is tabled (ISO 354, from memory). */
    public static final int COUNT = 6;

    /** The octave that speaks for a room as a whole (by definition). */
    public static final int MIDDLE = 2;

    /** Centre of the first (IEC 61260-1). */
    private static final double LOWEST_HZ = 125;

    private final double[] values;

    private SixBands(double[] values) {
        this.values = values;
    }

    /** @throws IllegalArgumentException unless there are six numbers */
    public static SixBands of(double... values) {
        if (!(values.length == COUNT && DoubleStream.of(values).noneMatch(Double::isNaN))) {
            throw new IllegalArgumentException(Faults.say("six-bands.must-be-six", Arrays.toString(values)));
        }
        return new SixBands(values.clone());
    }

    /** The same value in all bands. */
    public static SixBands all(double value) {
        return each(b -> value);
    }

    /** A value for each band from 0 to {@link #COUNT} − 1. */
    public static SixBands each(IntToDoubleFunction value) {
        double[] values = new double[COUNT];
        Arrays.setAll(values, value);
        return of(values);
    }

    /** Nominal centre of a band in Hz. */
    public static double centreHz(int band) {
        return LOWEST_HZ * (1 << band);
    }

    /** Value of a band. */
    public double at(int band) {
        return values[band];
    }

    /** The value at any frequency: a straight line over the logarithm of frequency, level beyond the ends. */
    public double between(double frequencyHz) {
        double place = Math.max(0, Math.min(COUNT - 1, Math.log(frequencyHz / LOWEST_HZ) / Math.log(2)));
        int below = (int) Math.min(COUNT - 2, Math.floor(place));
        return values[below] + (place - below) * (values[below + 1] - values[below]);
    }

    /** Every value changed in one way. */
    public SixBands map(DoubleUnaryOperator change) {
        return each(b -> change.applyAsDouble(values[b]));
    }

    /** Two values of each band made one. */
    public SixBands with(SixBands other, DoubleBinaryOperator join) {
        return each(b -> join.applyAsDouble(values[b], other.values[b]));
    }

    /** Smallest of the values. */
    public double lowest() {
        return DoubleStream.of(values).min().orElseThrow();
    }

    /** Largest of the values. */
    public double highest() {
        return DoubleStream.of(values).max().orElseThrow();
    }

    /** Mean of the bands from one to another, both included. */
    public double mean(int first, int last) {
        return DoubleStream.of(values)
                .skip(first)
                .limit(last - first + 1)
                .average()
                .orElseThrow();
    }

    /** A copy of the values. */
    public double[] toArray() {
        return values.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SixBands bands && Arrays.equals(values, bands.values);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return Arrays.toString(values);
    }
}
