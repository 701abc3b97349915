package app.redlamp.core.delivery;

import java.util.Locale;

/** What can stand between files and sending them. */
public enum DeliveryProblem {
    /** There is no file. */
    NOTHING,
    /** Files that have to be recorded again; how many. */
    AGAIN,
    /** Files that have to be finished; how many. */
    FINISH,
    /** Files that nothing is known of yet; how many. */
    WAIT,
    /** Files that do not match each other. */
    APART,
    /** All of it together is too short. */
    TOO_SHORT,
    /** Parts that are wanted and not there; how many. */
    PARTS,
    /** Files that a person must hear; how many. */
    HEAR;

    /** Name in reports, such as {@code too-short}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
