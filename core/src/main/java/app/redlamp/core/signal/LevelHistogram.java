package app.redlamp.core.signal;

import app.redlamp.core.fault.Faults;
import java.util.Arrays;

/**
 * How often each level occurs, in bins of {@value #BIN_DB} dB from {@value #LOWEST_DBFS} to 0 dBFS. Levels outside
 * count in the outermost bin.
 */
public final class LevelHistogram {
    /** Half a decibel: finer than anybody reads a floor (ours). */
    public static final double BIN_DB = 0.5;

    /** Lower levels are counted as this (ours). */
    public static final double LOWEST_DBFS = -100;

    /** Bins from the lowest level to full scale (by definition). */
    public static final int BINS = (int) (-LOWEST_DBFS / BIN_DB);

    private final int[] counts;
    private final int total;

    private LevelHistogram(int[] counts) {
        this.counts = counts;
        this.total = Arrays.stream(counts).sum();
    }

    /** Histogram of levels in dBFS. */
    public static LevelHistogram of(double... levelsDbfs) {
        int[] counts = new int[BINS];
        for (double level : levelsDbfs) {
            int bin = (int) Math.floor((level - LOWEST_DBFS) / BIN_DB);
            counts[Math.max(0, Math.min(BINS - 1, bin))]++;
        }
        return new LevelHistogram(counts);
    }

    /**
     * Histogram of given counts.
     *
     * @throws IllegalArgumentException unless there are {@link #BINS} counts of 0 or more
     */
    public static LevelHistogram ofCounts(int... counts) {
        if (counts.length != BINS || Arrays.stream(counts).anyMatch(c -> c < 0)) {
            throw new IllegalArgumentException(Faults.say("level-histogram.counts-must-be", counts.length, BINS));
        }
        return new LevelHistogram(counts.clone());
    }

    /** How many levels fell into a bin. */
    public int count(int bin) {
        return counts[bin];
    }

    /** How many levels in all. */
    public int total() {
        return total;
    }

    /** Middle of a bin in dBFS. */
    public static double levelOf(int bin) {
        return LOWEST_DBFS + (bin + 0.5) * BIN_DB;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LevelHistogram that && Arrays.equals(counts, that.counts);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(counts);
    }
}
