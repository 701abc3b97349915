package app.redlamp.core.acoustics.decay;

/**
 * A straight line through levels, by least squares.
 *
 * @param start level at index 0 in dB
 * @param slope dB a second
 */
record Line(double start, double slope) {

    /**
     * Through the levels from one index to before another.
     *
     * @param stepS seconds between two
     */
    static Line through(double[] db, int from, int to, double stepS) {
        int n = to - from;
        double meanX = from + (n - 1) / 2.0;
        double meanY = 0;
        for (int i = from; i < to; i++) {
            meanY += db[i] / n;
        }
        double xy = 0;
        double xx = 0;
        for (int i = from; i < to; i++) {
            xy += (i - meanX) * (db[i] - meanY);
            xx += (i - meanX) * (i - meanX);
        }
        double slope = xy / xx;
        return new Line(meanY - slope * meanX, slope / stepS);
    }
}
