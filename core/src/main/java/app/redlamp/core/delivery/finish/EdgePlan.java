package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.units.Limits;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How head and tail come into their windows: too much is cut, too little is filled with the recording's own room tone.
 *
 * @param cutHeadS seconds taken off the beginning
 * @param cutTailS seconds taken off the end
 * @param addHeadS seconds of room tone put before
 * @param addTailS seconds of room tone put after
 * @param tone the pause that the room tone is taken from; absent where none is needed
 */
public record EdgePlan(
        double cutHeadS, double cutTailS, double addHeadS, double addTailS, Optional<Pauses.Stretch> tone) {

    /** Nothing cut, nothing added. */
    public static final EdgePlan NONE = new EdgePlan(0, 0, 0, 0, Optional.empty());

    /** Edges within this of a bound are moved away from it, so that measuring again agrees (common practice, no source). */
    private static final double CLEARANCE_S = 0.1;

    /** A pause this long is enough to fill from without a pattern that is heard (common practice, no source). */
    private static final double ENOUGH_TONE_S = 0.3;

    /** @throws IllegalArgumentException for a negative length, or where tone is to be added and none is named */
    public EdgePlan {
        boolean lengths = cutHeadS >= 0 && cutTailS >= 0 && addHeadS >= 0 && addTailS >= 0;
        if (!(lengths && (tone.isPresent() || addHeadS + addTailS == 0))) {
            throw new IllegalArgumentException(
                    Faults.say("edge-plan.edges-cut-add", cutHeadS, cutTailS, addHeadS, addTailS, tone));
        }
    }

    /** The plan for a recording; head and tail that need tone where there is none stay as they are. */
    public static EdgePlan of(Specification specification, Report report) {
        Pauses pauses = report.pauses();
        double head = change(specification.headS(), pauses.headS());
        double tail = change(specification.tailS(), pauses.tailS());
        Optional<Pauses.Stretch> tone = pauses.stretches().stream()
                .filter(s -> s.lengthS() >= ENOUGH_TONE_S)
                .max(Comparator.comparingDouble(Pauses.Stretch::lengthS));
        double addHead = tone.isPresent() ? Math.max(0, head) : 0;
        double addTail = tone.isPresent() ? Math.max(0, tail) : 0;
        return new EdgePlan(
                Math.max(0, -head),
                Math.max(0, -tail),
                addHead,
                addTail,
                addHead + addTail > 0 ? tone : Optional.empty());
    }

    /** Whether anything is cut or added. */
    public boolean changes() {
        return cutHeadS + cutTailS + addHeadS + addTailS > 0;
    }

    /** Seconds to add (positive) or to cut (negative). */
    private static double change(Optional<Limits> limits, OptionalDouble measured) {
        if (limits.isEmpty() || measured.isEmpty()) {
            return 0;
        }
        double value = measured.getAsDouble();
        double low = limits.get().low().orElse(0) + CLEARANCE_S;
        double high = limits.get().high().orElse(Double.POSITIVE_INFINITY) - CLEARANCE_S;
        return value < low ? low - value : value > high ? high - value : 0;
    }
}
