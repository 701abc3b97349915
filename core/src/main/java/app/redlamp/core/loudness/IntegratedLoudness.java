package app.redlamp.core.loudness;

import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Gated programme loudness in LUFS: blocks of 400 ms every 100 ms, gated at −70 LUFS and then at 10 LU below the mean
 * of what is left.
 *
 * <p>Source: ITU-R BS.1770-5 annex 1, equations 2 to 7; EBU R 128.
 *
 * <ul>
 *   <li>shorter than 400 ms, or nothing above −70 LUFS: absent
 *   <li>one channel counts once; a mono file is 3.01 LU below the same sound on two channels
 *   <li>from five channels on, the surround channels weigh 1.41 and the fourth of six (low frequency) nothing
 * </ul>
 */
public final class IntegratedLoudness implements SampleSink {
    private static final double OFFSET_DB = -0.691;
    private static final double ABSOLUTE_GATE_LUFS = -70;
    private static final double RELATIVE_GATE_LU = -10;
    private static final int STEPS_PER_BLOCK = 4;
    private static final int STEPS_PER_SECOND = 10;

    private final int sampleRateHz;
    private final KWeighting[] weightings;
    private final double[] channelWeights;
    private double[] stepMeanSquares = new double[1024];
    private int steps;
    private final double[] energies;
    private long frame;
    private long stepStart;
    private long stepEnd;

    public IntegratedLoudness(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        weightings = new KWeighting[channels];
        Arrays.setAll(weightings, c -> new KWeighting(sampleRateHz));
        channelWeights = channelWeights(channels);
        energies = new double[channels];
        stepEnd = boundary(1);
    }

    @Override
    public void accept(float[][] block, int frames) {
        int done = 0;
        while (done < frames) {
            int count = (int) Math.min(frames - done, stepEnd - frame);
            for (int c = 0; c < weightings.length; c++) {
                if (channelWeights[c] > 0) {
                    energies[c] = energy(energies[c], weightings[c], block[c], done, count);
                }
            }
            done += count;
            frame += count;
            if (frame == stepEnd) {
                closeStep();
            }
        }
    }

    /** Loudness of everything accepted so far. */
    public OptionalDouble integratedLufs() {
        double absolute = Decibels.toPower(ABSOLUTE_GATE_LUFS - OFFSET_DB);
        double gated = meanAbove(absolute);
        if (!(gated > 0)) {
            return OptionalDouble.empty();
        }
        double relative = gated * Decibels.toPower(RELATIVE_GATE_LU);
        double loud = meanAbove(Math.max(absolute, relative));
        return OptionalDouble.of(OFFSET_DB + 10 * Math.log10(loud));
    }

    /** Adds sample by sample, so that the result does not depend on the blocks. */
    private static double energy(double before, KWeighting weighting, float[] samples, int from, int count) {
        double energy = before;
        for (int i = from; i < from + count; i++) {
            double y = weighting.next(samples[i]);
            energy += y * y;
        }
        return energy;
    }

    private void closeStep() {
        if (steps == stepMeanSquares.length) {
            stepMeanSquares = Arrays.copyOf(stepMeanSquares, steps * 2);
        }
        double sum = 0;
        for (int c = 0; c < energies.length; c++) {
            sum += channelWeights[c] * energies[c];
        }
        Arrays.fill(energies, 0);
        stepMeanSquares[steps++] = sum / (stepEnd - stepStart);
        stepStart = stepEnd;
        stepEnd = boundary(steps + 1L);
    }

    /** Frame at which a step ends; rates that ten does not divide get steps of alternating length. */
    private long boundary(long step) {
        return Math.round((double) step * sampleRateHz / STEPS_PER_SECOND);
    }

    private double meanAbove(double gate) {
        double total = 0;
        int count = 0;
        for (int i = 0; i + STEPS_PER_BLOCK <= steps; i++) {
            double block = 0;
            for (int k = 0; k < STEPS_PER_BLOCK; k++) {
                block += stepMeanSquares[i + k];
            }
            block /= STEPS_PER_BLOCK;
            if (block > gate) {
                total += block;
                count++;
            }
        }
        return count == 0 ? 0 : total / count;
    }

    /** BS.1770-5 table 3: 1.0 in front, 1.41 at the sides, nothing for the low-frequency channel. */
    private static double[] channelWeights(int channels) {
        double[] weights = new double[channels];
        Arrays.fill(weights, 1);
        if (channels == 5) {
            weights[3] = weights[4] = 1.41;
        } else if (channels == 6) {
            weights[3] = 0;
            weights[4] = weights[5] = 1.41;
        }
        return weights;
    }
}
