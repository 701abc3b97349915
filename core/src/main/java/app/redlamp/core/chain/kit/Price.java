package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;
import java.util.OptionalDouble;

/**
 * What something costs, in the currency of the production; prices that ship are typical ones (common practice, no source).
 *
 * @param fresh new, 0 to 100 000
 * @param used used, at most as much; absent where nobody sells it used
 */
public record Price(double fresh, OptionalDouble used) {
    /** There already, as a telephone is. */
    public static final Price NOTHING = new Price(0, OptionalDouble.empty());

    /** @throws IllegalArgumentException out of range */
    public Price {
        if (!(fresh >= 0 && fresh <= 100_000 && used.orElse(0) >= 0 && used.orElse(0) <= fresh)) {
            throw new IllegalArgumentException(Faults.say("price.price-used-must", fresh, used.orElse(0)));
        }
    }

    /** The lowest it can be had for. */
    public double lowest() {
        return used.orElse(fresh);
    }
}
