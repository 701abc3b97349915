package app.redlamp.core.planning.take;

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
            throw new IllegalArgumentException(
                    "mark '" + kind + "' at " + atS + " s: needs a kind, and a place at the start or after it");
        }
    }
}
