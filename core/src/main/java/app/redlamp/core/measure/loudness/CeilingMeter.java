package app.redlamp.core.measure.loudness;

import app.redlamp.core.units.Decibels;

/**
 * Looks for the ceiling of a limiter: the peaks of speech lie wide apart, and only a few come near the highest; where a limiter has worked,
 * many end at one height. Takes the peak of each frame of 10 ms.
 */
public final class CeilingMeter {
    /** Finer than any ceiling (ours). */
    private static final double STEP_DB = 0.1;

    /** Highest peak that is told apart, in dBFS: floats may exceed full scale (ours). */
    private static final double TOP_DBFS = 20;

    /** As soft as speech gets (ours). */
    private static final double BOTTOM_DBFS = -100;

    /** A limiter lets peaks end as close together as this (ours). */
    private static final int WIDTH = 5;

    /** Peaks that lie lower belong to pauses and soft sounds (ours). */
    private static final int RANGE = 200;

    /** Clicks and slow limiters let so many past the ceiling (ours). */
    private static final double PAST = 0.02;

    /** Less than two seconds of speech tell nothing (ours). */
    private static final int FEWEST_FRAMES = 200;

    private final int[] counts = new int[(int) ((TOP_DBFS - BOTTOM_DBFS) / STEP_DB)];

    /** Takes the highest magnitude of a frame. */
    public void add(double peak) {
        if (peak > 0) {
            double bin = (Decibels.levelOfPower(peak * peak) - BOTTOM_DBFS) / STEP_DB;
            counts[(int) Math.max(0, Math.min(counts.length - 1, bin))]++;
        }
    }

    /** Share of the frames within 20 dB of the highest that end at one height, 0 to 1, with next to none above; 0 with too few frames. */
    public double share() {
        int top = counts.length - 1;
        while (top > 0 && counts[top] == 0) {
            top--;
        }
        int all = 0;
        for (int b = Math.max(0, top - RANGE); b <= top; b++) {
            all += counts[b];
        }
        if (all < FEWEST_FRAMES) {
            return 0;
        }
        int above = 0;
        int most = 0;
        for (int b = top; b >= WIDTH && above <= PAST * all; b--) {
            int within = 0;
            for (int w = 0; w < WIDTH; w++) {
                within += counts[b - w];
            }
            most = Math.max(most, within);
            above += counts[b];
        }
        return (double) most / all;
    }
}
