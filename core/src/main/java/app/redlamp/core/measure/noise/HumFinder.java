package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds mains hum in the pauses of a recording, where no voice can be taken for it: the family of 50 or 60 Hz and its
 * multiples, the mains drifting by up to 0.3 Hz. How it is told is ours:
 *
 * <ol>
 *   <li>the pauses are brought down to about 2 kHz and their spectra added, finely interpolated by padding with zeros
 *   <li>a harmonic is what rises above the noise around it; that noise is taken off its power
 *   <li>of both families and all drifts the one wins whose harmonics stand out most. It is hum where at least two of
 *       the first four harmonics stand out by 6 dB, or one by 12
 *   <li>the crests of its lines say where the mains really are; what would be further off than mains ever are is no hum
 * </ol>
 */
final class HumFinder {
    /** Hum is looked for at this rate (ours). */
    private static final double WORKING_HZ = 2000;

    /** Samples of the longest spectrum (ours). */
    private static final int LENGTH = 1 << 14;

    /** Longer pieces of mains wander (ours). */
    private static final double LONGEST_S = 4;

    /** Mains are this far off at most (common practice, no source). */
    static final double DRIFT_HZ = 0.3;

    /** What lies further off than this beyond is a tone of something else, as near as it is known (ours). */
    private static final double UNSURE_HZ = 0.15;

    /** So often the crest is looked for again from where it was found (ours). */
    private static final int WALKS = 6;

    /** They are looked for in such steps (ours). */
    private static final double DRIFT_STEP_HZ = 0.05;

    /** Harmonics above it are buzz, where there are any (ours). */
    static final double HIGHEST_HZ = 800;

    /** The family is known by the first ones (ours). */
    private static final int FIRST_HARMONICS = 4;

    /** Times the power beside it: 6 dB (ours). */
    private static final double STANDS_OUT = 4;

    /** A single line needs 12 dB (ours). */
    private static final double STANDS_OUT_ALONE = 16;

    private final double workingHz;
    private final int decimation;
    private final Fourier transform = new Fourier(LENGTH);
    private final double[] powers = new double[LENGTH / 2];
    private double weight;
    private double windowS;

    HumFinder(int sampleRateHz) {
        decimation = Math.max(1, (int) (sampleRateHz / WORKING_HZ));
        workingHz = (double) sampleRateHz / decimation;
    }

    /** Adds the samples of a pause. */
    void add(float[] pause) {
        float[] slow = decimated(pause);
        int length = Math.min(slow.length, (int) (LONGEST_S * workingHz));
        float[] work = new float[LENGTH];
        float[] window = Hann.window(length);
        double windowSum = 0;
        for (int n = 0; n < length; n++) {
            work[n] = slow[n] * window[n];
            windowSum += window[n];
        }
        transform.forward(work);
        double scale = 2 / (windowSum * windowSum) * length;
        for (int k = 1; k < powers.length; k++) {
            double re = work[2 * k];
            double im = work[2 * k + 1];
            powers[k] += scale * (re * re + im * im);
        }
        weight += length;
        windowS += length / workingHz * length;
    }

    /** The hum, where there is some. */
    Optional<Hum> find() {
        if (weight == 0) {
            return Optional.empty();
        }
        // Half the width of a window's main lobe, and so the least distance at which noise alone is seen.
        double lobeHz = 2 / (windowS / weight);
        Family best = null;
        for (int base = 50; base <= 60; base += 10) {
            for (double f = base - DRIFT_HZ; f <= base + DRIFT_HZ + 1e-9; f += DRIFT_STEP_HZ) {
                Family family = family(f, lobeHz);
                if (best == null || family.score > best.score) {
                    best = family;
                }
            }
        }
        if (!best.isHum()) {
            return Optional.empty();
        }
        double nominal = Hum.family(best.baseHz);
        // A crest further off than a quarter of a lobe is walked to.
        double found = best.baseHz;
        for (int walk = 0; walk < WALKS; walk++) {
            found = refined(found, lobeHz);
        }
        if (Math.abs(found - nominal) > DRIFT_HZ + UNSURE_HZ) {
            return Optional.empty();
        }
        double mainsHz = Math.max(nominal - DRIFT_HZ, Math.min(nominal + DRIFT_HZ, found));
        return Optional.of(family(mainsHz, lobeHz).hum());
    }

    private static final class Family {
        final double baseHz;
        final List<Double> powers = new ArrayList<>();
        double score;
        int standingOut;
        double mostAbove;

