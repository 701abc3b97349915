package app.redlamp.desktop.control;

import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/**
 * What a {@link WindowBar} shows.
 *
 * @param limits the allowed window
 * @param value the value; absent where it is undefined
 * @param before the value before something was done, drawn hollow; absent where there is none
 * @param low left end of the scale
 * @param high right end of the scale, above {@code low}
 */
public record Gauge(Limits limits, OptionalDouble value, OptionalDouble before, double low, double high) {

    /** How far a scale goes beyond its window at a closed side. */
    private static final double BEYOND_DB = 8;

    /** How far it goes towards the open side. */
    private static final double OPEN_DB = 16;

    /** @throws IllegalArgumentException unless high is above low */
    public Gauge {
        if (!(high > low)) {
            throw new IllegalArgumentException("scale from " + low + " to " + high + ": must rise");
        }
    }

    /** A gauge for decibels whose scale is chosen by its window, so that bars below each other compare. */
    public static Gauge ofDecibels(Limits limits, OptionalDouble value, OptionalDouble before) {
        double low = limits.low().isPresent()
                ? limits.low().getAsDouble() - BEYOND_DB
                : limits.high().orElse(0) - OPEN_DB;
        double high = limits.high().isPresent() ? limits.high().getAsDouble() + BEYOND_DB : low + BEYOND_DB + OPEN_DB;
        return new Gauge(limits, value, before, low, high);
    }

    /** Place of a value on the scale, 0 to 1; values beyond its ends stop there. */
    public double share(double at) {
        return Math.max(0, Math.min(1, (at - low) / (high - low)));
    }

    /** −1 below the window, 1 above it, 0 inside. */
    public int side(double at) {
        if (at < limits.low().orElse(Double.NEGATIVE_INFINITY)) {
            return -1;
        }
        return at > limits.high().orElse(Double.POSITIVE_INFINITY) ? 1 : 0;
    }
}
