package app.redlamp.core.measure.room;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;

/**
 * The end of a word or of a syllable: frames in which the level falls by at least 12 dB, until it rises again or the noise
 * comes.
 *
 * @param from last loud frame
 * @param to last frame that belongs to it
 */
record Fall(int from, int to) {
    /** It begins so near to the voice's level (ours). */
    private static final double NEAR_VOICE_DB = 10;

    /** And is at least so deep (ours). */
    private static final double DEEP_DB = 12;

    /** What rises by so much is another sound (ours). */
    private static final double RISE_DB = 2;

    /** So near to the noise there is nothing to be seen (ours). */
    private static final double ABOVE_NOISE_DB = 3;

    /** Frames it has at least (ours). */
    private static final int FEWEST_FRAMES = 6;

    /** Nothing falls for longer than a second (ours). */
    private static final int MOST_FRAMES = 120;

    /** Share of short means that are quieter than what is taken for the noise (ours). */
    private static final double QUIETEST = 0.005;

    /** Frames of a short mean (ours). */
    private static final int SHORT = 5;

    /** From the quietest of short means to the mean of the noise, as a ratio of powers (ours). */
    private static final double UP = 1.15;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING_AT_ALL = 1e-30;

    /** Softer than this under the voice nothing is looked for, as a ratio of powers (ours). */
    private static final double NOTHING = 1e-8;

    /**
     * Where the levels stand.
     *
     * @param voice mean square of the louder half of all frames
     * @param noise mean square of the quietest moments
     */
    record Ground(double voice, double noise) {
        /** @param levels mean square of each 10 ms, more than a few of them and not all 0 */
        static Ground of(float[] levels) {
            double half = Quantile.median(levels);
            double sum = 0;
            int count = 0;
            for (float level : levels) {
                if (level > half) {
                    sum += level;
                    count++;
                }
            }
            double voice = count == 0 ? half : sum / count;
            float[] means = new float[Math.max(1, levels.length - SHORT + 1)];
            for (int i = 0; i < means.length; i++) {
                for (int k = i; k < Math.min(levels.length, i + SHORT); k++) {
                    means[i] += levels[k] / SHORT;
                }
            }
            return new Ground(voice, Math.max(NOTHING * voice, UP * Quantile.of(means, QUIETEST)));
        }

        /** How far the voice stands over the noise. */
        double depthDb() {
            return Decibels.levelOfPower(voice / noise);
        }
    }

    /** All falls in the order of time. */
    static List<Fall> in(float[] levels, Ground ground) {
        float[] smooth = smooth(levels);
        double top = Decibels.levelOfPower(ground.voice()) - NEAR_VOICE_DB;
        double bottom = Decibels.levelOfPower(ground.noise()) + ABOVE_NOISE_DB;
        List<Fall> falls = new ArrayList<>();
        int at = 0;
        while (at + 1 < smooth.length) {
            int end = at;
            if (smooth[at] > top && smooth[at + 1] < smooth[at]) {
                end = endOf(smooth, at, bottom);
                if (smooth[at] - smooth[end] >= DEEP_DB && end - at >= FEWEST_FRAMES) {
                    falls.add(new Fall(at, end));
                }
            }
            at = Math.max(end, at + 1);
        }
        return falls;
    }

    /** The lowest frame of the fall that begins there. */
    private static int endOf(float[] smooth, int from, double bottom) {
        int lowest = from;
        for (int i = from + 1; i < smooth.length && i - from <= MOST_FRAMES; i++) {
            if (smooth[i] >= smooth[lowest] + RISE_DB || smooth[i] <= bottom) {
                break;
            }
            if (smooth[i] <= smooth[lowest]) {
                lowest = i;
            }
        }
        return lowest;
    }

    /** Levels of means of three frames, in dB. */
    private static float[] smooth(float[] levels) {
        float[] smooth = new float[levels.length];
        for (int i = 0; i < smooth.length; i++) {
            double before = levels[Math.max(0, i - 1)];
            double after = levels[Math.min(levels.length - 1, i + 1)];
            smooth[i] = (float) Decibels.levelOfPower(Math.max(NOTHING_AT_ALL, (before + levels[i] + after) / 3));
        }
        return smooth;
    }
}
