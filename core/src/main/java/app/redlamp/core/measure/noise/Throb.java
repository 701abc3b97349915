package app.redlamp.core.measure.noise;

import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.BitSet;
import java.util.OptionalDouble;

/**
 * Noise that throbs: that swells and goes evenly, as of a mixer, a pump or two fans that beat against each other. It comes
 * back at the same moment of every turn, which no voice does. Each half minute has a course of its own, and where there is none, each minute.
 */
final class Throb {
    /** Frames of a stretch in which it may be: half a minute (ours). */
    private static final int STRETCH = 3000;

    /** And for slow ones, of which half a minute holds too few: a minute (ours). */
    private static final int LONG_STRETCH = 6000;

    /** Levels in the shortest turn that is looked for in half a minute: 0.5 s (ours). */
    private static final double SHORTEST = 10;

    /** And in a minute: 2 s (ours). */
    private static final double SHORTEST_IN_LONG = 40;

    /** Frames that make one level: 50 ms (ours). */
    private static final int STEP = 5;

    /** Nothing where nothing throbs, which is mostly so. */
    private float[] course = new float[0];

    private double turns;
    private int found;

    private Throb() {}

    /**
     * @param smooth mean squares over 50 ms around each frame
     * @param silent frames of digital silence, which count nowhere
     */
    static Throb of(float[] smooth, BitSet silent) {
        Throb throb = new Throb();
        throb.find(smooth, silent, STRETCH, SHORTEST);
        throb.find(smooth, silent, LONG_STRETCH, SHORTEST_IN_LONG);
        return throb;
    }

    private void find(float[] smooth, BitSet silent, int stretch, double shortest) {
        for (int from = 0; from + stretch <= smooth.length; from += stretch) {
            // The last one reaches to the end.
            int to = from + 2 * stretch > smooth.length ? smooth.length : from + stretch;
            if (isEven(from, to)) {
                find(smooth, silent, from, to, shortest);
            }
        }
    }

    private boolean isEven(int from, int to) {
        for (int i = from; i < to; i++) {
            if (times(i) != 1) {
                return false;
            }
        }
        return true;
    }

    /** How many times as strong the noise is at a frame as where it is weakest; 1 where it does not throb. */
    float times(int frame) {
        return course.length == 0 ? 1 : course[frame];
    }

    /** Levels without it: the same ones where nothing throbs. */
    float[] takenOut(float[] values) {
        if (course.length == 0) {
            return values;
        }
        float[] result = new float[values.length];
        for (int i = 0; i < result.length; i++) {
            result[i] = values[i] / course[i];
        }
        return result;
    }

    /** Seconds from swell to swell; absent where nothing throbs. */
    OptionalDouble turnS() {
        return found == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(turns / found * STEP / FrameLevels.FRAMES_PER_SECOND);
    }

    private void find(float[] smooth, BitSet silent, int from, int to, double shortest) {
        double[] levels = new double[(to - from) / STEP];
        for (int i = 0; i < levels.length; i++) {
            int frame = from + i * STEP + STEP / 2;
            levels[i] =
                    silent.get(frame) ? Double.NaN : Decibels.levelOfPower(Math.max(smooth[frame], Float.MIN_NORMAL));
        }
        ThrobFinder finder = new ThrobFinder(levels, shortest);
        double[] levelsOfTurn = finder.course();
        if (levelsOfTurn.length > 0) {
            turns += finder.turn();
            found++;
            if (course.length == 0) {
                course = new float[smooth.length];
                Arrays.fill(course, 1);
            }
            write(levelsOfTurn, finder.turn() * STEP, from, to);
        }
    }

    private void write(double[] levels, double turn, int from, int to) {
        double least = Arrays.stream(levels).min().orElseThrow();
        for (int i = from; i < to; i++) {
            double at = (i - from) / turn * levels.length - 0.5;
            int before = (int) Math.floor(at);
            double after = at - before;
            double level = (1 - after) * levels[Math.floorMod(before, levels.length)]
                    + after * levels[Math.floorMod(before + 1, levels.length)];
            course[i] = (float) Decibels.toPower(level - least);
        }
    }
}
