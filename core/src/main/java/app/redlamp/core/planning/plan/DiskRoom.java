package app.redlamp.core.planning.plan;

import java.util.OptionalLong;

/** Whether a production finds room on a disk. */
public enum DiskRoom {
    /** The disk has not been asked. */
    UNKNOWN,
    ENOUGH,
    /** It fits and leaves less than a fifth of what it takes. */
    SHORT,
    /** It does not fit. */
    FULL;

    /** A disk that is full to the brim is slow and breaks takes (common practice, no source). */
    private static final double MARGIN = 1.2;

    /**
     * @param need room that is taken in all, in bytes
     * @param there what of it lies on the disk already, in bytes
     * @param free free room on the disk, in bytes; absent where it is not known
     */
    public static DiskRoom of(double need, double there, OptionalLong free) {
        if (free.isEmpty()) {
            return UNKNOWN;
        }
        double left = Math.max(0, need - there);
        if (free.getAsLong() < left) {
            return FULL;
        }
        return free.getAsLong() < left * MARGIN ? SHORT : ENOUGH;
    }
}
