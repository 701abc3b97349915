package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoublePredicate;

/**
 * Finds steady tones in the mean spectrum of the pauses: peaks at least 12 dB above the median of the bins around (ours), each with
 * its audibility against the noise in its critical band (ISO 1996-2:2007, annex C, from memory).
 */
final class ToneFinder {
    /** Below, tones are hum or rumble (ours). */
    private static final double LOWEST_HZ = 150;

    /** Times the power around it: 12 dB (ours). */
    private static final double ABOVE = 16;

    /** With fewer windows chance makes peaks (ours). */
    private static final int FEWEST_WINDOWS = 4;

    /** Bins to each side that a tone stands out of (ours). */
    private static final int AROUND = 24;

    /** Bins that a tone itself fills, to each side (by definition). */
    static final int LOBE = 2;

    /** Critical bands are as wide up to {@link #NARROW_TO_HZ} (ISO 1996-2:2007, annex C). */
    private static final double NARROW_HZ = 100;

    /** Above, critical bands are a fifth of the frequency (ISO 1996-2:2007, annex C). */
    private static final double NARROW_TO_HZ = 500;

    /** The share of the frequency (ISO 1996-2:2007, annex C). */
    private static final double WIDTH = 0.2;

    private final double[] bins;
    private final double binHz;
    private final int windows;

    /** @param windows how many spectra the bins are the mean of */
    ToneFinder(double[] bins, double binHz, int windows) {
        this.bins = bins;
        this.binHz = binHz;
        this.windows = windows;
    }

    /** All of them, loudest first, without those whose frequency belongs to something else. */
    List<NoiseProfile.Tone> find(DoublePredicate belongs) {
        List<NoiseProfile.Tone> found = new ArrayList<>();
        double[] around = new double[2 * AROUND];
        for (int k = (int) Math.max(AROUND, LOWEST_HZ / binHz); k < bins.length - AROUND; k++) {
            if (windows < FEWEST_WINDOWS || bins[k] < bins[k - 1] || bins[k] <= bins[k + 1]) {
                continue;
            }
            for (int i = 0; i < AROUND; i++) {
                around[2 * i] = bins[k - 1 - i];
                around[2 * i + 1] = bins[k + 1 + i];
            }
            double noise = Quantile.ofFirst(around, around.length, 0.5);
            if (bins[k] >= ABOVE * noise && !belongs.test(k * binHz)) {
                found.add(tone(k, noise));
            }
        }
        found.sort(Comparator.comparingDouble(t -> -t.levelDbfs()));
        return found;
    }

    private NoiseProfile.Tone tone(int k, double noise) {
        double power = 0;
        double moment = 0;
        for (int i = k - LOBE; i <= k + LOBE; i++) {
            double above = Math.max(0, bins[i] - noise);
            power += above;
            moment += above * i;
        }
        double hz = moment / power * binHz;
        double level = Math.max(NoiseAnalyzer.LOWEST_DBFS, Decibels.levelOfPower(power));
        double masked = Decibels.levelOfPower(Math.max(Double.MIN_NORMAL, inCriticalBand(k, hz)));
        return new NoiseProfile.Tone(hz, level, audibilityDb(level - masked, hz));
    }

    /** Audibility of a tone that lies so much above the noise in its critical band. */
    static double audibilityDb(double aboveDb, double hz) {
        return aboveDb + 2 + Decibels.levelOfPower(1 + Math.pow(hz / 502, 2.5)) / 10;
    }

    /** Width of the critical band around a frequency in Hz. */
    static double criticalBandHz(double hz) {
        return hz <= NARROW_TO_HZ ? NARROW_HZ : WIDTH * hz;
    }

    /** Noise in the critical band: the median of its bins, in which tones do not count, made a mean. */
    private double inCriticalBand(int k, double hz) {
        double width = criticalBandHz(hz);
        int half = (int) Math.max(2 * LOBE + 2, width / 2 / binHz);
        int from = Math.max(1, k - half);
        int to = Math.min(bins.length, k + half + 1);
        double[] band = new double[to - from];
        int count = 0;
        for (int i = from; i < to; i++) {
            if (Math.abs(i - k) > LOBE) {
                band[count++] = bins[i];
            }
        }
        return Quantile.ofFirst(band, count, 0.5) / medianToMean() * width / binHz;
    }

    /**
     * Median against mean of a bin over independent windows, whose powers add up to a gamma distribution (Wilson and Hilferty 1931, from
     * memory); windows that overlap by half are worth about three quarters of as many.
     */
    private double medianToMean() {
        return Math.pow(1 - 1 / (9 * 0.75 * windows), 3);
    }
}
