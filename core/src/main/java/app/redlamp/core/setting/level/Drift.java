package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Outline;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/** Whether somebody gets louder or softer while reading. */
public final class Drift {
    /** Frames so far under the voice are none of it (ours). */
    private static final double BELOW_VOICE_DB = 12;

    /** Fewer are no reading (ours). */
    private static final int FEWEST_POINTS = 300;

    /** What nobody hears (common practice, no source). */
    private static final double EVEN_DB = 1;

    private Drift() {}

    /** Whether a drift is none that anybody hears. */
    public static boolean even(double db) {
        return Math.abs(db) < EVEN_DB;
    }

    /** Voice in the last third against the first, in dB; absent where nobody spoke for long enough. */
    public static OptionalDouble db(Report read) {
        Outline course = read.outline();
        if (read.pauses().voiceDbfs().isEmpty() || course.points() < FEWEST_POINTS) {
            return OptionalDouble.empty();
        }
        double least = read.pauses().voiceDbfs().getAsDouble() - BELOW_VOICE_DB;
        int third = course.points() / 3;
        OptionalDouble first = mean(course, 0, third, least);
        OptionalDouble last = mean(course, course.points() - third, course.points(), least);
        return first.isPresent() && last.isPresent()
                ? OptionalDouble.of(last.getAsDouble() - first.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble mean(Outline course, int from, int to, double leastDb) {
        double sum = 0;
        int count = 0;
        for (int p = from; p < to; p++) {
            double level = course.loudestDbfs(p, p + 1);
            if (level >= leastDb) {
                sum += Decibels.toPower(level);
                count++;
            }
        }
        return count == 0 ? OptionalDouble.empty() : OptionalDouble.of(Decibels.levelOfPower(sum / count));
    }
}
