package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Optional;

/**
 * What comes in and what goes out.
 *
 * @param currency of all amounts
 * @param fee what the client pays; absent where nobody does
 * @param budget what may be spent on gear; absent where that is not settled
 * @param items the shopping list
 */
public record Money(Currency currency, Optional<Fee> fee, Optional<BigDecimal> budget, List<ShoppingItem> items) {

    /** @throws IllegalArgumentException for a budget below nothing */
    public Money {
        items = List.copyOf(items);
        if (budget.orElse(BigDecimal.ZERO).signum() < 0) {
            throw new IllegalArgumentException(Faults.say("money.budget-must-be", budget.get()));
        }
    }

    /** Nothing yet. */
    public static Money in(Currency currency) {
        return new Money(currency, Optional.empty(), Optional.empty(), List.of());
    }

    /** What has still to be paid for the list. */
    public BigDecimal toPay() {
        return items.stream().map(ShoppingItem::toPay).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What is left of the budget, negative where the list goes beyond it; absent without a budget. */
    public Optional<BigDecimal> left() {
        return budget.map(b -> b.subtract(toPay()));
    }

    /** The same with another fee; absent for none. */
    public Money withFee(Optional<Fee> newFee) {
        return new Money(currency, newFee, budget, items);
    }

    /** The same with another budget; absent for none. */
    public Money withBudget(Optional<BigDecimal> newBudget) {
        return new Money(currency, fee, newBudget, items);
    }

    /** The same with other things to buy. */
    public Money withItems(List<ShoppingItem> newItems) {
        return new Money(currency, fee, budget, newItems);
    }

    /** Nothing yet, in a currency of three letters (ISO 4217). */
    public Money in(String code) {
        return new Money(Currency.getInstance(code), fee, budget, items);
    }
}
