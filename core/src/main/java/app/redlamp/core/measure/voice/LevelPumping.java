package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Tells an automatic gain by what it does to the pauses: once the voice stops it turns up, and the noise swells until
 * the next word. A room does the opposite: it fades. How it is told is ours.
 */
public final class LevelPumping {
    /** Frames of a pause that shows whether the floor moves (ours). */
    private static final int SHORTEST = 60;

    /** Frames in which a word fades (ours). */
    private static final int FADING = 15;

    /** Frames before a word that may be its beginning (ours). */
    private static final int BEFORE_WORD = 5;

    /** Pauses that tell something (ours). */
    private static final int FEWEST = 3;

    /** A floor that rises by less is the room's (ours). */
    private static final double LEAST_DB = 3;

    private LevelPumping() {}

    /**
     * @param meanSquares mean square of each 10 ms
     * @return by how many dB the noise swells within the pauses, in the middle of all; absent where it does not
     */
    public static OptionalDouble swellDb(float[] meanSquares, double voiceDbfs, double floorDbfs) {
        double threshold = Decibels.toPower((voiceDbfs + floorDbfs) / 2);
        List<Double> swells = new ArrayList<>();
        int start = 0;
        boolean spoken = false;
        for (int i = 0; i <= meanSquares.length; i++) {
            boolean quiet = i < meanSquares.length && meanSquares[i] < threshold;
            if (quiet) {
                continue;
            }
            if (spoken && i - start >= SHORTEST) {
                swells.add(swell(meanSquares, start + FADING, i - BEFORE_WORD));
            }
            spoken = true;
            start = i + 1;
        }
        if (swells.size() < FEWEST) {
            return OptionalDouble.empty();
        }
        boolean most = Quantile.of(swells, 1 / 3.0) > LEAST_DB / 2;
        double middle = Quantile.median(swells);
        return most && middle >= LEAST_DB ? OptionalDouble.of(middle) : OptionalDouble.empty();
    }

    /** Last third against first third in dB; nothing where one of them is digital silence. */
    private static double swell(float[] meanSquares, int from, int to) {
        int third = (to - from) / 3;
        double first = 0;
        double last = 0;
        for (int i = 0; i < third; i++) {
            first += meanSquares[from + i];
            last += meanSquares[to - 1 - i];
        }
        return first > 0 && last > 0 ? Decibels.levelOfPower(last / first) : 0;
    }
}
