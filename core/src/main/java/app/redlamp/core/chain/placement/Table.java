package app.redlamp.core.chain.placement;

import app.redlamp.core.fault.Faults;

/**
 * How neighbours sit at a table.
 *
 * @param seats to each other
 * @param apartM between their mouths, 0.3 to 5 m
 */
public record Table(Bleed.Seats seats, double apartM) {
    /** Nearer two people do not sit (ours). */
    public static final double NEAREST_M = 0.3;

    /** Further apart they do not share a table (ours). */
    public static final double FURTHEST_M = 5;

    /** Opposite each other, the usual 1.2 m apart (common practice, no source). */
    public static final Table USUAL = new Table(Bleed.Seats.ACROSS, 1.2);

    /** @throws IllegalArgumentException out of range */
    public Table {
        if (!(apartM >= NEAREST_M && apartM <= FURTHEST_M)) {
            throw new IllegalArgumentException(Faults.say("table.apart-must-lie", apartM, NEAREST_M, FURTHEST_M));
        }
    }

    /** The same, so far apart, or as near to it as can be. */
    public Table apart(double metres) {
        return new Table(seats, Math.max(NEAREST_M, Math.min(FURTHEST_M, metres)));
    }

    /** The same with its people seated otherwise. */
    public Table seated(Bleed.Seats other) {
        return new Table(other, apartM);
    }
}
