package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Something on the shopping list.
 *
 * @param name what it is, in general words
 * @param newPrice what it costs new, 0 or more
 * @param usedPrice what it costs used; absent where that is not known
 * @param standing whether it is to be bought, new or used, or is there already
 */
public record ShoppingItem(String name, BigDecimal newPrice, Optional<BigDecimal> usedPrice, Standing standing) {

    /** Where a thing stands. */
    public enum Standing {
        NEW,
        USED,
        OWNED
    }

    /** @throws IllegalArgumentException without a name, below nothing, or where it is bought used without a price for that */
    public ShoppingItem {
        boolean prices =
                newPrice.signum() >= 0 && usedPrice.orElse(BigDecimal.ZERO).signum() >= 0;
        if (name.isBlank() || !prices || (standing == Standing.USED && usedPrice.isEmpty())) {
            throw new IllegalArgumentException(Faults.say("item.needs-name-prices", name));
        }
    }

    /** What has still to be paid for it. */
    public BigDecimal toPay() {
        return switch (standing) {
            case NEW -> newPrice;
            case USED -> usedPrice.orElseThrow();
            case OWNED -> BigDecimal.ZERO;
        };
    }
}
