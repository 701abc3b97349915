package app.redlamp.core.planning.plan;

import java.util.Locale;

/** What can be wrong with a plan. */
public enum PlanProblem {
    /** There is nothing to record yet. */
    NO_SCRIPT,
    /** The disk is too small for it. */
    DISK_FULL,
    /** Files have no names that can be. */
    NAMES,
    /** It never ends: there is no time to record or edit in. */
    NEVER,
    /** It ends after the deadline. */
    DEADLINE,
    /** It fits on the disk, and just so. */
    DISK_SHORT;

    /** Name in reports, such as {@code disk-full}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
