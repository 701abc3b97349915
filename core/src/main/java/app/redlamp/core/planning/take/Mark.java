package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;

/**
 * A place in a take.
 *
 * @param atS seconds from its start, 0 or more
 * @param kind what is there, such as {@code clipped} or {@code again}
 * @param note in the user's own words; empty for none
 */
public record Mark(double atS, String kind, String note) {
    /** @throws IllegalArgumentException for a place before the start, or without a kind */
    public Mark {
        if (!(atS >= 0 && Double.isFinite(atS)) || kind.isBlank()) {
            throw new IllegalArgumentException(Faults.say("mark.mark-at-needs", kind, atS));
        }
    }
}
