package app.redlamp.core.signal;

/** Levinson's recursion: how samples are best foretold from those before them (any textbook of speech processing, from memory). */
public final class Levinson {
    /** Keeps what is silent from being divided by (ours). */
    private static final double NOTHING = 1e-12;

    /** A prediction that explains all but a millionth explains rounding (ours). */
    private static final double WHITE = 1 + 1e-6;

    private Levinson() {}

    /**
     * The filter that leaves what cannot be foretold: x[n] + a[1] x[n−1] + … + a[p] x[n−p].
     *
     * @param autocorrelation at lags 0 to p
     * @return a, with a[0] = 1; all else 0 for silence
     */
    public static double[] whitening(double[] autocorrelation) {
        int order = autocorrelation.length - 1;
        double error = autocorrelation[0] * WHITE + NOTHING;
        double[] a = new double[order + 1];
        a[0] = 1;
        for (int i = 1; i <= order && error > NOTHING; i++) {
            double sum = autocorrelation[i];
            for (int j = 1; j < i; j++) {
                sum += a[j] * autocorrelation[i - j];
            }
            double k = -sum / error;
            double[] before = a.clone();
            for (int j = 1; j < i; j++) {
                a[j] = before[j] + k * before[i - j];
            }
            a[i] = k;
            error *= 1 - k * k;
        }
        return a;
    }
}
