package app.redlamp.core.measure.analysis;

import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * The course of a recording's level: one value for each 10 ms in dBFS RMS, in steps of half a decibel and not below
 * {@value #LOWEST_DBFS}. Ten hours take 3.6 MB.
 */
public final class Outline {
    /** Lowest level that is drawn (ours). */
    public static final double LOWEST_DBFS = -100;

    /** A level is kept in half decibels (ours). */
    private static final double STEPS_PER_DB = 2;

    private final byte[] steps;

    private Outline(byte[] steps) {
        this.steps = steps;
    }

    /** Outline of a recording given the mean square of each 10 ms. */
    public static Outline of(float[] meanSquares) {
        byte[] steps = new byte[meanSquares.length];
        for (int i = 0; i < steps.length; i++) {
            double level = Decibels.levelOfPower(meanSquares[i]);
            steps[i] = (byte) Math.max(0, Math.min(255, Math.round((level - LOWEST_DBFS) * STEPS_PER_DB)));
        }
        return new Outline(steps);
    }

    /** Outline from what {@link #toBytes} gave. */
    public static Outline ofBytes(byte[] bytes) {
        return new Outline(bytes.clone());
    }

    /** A copy of its levels as they are kept, a byte a point. */
    public byte[] toBytes() {
        return steps.clone();
    }

    /** How many levels it has. */
    public int points() {
        return steps.length;
    }

    /** Length in seconds. */
    public double lengthS() {
        return FrameClock.secondsOf(steps.length);
    }

    /** The loudest level from a point up to, not including, another; the lowest there is where there is none. */
    public double loudestDbfs(int from, int to) {
        int largest = 0;
        for (int p = Math.max(0, from); p < Math.min(to, steps.length); p++) {
            largest = Math.max(largest, steps[p] & 0xFF);
        }
        return LOWEST_DBFS + largest / STEPS_PER_DB;
    }

    /**
     * The loudest level in each of as many equal parts of a stretch, in dBFS; parts shorter than a point repeat it.
     *
     * @param from first point of the stretch, which may lie between two points and beyond the ends
     * @param to its end
     */
    public double[] loudestDbfs(double from, double to, int parts) {
        double[] loudest = new double[parts];
        double part = (to - from) / parts;
        for (int i = 0; i < parts; i++) {
            int first = (int) Math.floor(from + i * part);
            int end = (int) Math.floor(from + (i + 1) * part);
            loudest[i] = loudestDbfs(first, Math.max(first + 1, end));
        }
        return loudest;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline that && Arrays.equals(steps, that.steps);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(steps);
    }
}
