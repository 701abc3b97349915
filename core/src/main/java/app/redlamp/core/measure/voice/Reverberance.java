package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How long the room rings on, from the ends of words: where the level falls by at least 15 dB without a rise, a straight
 * line is fitted to it and drawn on to −60 dB. A word may fade by itself, so the fast quarter of all falls speaks for
 * the room; in a dry room this is how fast the voice ends, and so an upper bound.
 *
 * <p>Common practice, no source, for taking the ends of words; the line is fitted by least squares.
 */
public final class Reverberance {
    /** A fall is read over so much (ours). */
    private static final double FALL_DB = 15;

    /** And no deeper (ours). */
    private static final double DEEPEST_DB = 30;

    /** The word itself ends within these (ours). */
    private static final double SHOULDER_DB = 3;

    /** And ends so far over the floor (ours). */
    private static final double ABOVE_FLOOR_DB = 6;

    /** What rises in between is another sound (ours). */
    private static final double RISE_DB = 1.5;

    /** Frames of a fall (ours). */
    private static final int FEWEST_FRAMES = 4;

    /** Falls that give a median (ours). */
    private static final int FEWEST_FALLS = 4;

    /** How straight a fall has to be (coefficient of correlation) (ours). */
    private static final double STRAIGHT = 0.9;

    private Reverberance() {}

    /**
     * @param meanSquares mean square of each 10 ms
     * @return decay time to −60 dB in seconds; absent without at least four clean falls
     */
    public static OptionalDouble decayS(float[] meanSquares, double voiceDbfs, double floorDbfs) {
        List<Double> times = new ArrayList<>();
        int n = meanSquares.length;
        int at = 0;
        while (at + 1 < n) {
            double top = db(meanSquares[at]);
            boolean starts = top > voiceDbfs - 8 && db(meanSquares[at + 1]) < top;
            if (!starts) {
                at++;
                continue;
            }
            double bottom = Math.max(floorDbfs + ABOVE_FLOOR_DB, top - DEEPEST_DB);
            int end = at + 1;
            double lowest = top;
            while (end < n && db(meanSquares[end]) <= lowest + RISE_DB && db(meanSquares[end]) > bottom) {
                lowest = Math.min(lowest, db(meanSquares[end]));
                end++;
            }
            int from = end - 1;
            while (from > at && db(meanSquares[from]) < top - SHOULDER_DB) {
                from--;
            }
            if (top - lowest >= FALL_DB && end - from - 1 >= FEWEST_FRAMES) {
                double slope = slope(meanSquares, from + 1, end);
                if (slope < 0) {
                    times.add(-60 / slope / 100);
                }
            }
            at = end;
        }
        if (times.size() < FEWEST_FALLS) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Quantile.of(times, 0.25));
    }

    /** Slope in dB a frame; 0 where the points lie on no line. */
    private static double slope(float[] meanSquares, int from, int to) {
        int n = to - from;
        double meanX = (n - 1) / 2.0;
        double meanY = 0;
        for (int i = from; i < to; i++) {
            meanY += db(meanSquares[i]) / n;
        }
        double xy = 0;
        double xx = 0;
        double yy = 0;
        for (int i = from; i < to; i++) {
            double x = i - from - meanX;
            double y = db(meanSquares[i]) - meanY;
            xy += x * y;
            xx += x * x;
            yy += y * y;
        }
        return xy * xy >= STRAIGHT * xx * yy ? xy / xx : 0;
    }

    private static double db(double meanSquare) {
        return Decibels.levelOfPower(Math.max(meanSquare, 1e-15));
    }
}
