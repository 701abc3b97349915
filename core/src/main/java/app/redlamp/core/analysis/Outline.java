package app.redlamp.core.analysis;

import app.redlamp.core.noise.FrameLevels;
import java.util.Arrays;

/**
 * The course of a recording's level: at most {@value #MOST_POINTS} points, each the loudest 10 ms of an equal share of
 * the time, in dBFS RMS and not below {@value #LOWEST_DBFS}.
 */
public final class Outline {
    public static final int MOST_POINTS = 1600;
    public static final double LOWEST_DBFS = -100;

    private final float[] levelsDbfs;

    private Outline(float[] levelsDbfs) {
        this.levelsDbfs = levelsDbfs;
    }

    /** Outline of a recording given the mean square of each 10 ms (see {@link FrameLevels}). */
    public static Outline of(float[] meanSquares) {
        int points = Math.min(MOST_POINTS, meanSquares.length);
        float[] levels = new float[points];
        for (int p = 0; p < points; p++) {
            int from = (int) ((long) p * meanSquares.length / points);
            int to = (int) ((p + 1L) * meanSquares.length / points);
            float largest = 0;
            for (int i = from; i < to; i++) {
                largest = Math.max(largest, meanSquares[i]);
            }
            levels[p] = (float) Math.max(LOWEST_DBFS, 10 * Math.log10(largest));
        }
        return new Outline(levels);
    }

    public int points() {
        return levelsDbfs.length;
    }

    public double levelDbfs(int point) {
        return levelsDbfs[point];
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline that && Arrays.equals(levelsDbfs, that.levelsDbfs);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(levelsDbfs);
    }
}
