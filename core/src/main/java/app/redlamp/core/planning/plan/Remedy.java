package app.redlamp.core.planning.plan;

import java.util.Locale;

/**
 * One change that by itself makes a plan fit.
 *
 * @param amount in the unit of the kind
 */
public record Remedy(Kind kind, long amount) {

    /** What can be changed. */
    public enum Kind {
        /** Begin so many days earlier than the brief says. */
        EARLIER,
        /** Sessions of so many minutes in all. */
        LONGER_SESSIONS,
        /** So many more days of the week with recording. */
        MORE_DAYS,
        /** So many minutes of editing a day in all. */
        MORE_EDITING,
        /** So many words fewer, or minutes fewer where nothing is read. */
        FEWER_WORDS,
        /** A deadline so many days later. */
        LATER;

        /** Name in reports and in a verdict's mends, such as {@code longer-sessions}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
