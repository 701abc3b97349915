package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;

/**
 * A place in a take.
 *
 * @param atS seconds from its start, 0 or more
 * @param lengthS how long it is in seconds; 0 for a single moment
 * @param kind what is there, such as {@code clipped} or an id of {@link MarkKind}
 * @param note in the user's own words; empty for none
 */
public record Mark(double atS, double lengthS, String kind, String note) {
    /** @throws IllegalArgumentException for a place before the start, a length below 0, or without a kind */
    public Mark {
        if (!(atS >= 0 && Double.isFinite(atS) && lengthS >= 0 && Double.isFinite(lengthS)) || kind.isBlank()) {
            throw new IllegalArgumentException(Faults.say("mark.mark-at-needs", kind, atS, lengthS));
        }
    }

    /** A single moment. */
    public Mark(double atS, String kind, String note) {
        this(atS, 0, kind, note);
    }

    /** Whether it is of a kind. */
    public boolean is(MarkKind one) {
        return kind.equals(one.id());
    }

    /** The same at another place. */
    public Mark at(double otherS) {
        return new Mark(otherS, lengthS, kind, note);
    }
}
