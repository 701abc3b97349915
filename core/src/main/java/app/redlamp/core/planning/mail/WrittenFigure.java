package app.redlamp.core.planning.mail;

import java.util.OptionalDouble;
import java.util.Set;

/**
 * A figure in a text, or two with "to" between them.
 *
 * @param low the figure, or the lower of the two
 * @param high the higher of the two; absent for a single one
 * @param tolerance what is said with ± after it
 * @param unit its unit
 * @param from first character
 * @param to character after the last
 */
record WrittenFigure(double low, OptionalDouble high, OptionalDouble tolerance, Unit unit, int from, int to) {

    private static final Set<Unit> LEVELS = Set.of(Unit.LUFS, Unit.DBTP, Unit.DBOV, Unit.RMS, Unit.DECIBEL);

    /** What a figure counts. */
    enum Unit {
        LUFS,
        DBTP,
        DBOV,
        RMS,
        DECIBEL,
        HERTZ,
        KBPS,
        BITS,
        SECONDS,
        NONE
    }

    boolean isLevel() {
        return LEVELS.contains(unit);
    }
}
