package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.time.LocalDate;
import java.util.Locale;

/**
 * Time that was really spent.
 *
 * @param minutes 1 to 1440
 */
public record Spent(LocalDate day, Phase phase, int minutes) {

    /** What it was spent on. */
    public enum Phase {
        BOOTH,
        EDIT,
        PROOF;

        /** Name in files, such as {@code proof}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws IllegalArgumentException for minutes out of range */
    public Spent {
        if (!(minutes >= 1 && minutes <= 1440)) {
            throw new IllegalArgumentException(Faults.say("spent.time-spent-min", minutes));
        }
    }
}
