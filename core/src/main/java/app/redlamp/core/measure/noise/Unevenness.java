package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.signal.Quantile;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How unevenly the spectrum of the noise in the pauses comes and goes. In noise as it is the power in a bin of a short spectrum is
 * spread exponentially, whatever its colour and however its level changes: the mean of its square is twice the square of its mean (by
 * definition of Gaussian noise). Where bins were turned down each by itself, single ones stay and ring: musical noise.
 */
final class Unevenness {
    /** Bubbles last about as long (ours). */
    private static final double WINDOW_S = 0.024;

    /** At the beginning of a pause a word may die away, in seconds (ours). */
    private static final double DIES_AWAY_S = 0.15;

    /** Below, rumble and hum come and go (ours). */
    private static final double LOWEST_HZ = 300;

    /** Above, noise is often too soft for its samples (ours). */
    private static final double HIGHEST_HZ = 8000;

    /** Fewer spectra tell nothing (ours). */
    private static final int FEWEST = 30;

    /** Spectra that are looked at together: some 0.7 s (ours). */
    private static final int GROUP = 60;

    /** More tell nothing more (ours). */
    private static final int MOST = 2000;

    /** Less is rounding (ours). */
    private static final double NOTHING = 1e-17;

    private Unevenness() {}

    /** Times that of noise as it is, 1 for that; absent with too little of it. */
    static OptionalDouble of(List<QuietPieces.Piece> pieces, int sampleRateHz) {
        int length = PowerSpectrum.lengthFor(WINDOW_S, sampleRateHz);
        PowerSpectrum spectrum = new PowerSpectrum(length, sampleRateHz);
        int low = (int) (LOWEST_HZ / spectrum.binHz());
        int high = (int) (Math.min(HIGHEST_HZ, 0.4 * sampleRateHz) / spectrum.binHz());
        List<double[]> shares = new ArrayList<>();
        for (QuietPieces.Piece piece : pieces) {
            int from = (int) (DIES_AWAY_S * sampleRateHz);
            for (int at = from; at + length <= piece.samples().length && shares.size() < MOST; at += length / 2) {
                spectrum.clear();
                spectrum.add(piece.samples(), at);
                share(spectrum.bins(), low, high, shares);
            }
        }
        return shares.size() < FEWEST ? OptionalDouble.empty() : OptionalDouble.of(middle(shares) / 2);
    }

    /** The middle of what groups of spectra give: a soft word that was taken for a pause is in one of them, what rings in all. */
    private static double middle(List<double[]> shares) {
        int groups = Math.max(1, shares.size() / GROUP);
        double[] spreads = new double[groups];
        for (int g = 0; g < groups; g++) {
            spreads[g] = spread(shares.subList(g * shares.size() / groups, (g + 1) * shares.size() / groups));
        }
        return Quantile.median(spreads);
    }

    /** Adds the powers of one spectrum as shares of their sum: how its level changes does not count. */
    private static void share(double[] bins, int low, int high, List<double[]> shares) {
        double sum = 0;
        for (int k = low; k < high; k++) {
            sum += bins[k] + NOTHING;
        }
        double[] share = new double[high - low];
        for (int k = low; k < high; k++) {
            share[k - low] = (bins[k] + NOTHING) / sum;
        }
        shares.add(share);
    }

    /** Mean square over squared mean, each bin against its own mean: its colour does not count. */
    private static double spread(List<double[]> shares) {
        int bins = shares.get(0).length;
        double sum = 0;
        for (int k = 0; k < bins; k++) {
            double mean = 0;
            double square = 0;
            for (double[] share : shares) {
                mean += share[k];
                square += share[k] * share[k];
            }
            mean /= shares.size();
            sum += square / shares.size() / (mean * mean);
        }
        return sum / bins;
    }
}