        Family(double baseHz) {
            this.baseHz = baseHz;
        }

        boolean isHum() {
            return standingOut >= 2 || mostAbove >= STANDS_OUT_ALONE;
        }

        Hum hum() {
            double sum = powers.stream().mapToDouble(p -> p).sum();
            List<Double> levels = powers.stream()
                    .map(p -> Math.max(Hum.NONE_DBFS, Decibels.levelOfPower(p)))
                    .toList();
            return new Hum(baseHz, Decibels.levelOfPower(sum), levels);
        }
    }

    /**
     * The mains of a family, finer than the steps in which it was looked for: a parabola through the logarithms of three points of
     * each harmonic's lobe has its crest, and each crest counts by its power over the noise and, as a difference of the mains
     * grows with the harmonic, by the square of its number.
     */
    private double refined(double nearHz, double lobeHz) {
        double step = lobeHz / 4;
        double sum = 0;
        double weights = 0;
        for (int h = 1; h * nearHz <= HIGHEST_HZ; h++) {
            double noise = median(h * nearHz, apart(lobeHz));
            double above = noise > 0 ? at(h * nearHz) / noise : 0;
            double left = Math.log(Math.max(Double.MIN_NORMAL, at(h * nearHz - step)));
            double middle = Math.log(Math.max(Double.MIN_NORMAL, at(h * nearHz)));
            double right = Math.log(Math.max(Double.MIN_NORMAL, at(h * nearHz + step)));
            double bend = left - 2 * middle + right;
            if (above > STANDS_OUT) {
                // On a flank that bends upwards the crest lies where it rises to.
                double crest = bend < 0
                        ? Math.max(-step, Math.min(step, step / 2 * (left - right) / bend))
                        : Math.copySign(step, right - left);
                sum += above * h * crest;
                weights += above * h * h;
            }
        }
        return weights > 0 ? nearHz + sum / weights : nearHz;
    }

    /** How far beside a harmonic noise alone is seen. */
    private static double apart(double lobeHz) {
        return Math.min(25, Math.max(10, 2 * lobeHz));
    }

    private Family family(double baseHz, double lobeHz) {
        Family family = new Family(baseHz);
        double apart = apart(lobeHz);
        for (int h = 1; h * baseHz <= HIGHEST_HZ; h++) {
            double at = at(h * baseHz);
            double noise = median(h * baseHz, apart);
            double above = noise > 0 ? at / noise : 0;
            // A harmonic that the other family has too says nothing about which it is.
            boolean shared = h % (Hum.family(baseHz) == 50 ? 6 : 5) == 0;
            if (above > STANDS_OUT) {
                family.powers.add(at - noise);
                family.score += shared ? 0 : Decibels.levelOfPower(above);
                if (h <= FIRST_HARMONICS) {
                    family.standingOut++;
                    family.mostAbove = Math.max(family.mostAbove, above);
                }
            } else {
                family.powers.add(0.0);
            }
        }
        return family;
    }

    /** Mean power at a frequency, between the nearest two bins. */
    private double at(double frequencyHz) {
        double bin = frequencyHz / workingHz * LENGTH;
        int k = (int) bin;
        double share = bin - k;
        return k + 1 < powers.length ? ((1 - share) * powers[k] + share * powers[k + 1]) / weight : 0;
    }

    /** The noise around a harmonic: the median of what lies between it and its neighbours. */
    private double median(double frequencyHz, double apartHz) {
        int count = 0;
        double[] around = new double[16];
        for (int i = 0; i < 8; i++) {
            double distance = apartHz * (0.7 + 0.3 * i / 7);
            around[count++] = at(frequencyHz + distance);
            if (frequencyHz - distance > 8) {
                around[count++] = at(frequencyHz - distance);
            }
        }
        return Quantile.ofFirst(around, count, 0.5);
    }

    /** Means of {@code decimation} samples, twice over, which keeps what folds back 50 dB down near 100 Hz. */
    private float[] decimated(float[] samples) {
        int count = Math.max(0, samples.length / decimation - 1);
        float[] slow = new float[count];
        for (int n = 0; n < count; n++) {
            double sum = 0;
            int at = n * decimation;
            for (int k = 0; k < decimation; k++) {
                sum += samples[at + k] * (k + 1.0) + samples[at + decimation + k] * (decimation - 1.0 - k);
            }
            slow[n] = (float) (sum / decimation / decimation);
        }
        return slow;
    }
}
