package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Gear;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A line of the shopping list.
 *
 * @param part what
 * @param pieces how many, 1 or more
 * @param mark when
 * @param against what it mends; absent where it is a part of the kit, or a better one
 * @param effectDb what it does for the snr, or against what it mends, in dB; absent where that has no such figure
 * @param within whether the budget reaches so far down the list, at new prices
 */
public record Purchase(
        Gear part, int pieces, Mark mark, Optional<Miss> against, OptionalDouble effectDb, boolean within) {

    /** When it is bought. */
    public enum Mark {
        /** Without it there is no start. */
        TODAY,
        /** It will be heard. */
        NEXT,
        /** It makes good better. */
        LATER;

        /** Name in reports, such as {@code today}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Price of all its pieces that are not there yet. */
    public double cost() {
        return part.price().fresh() * pieces;
    }

    /** What it costs used; absent where nobody sells it used. */
    public OptionalDouble usedCost() {
        OptionalDouble used = part.price().used();
        return used.isPresent() ? OptionalDouble.of(used.getAsDouble() * pieces) : used;
    }

    /** What a decibel of its effect costs; absent without one. */
    public OptionalDouble costPerDb() {
        return effectDb.isPresent() && effectDb.getAsDouble() > 0
                ? OptionalDouble.of(cost() / effectDb.getAsDouble())
                : OptionalDouble.empty();
    }

    Purchase reached(boolean budget) {
        return new Purchase(part, pieces, mark, against, effectDb, budget);
    }
}
