package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.math.BigDecimal;
import java.util.Locale;

/**
 * What the client pays.
 *
 * @param amount 0 or more, in the production's currency
 */
public record Fee(Basis basis, BigDecimal amount) {
    private static final BigDecimal SECONDS_AN_HOUR = BigDecimal.valueOf(3600);

    /** What is paid for. */
    public enum Basis {
        FINISHED_HOUR,
        WORD,
        FLAT;

        /** Name in files, such as {@code finished-hour}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** @throws IllegalArgumentException for less than nothing */
    public Fee {
        if (amount.signum() < 0) {
            throw new IllegalArgumentException(Faults.say("fee.fee-must-be", amount));
        }
    }

    /** What it comes to. */
    public BigDecimal income(double finishedS, int words) {
        return switch (basis) {
            case FINISHED_HOUR ->
                amount.multiply(BigDecimal.valueOf(finishedS))
                        .divide(SECONDS_AN_HOUR, 2, java.math.RoundingMode.HALF_EVEN);
            case WORD -> amount.multiply(BigDecimal.valueOf(words)).setScale(2, java.math.RoundingMode.HALF_EVEN);
            case FLAT -> amount;
        };
    }
}
