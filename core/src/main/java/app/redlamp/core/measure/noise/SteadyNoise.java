package app.redlamp.core.measure.noise;

import app.redlamp.core.measure.noise.Stretches.Span;
import app.redlamp.core.units.Decibels;
import java.util.BitSet;
import java.util.List;

/**
 * Finds noise whatever its level, by what speech never is: for 0.3 s its level and its treble stay where they are. Speech
 * goes from sound to sound meanwhile, and its treble with it, by 20 dB and more.
 *
 * <p>How it is told is ours: levels are smoothed over 50 ms; the greatest by the least of them and the same of the samples'
 * second differences, in decibels, add up to at most 15 dB.
 */
final class SteadyNoise {
    /** Both spreads together (ours). */
    private static final double SPREAD = Decibels.toPower(15);

    /** And the treble's alone (ours). */
    private static final double TREBLE_SPREAD = Decibels.toPower(6);

    /** Frames between two looks (ours). */
    private static final int HOP = 3;

    private SteadyNoise() {}

    /**
     * @param smooth mean squares over 50 ms around each frame
     * @param treble the same of the second differences
     * @param silent frames of digital silence, which no noise may contain
     */
    static List<Span> find(float[] smooth, float[] treble, BitSet silent) {
        BitSet steady = new BitSet();
        for (int from = 0; from + PauseSearch.SHORTEST <= smooth.length; from += HOP) {
            if (isSteady(smooth, treble, silent, from, from + PauseSearch.SHORTEST)) {
                steady.set(from, from + PauseSearch.SHORTEST);
            }
        }
        return Stretches.runs(steady::get, 0, smooth.length, PauseSearch.SHORTEST);
    }

    private static boolean isSteady(float[] smooth, float[] treble, BitSet silent, int from, int to) {
        float least = Float.POSITIVE_INFINITY;
        float most = 0;
        float leastTreble = Float.POSITIVE_INFINITY;
        float mostTreble = 0;
        for (int i = from; i < to; i++) {
            least = Math.min(least, smooth[i]);
            most = Math.max(most, smooth[i]);
            leastTreble = Math.min(leastTreble, treble[i]);
            mostTreble = Math.max(mostTreble, treble[i]);
        }
        int silence = silent.nextSetBit(from);
        double spread = (double) most * mostTreble / ((double) least * leastTreble);
        return (silence < 0 || silence >= to) && spread <= SPREAD && mostTreble <= leastTreble * TREBLE_SPREAD;
    }
}
