package app.redlamp.core.measure.loudness;

import app.redlamp.core.signal.FloatSeries;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Loudness of a recording from the K-weighted mean squares of every 10 ms (see {@link KWeighting}).
 *
 * <p>Source: ITU-R BS.1770-5 annex 1, equations 2 to 7 (integrated: blocks of 400 ms each 100 ms, gated at −70 LUFS,
 * then at 10 LU below the mean of what is left); EBU Tech 3341 (momentary over 400 ms, short-term over 3 s); EBU Tech
 * 3342 (range: short-term values gated at −70 LUFS and 20 LU below their mean, 95th less 10th percentile).
 *
 * <ul>
 *   <li>momentary and short-term values move on every 10 ms: with 100 ms a maximum is missed by up to 0.46 LU
 *   <li>only whole windows count: a recording shorter than the window has no value
 *   <li>one channel counts once; a mono file is 3.01 LU below the same sound on two channels
 *   <li>from five channels on, the surround channels weigh 1.41 and the fourth of six (low frequency) nothing
 * </ul>
 */
public final class LoudnessMeter {
    /** Of the analogue filter (ITU-R BS.1770-5, annex 1, equation 2). */
    private static final double OFFSET_DB = -0.691;

    /** −70 LKFS (ITU-R BS.1770-5, annex 1). */
    private static final double ABSOLUTE_GATE = Decibels.toPower(-70 - OFFSET_DB);

    /** 10 LU under the mean (ITU-R BS.1770-5, annex 1). */
    private static final double RELATIVE_GATE = Decibels.toPower(-10);

    /** 20 LU under the mean (EBU Tech 3342, from memory). */
    private static final double RANGE_GATE = Decibels.toPower(-20);

    /** Frames of 400 ms (EBU Tech 3341, from memory). */
    private static final int MOMENTARY = 40;

    /** Frames of 3 s (EBU Tech 3341, from memory). */
    private static final int SHORT_TERM = 300;

    /** Frames between two gating blocks: three quarters overlap (ITU-R BS.1770-5, annex 1). */
    private static final int STEP = 10;

    private final double[] weights;
    private final double[] ring = new double[SHORT_TERM];
    private final FloatSeries blocks = new FloatSeries();
    private final FloatSeries shortTerms = new FloatSeries();
    private double momentarySum;
    private double shortTermSum;
    private double maxMomentary;
    private double maxShortTerm;
    private int frames;

    public LoudnessMeter(int channels) {
        weights = channelWeights(channels);
    }

    /** Takes the next 10 ms: the K-weighted mean square of each channel. */
    public void frame(double[] meanSquares) {
        double sum = 0;
        for (int c = 0; c < weights.length; c++) {
            sum += weights[c] * meanSquares[c];
        }
        int at = frames % SHORT_TERM;
        momentarySum += sum - ring[(at + SHORT_TERM - MOMENTARY) % SHORT_TERM];
        shortTermSum += sum - ring[at];
        ring[at] = sum;
        frames++;
        if (at == SHORT_TERM - 1) {
            momentarySum = sum(MOMENTARY);
            shortTermSum = sum(SHORT_TERM);
        }
        if (frames < MOMENTARY) {
            return;
        }
        double momentary = momentarySum / MOMENTARY;
        maxMomentary = Math.max(maxMomentary, momentary);
        if (frames % STEP == 0) {
            blocks.add((float) momentary);
        }
        if (frames >= SHORT_TERM) {
            double shortTerm = shortTermSum / SHORT_TERM;
            maxShortTerm = Math.max(maxShortTerm, shortTerm);
            if (frames % STEP == 0) {
                shortTerms.add((float) shortTerm);
            }
        }
    }

    /** What was found; call once, at the end. */
    public Loudness result() {
        return new Loudness(integrated(), maximum(maxMomentary), maximum(maxShortTerm), range());
    }

    /** Weights of BS.1770-5 table 3: 1.0 in front, 1.41 at the sides, nothing for the low-frequency channel. */
    static double[] channelWeights(int channels) {
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

    /** The last values summed afresh, every now and then, so that rounding does not pile up. */
    private double sum(int window) {
        double sum = 0;
        for (int i = SHORT_TERM - window; i < SHORT_TERM; i++) {
            sum += ring[i];
        }
        return sum;
    }

    private OptionalDouble integrated() {
        float[] all = blocks.toArray();
        double gated = meanAbove(all, ABSOLUTE_GATE);
        return gated > 0
                ? OptionalDouble.of(lufs(meanAbove(all, Math.max(ABSOLUTE_GATE, gated * RELATIVE_GATE))))
                : OptionalDouble.empty();
    }

    private OptionalDouble range() {
        float[] all = shortTerms.toArray();
        double gated = meanAbove(all, ABSOLUTE_GATE);
        if (!(gated > 0)) {
            return OptionalDouble.empty();
        }
        Arrays.sort(all);
        double gate = Math.max(ABSOLUTE_GATE, gated * RANGE_GATE);
        int first = 0;
        while (all[first] <= gate) {
            first++;
        }
        int last = all.length - 1 - first;
        double low = all[first + (int) Math.round(0.10 * last)];
        double high = all[first + (int) Math.round(0.95 * last)];
        return OptionalDouble.of(Decibels.levelOfPower(high / low));
    }

    private static OptionalDouble maximum(double meanSquare) {
        return meanSquare > ABSOLUTE_GATE ? OptionalDouble.of(lufs(meanSquare)) : OptionalDouble.empty();
    }

    private static double lufs(double meanSquare) {
        return OFFSET_DB + Decibels.levelOfPower(meanSquare);
    }

    private static double meanAbove(float[] values, double gate) {
        double sum = 0;
        int count = 0;
        for (float value : values) {
            if (value > gate) {
                sum += value;
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }
}
