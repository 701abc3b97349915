package app.redlamp.core.units;

import app.redlamp.core.fault.Faults;
import java.util.OptionalDouble;

/**
 * An allowed window on one scale, open or closed at either side. The bounds themselves are allowed.
 *
 * @param low lowest allowed value, absent where there is no lower bound
 * @param high highest allowed value, absent where there is no upper bound
 */
public record Limits(OptionalDouble low, OptionalDouble high) {

    /** @throws IllegalArgumentException unless each given bound is a number and low is at most high */
    public Limits {
        boolean numbers = !Double.isNaN(low.orElse(0)) && !Double.isNaN(high.orElse(0));
        boolean ordered = low.isEmpty() || high.isEmpty() || low.getAsDouble() <= high.getAsDouble();
        if (!(numbers && ordered)) {
            throw new IllegalArgumentException(Faults.say("limits.window-from-to", low, high));
        }
    }

    /** From a low to a high value, both allowed. */
    public static Limits between(double low, double high) {
        return new Limits(OptionalDouble.of(low), OptionalDouble.of(high));
    }

    /** No higher than a value. */
    public static Limits atMost(double high) {
        return new Limits(OptionalDouble.empty(), OptionalDouble.of(high));
    }

    /** No lower than a value. */
    public static Limits atLeast(double low) {
        return new Limits(OptionalDouble.of(low), OptionalDouble.empty());
    }

    /** Target with an equal allowance on both sides. */
    public static Limits around(double target, double tolerance) {
        return between(target - tolerance, target + tolerance);
    }

    /** Whether a value is allowed. */
    public boolean contains(double value) {
        return margin(value) >= 0;
    }

    /** Distance to the nearest bound in the scale's unit: positive inside, negative outside. */
    public double margin(double value) {
        double above = low.isPresent() ? value - low.getAsDouble() : Double.POSITIVE_INFINITY;
        double below = high.isPresent() ? high.getAsDouble() - value : Double.POSITIVE_INFINITY;
        return Math.min(above, below);
    }
}
