package app.redlamp.core.verdict;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/**
 * A figure with the window that it is held against. Its id names the class that computes it and the words that explain it.
 *
 * @param id which
 * @param value in the unit of its id; absent where it is not known
 * @param limits the allowed window; open where nobody asks
 */
public record Figure(FigureId id, OptionalDouble value, Limits limits) {
    private static final Limits OPEN = new Limits(OptionalDouble.empty(), OptionalDouble.empty());

    /** @throws IllegalArgumentException for a value that is not a number */
    public Figure {
        if (Double.isNaN(value.orElse(0))) {
            throw new IllegalArgumentException(Faults.say("figure.is-not-number", id.id()));
        }
    }

    /** A figure that is known, with the window that it should lie in. */
    public static Figure of(FigureId id, double value, Limits limits) {
        return new Figure(id, OptionalDouble.of(value), limits);
    }

    /** One that is told and not judged. */
    public static Figure told(FigureId id, OptionalDouble value) {
        return new Figure(id, value, OPEN);
    }

    /**
     * How far it lies inside its window, in its unit: negative outside, absent where there is no value or no window. This is
     * what a margin is, everywhere.
     */
    public OptionalDouble margin() {
        boolean judged = limits.low().isPresent() || limits.high().isPresent();
        return judged && value.isPresent()
                ? OptionalDouble.of(limits.margin(value.getAsDouble()))
                : OptionalDouble.empty();
    }

    /** Whether it lies inside; also where it is not known, or nobody asks. */
    public boolean inside() {
        return margin().orElse(0) >= 0;
    }
}
