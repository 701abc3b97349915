package app.redlamp.desktop.control;

import app.redlamp.core.signal.LevelHistogram;

/**
 * A level histogram as a smooth curve: each bin spread over its neighbours with a Gaussian of {@value #SIGMA_DB} dB. The
 * area stays in proportion to the number of levels.
 */
final class HillCurve {
    static final double SIGMA_DB = 1.2;

    private static final int REACH = (int) Math.ceil(4 * SIGMA_DB / LevelHistogram.BIN_DB);

    private final double[] heights = new double[LevelHistogram.BINS];
    private final double highest;

    HillCurve(LevelHistogram histogram) {
        double[] kernel = new double[2 * REACH + 1];
        double sum = 0;
        for (int k = -REACH; k <= REACH; k++) {
            double x = k * LevelHistogram.BIN_DB / SIGMA_DB;
            kernel[k + REACH] = Math.exp(-x * x / 2);
            sum += kernel[k + REACH];
        }
        double top = 0;
        for (int bin = 0; bin < heights.length; bin++) {
            for (int k = -REACH; k <= REACH; k++) {
                int from = bin + k;
                if (from >= 0 && from < heights.length) {
                    heights[bin] += histogram.count(from) * kernel[k + REACH] / sum;
                }
            }
            top = Math.max(top, heights[bin]);
        }
        highest = top;
    }

    double highest() {
        return highest;
    }

    /** Height at a bin, in levels a bin. */
    double height(int bin) {
        return heights[bin];
    }

    /** Where the hill around its top stays above a height. */
    record Foot(double fromDbfs, double toDbfs) {}

    /** @param share of the height of the top, 0 to 1 */
    Foot foot(double share) {
        int from = top();
        int to = from;
        while (from > 0 && heights[from - 1] > share * highest) {
            from--;
        }
        while (to < heights.length - 1 && heights[to + 1] > share * highest) {
            to++;
        }
        return new Foot(LevelHistogram.levelOf(from), LevelHistogram.levelOf(to));
    }

    /** Level in dBFS where the curve is highest. */
    double topDbfs() {
        return LevelHistogram.levelOf(top());
    }

    private int top() {
        int best = 0;
        for (int bin = 0; bin < heights.length; bin++) {
            best = heights[bin] > heights[best] ? bin : best;
        }
        return best;
    }
}
