package app.redlamp.core.measure.disturbance;

import app.redlamp.core.measure.noise.LocalFloor;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** Finds sounds that stand by themselves: a quarter of a second of quiet before and after them. */
final class Islands {
    /** So much above the floor around it a sound is heard (ours). */
    private static final double ABOVE_FLOOR = Decibels.toPower(8);

    /** Frames of quiet that belong to one sound: a key that comes up, a step after a step (ours). */
    static final int GAP = 25;

    /** Frames of quiet that are seen before it and after it (ours). */
    private static final int QUIET = 15;

    /** Frames: longer is a sentence, or a machine (ours). */
    static final int LONGEST = 400;

    /** Frames from {@code from} up to, not including, {@code to}. */
    record Island(int from, int to) {}

    private final BitSet loud;
    private final int frames;

    /** @param meanSquares mean square of each 10 ms, digital silence as 0 */
    Islands(float[] meanSquares) {
        loud = loud(meanSquares);
        frames = meanSquares.length;
    }

    /** Whether nothing is heard above the floor in frames. */
    boolean isQuiet(int from, int to) {
        int next = loud.nextSetBit(from);
        return next < 0 || next >= to;
    }

    /** Those that begin and end within the frames. */
    List<Island> all() {
        List<Island> found = new ArrayList<>();
        int from = loud.nextSetBit(0);
        while (from >= 0) {
            int to = loud.nextClearBit(from);
            int next = loud.nextSetBit(to);
            while (next >= 0 && next - to <= GAP) {
                to = loud.nextClearBit(next);
                next = loud.nextSetBit(to);
            }
            if (from >= QUIET && to + QUIET <= frames && to - from <= LONGEST) {
                found.add(new Island(from, to));
            }
            from = next;
        }
        return found;
    }

    /** Frames that are heard above what is around them. */
    private static BitSet loud(float[] meanSquares) {
        BitSet silent = new BitSet();
        double most = 0;
        for (int i = 0; i < meanSquares.length; i++) {
            silent.set(i, meanSquares[i] == 0);
            most = Math.max(most, meanSquares[i]);
        }
        LocalFloor floor = new LocalFloor(meanSquares, silent, most);
        BitSet loud = new BitSet();
        for (int i = 0; i < meanSquares.length; i++) {
            loud.set(i, meanSquares[i] > ABOVE_FLOOR * floor.at(i));
        }
        return loud;
    }
}
