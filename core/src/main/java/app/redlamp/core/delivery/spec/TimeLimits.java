package app.redlamp.core.delivery.spec;

import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How long things may be, in seconds.
 *
 * @param headS room tone before the first word
 * @param tailS room tone after the last word
 * @param longestS longest file
 * @param totalS least length of all files together
 */
public record TimeLimits(
        Optional<Limits> headS, Optional<Limits> tailS, OptionalDouble longestS, OptionalDouble totalS) {
    public static final TimeLimits NONE =
            new TimeLimits(Optional.empty(), Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());
}
