package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.Optional;

/**
 * Finds the buzz of dimmers and power supplies in the mean spectrum of the pauses: a comb of the mains' even harmonics above the
 * range of hum, up to 4 kHz, of which most stand out by 6 dB from what lies between them. How it is told is ours.
 */
final class BuzzFinder {
    /** Higher ones tell nothing more (ours). */
    private static final double TO_HZ = 4000;

    /** They are looked for in such steps, a third of a bin at the highest harmonic (ours). */
    private static final double STEP_HZ = 0.02;

    /** Times the power between: 6 dB (ours). */
    private static final double STANDS_OUT = 4;

    /** The share of the harmonics that stand out (ours). */
    private static final double MOST = 0.6;

    /** With fewer harmonics below the highest frequency there is, nothing is told (ours). */
    private static final int FEWEST = 12;

    private final double[] bins;
    private final double binHz;

    /**
     * A buzz.
     *
     * @param baseHz frequency of the mains as found
     * @param levelDbfs level of its harmonics above 800 Hz in dBFS RMS
     * @param highPower their power above what counts as hiss
     */
    record Buzz(double baseHz, double levelDbfs, double highPower) {
        /** Whether a frequency is one of its harmonics, to so many Hz. */
        boolean holds(double hz, double withinHz) {
            return hz > HumFinder.HIGHEST_HZ && Math.abs(hz - Math.rint(hz / baseHz) * baseHz) < withinHz;
        }
    }

    BuzzFinder(double[] bins, double binHz) {
        this.bins = bins;
        this.binHz = binHz;
    }

    /** @param hissHz power above it is told apart */
    Optional<Buzz> find(double hissHz) {
        double best = 0;
        double bestHz = 0;
        for (int mains = 50; mains <= 60; mains += 10) {
            for (double base = mains - HumFinder.DRIFT_HZ;
                    base <= mains + HumFinder.DRIFT_HZ + STEP_HZ / 2;
                    base += STEP_HZ) {
                double score = score(base);
                if (score > best) {
                    best = score;
                    bestHz = base;
                }
            }
        }
        return best > 0 ? Optional.of(buzz(bestHz, hissHz)) : Optional.empty();
    }

    /** How far its even harmonics stand out together in dB; 0 where too few do. */
    private double score(double baseHz) {
        int all = 0;
        int out = 0;
        double sum = 0;
        for (int h = firstEven(baseHz); h * baseHz <= TO_HZ; h += 2) {
            int k = (int) Math.rint(h * baseHz / binHz);
            if (k + baseHz / binHz >= bins.length) {
                break;
            }
            all++;
            double ratio = bins[k] / Math.max(Double.MIN_NORMAL, between(h * baseHz, baseHz));
            out += ratio > STANDS_OUT ? 1 : 0;
            sum += ratio > STANDS_OUT ? Decibels.levelOfPower(ratio) : 0;
        }
        return all >= FEWEST && out >= MOST * all ? sum : 0;
    }

    private static int firstEven(double baseHz) {
        return 2 * (int) Math.ceil(HumFinder.HIGHEST_HZ / baseHz / 2);
    }

    /** Median of the bins halfway to the neighbours. */
    private double between(double hz, double baseHz) {
        double[] around = new double[6];
        int below = (int) Math.rint((hz - baseHz / 2) / binHz);
        int above = (int) Math.rint((hz + baseHz / 2) / binHz);
        for (int i = 0; i < 3; i++) {
            around[i] = bins[below - 1 + i];
            around[3 + i] = bins[above - 1 + i];
        }
        return Quantile.median(around);
    }

    private Buzz buzz(double baseHz, double hissHz) {
        double power = 0;
        double high = 0;
        for (int h = (int) Math.ceil(HumFinder.HIGHEST_HZ / baseHz); h * baseHz <= TO_HZ; h++) {
            int k = (int) Math.rint(h * baseHz / binHz);
            if (k + baseHz / binHz >= bins.length) {
                break;
            }
            double noise = between(h * baseHz, baseHz);
            double here = 0;
            for (int i = k - ToneFinder.LOBE; i <= k + ToneFinder.LOBE; i++) {
                here += Math.max(0, bins[i] - noise);
            }
            power += here;
            high += h * baseHz > hissHz ? here : 0;
        }
        return new Buzz(baseHz, Decibels.levelOfPower(Math.max(Double.MIN_NORMAL, power)), high);
    }
}
