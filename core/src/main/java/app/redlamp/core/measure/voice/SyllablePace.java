package app.redlamp.core.measure.voice;

import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * Counts syllables by their kernels: crests of the level that stand at least 2 dB above the dips beside them.
 *
 * <p>Source: N. H. de Jong, T. Wempe, Praat script to detect syllable nuclei, Behav. Res. Methods 41(2), 2009. We
 * deviate in leaving out what hisses instead of what has no pitch.
 */
public final class SyllablePace {
    /** Softer ones are noise (ours). */
    public static final double LOWEST_BELOW_VOICE_DB = 15;

    /** Frames to each side of a mean (ours). */
    private static final int SMOOTH = 3;

    /** Less speech has no pace (ours). */
    private static final double SHORTEST_SPEECH_S = 3;

    private SyllablePace() {}

    /**
     * @param voiced mean square of each 10 ms, without rumble and hiss
     * @param voiceDbfs level of the voice
     * @param speechS seconds in which somebody speaks
     * @return syllables a second of speech; absent below 3 s of speech
     */
    public static OptionalDouble syllablesPerSecond(float[] voiced, double voiceDbfs, double speechS) {
        if (!(speechS >= SHORTEST_SPEECH_S)) {
            return OptionalDouble.empty();
        }
        double lowest = voiceDbfs - LOWEST_BELOW_VOICE_DB;
        SyllableCounter counter = new SyllableCounter();
        int syllables = 0;
        for (int i = 0; i < voiced.length; i++) {
            if (counter.next(smoothDb(voiced, i), lowest)) {
                syllables++;
            }
        }
        return OptionalDouble.of(syllables / speechS);
    }

    private static double smoothDb(float[] values, int at) {
        double sum = 0;
        int from = Math.max(0, at - SMOOTH);
        int to = Math.min(values.length - 1, at + SMOOTH);
        for (int i = from; i <= to; i++) {
            sum += values[i];
        }
        return Decibels.levelOfPower(Math.max(sum / (to - from + 1), 1e-15));
    }
}
