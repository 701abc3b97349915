package app.redlamp.core.setting.card;

import app.redlamp.core.fault.Faults;
import java.time.LocalDateTime;
import java.util.Locale;

/**
 * A verdict that somebody knows better.
 *
 * @param station whose verdict
 * @param reason why; never blank
 * @param when it was overruled
 */
public record Overrule(Station station, String reason, LocalDateTime when) {
    /** A longer reason nobody reads (ours). */
    private static final int LONGEST = 500;

    /** Stations that must be clear before the lamp goes on. */
    public enum Station {
        ROOM,
        KIT,
        LEVEL;

        /** Name in files, such as {@code room}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws IllegalArgumentException without a reason, or with too long a one */
    public Overrule {
        if (reason.isBlank() || reason.length() > LONGEST) {
            throw new IllegalArgumentException(Faults.say("overrule.whoever-overrules-verdict", LONGEST));
        }
    }
}
