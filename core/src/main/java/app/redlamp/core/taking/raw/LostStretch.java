package app.redlamp.core.taking.raw;

import app.redlamp.core.fault.Faults;

/**
 * Frames that were heard and that nobody has: silence stands in their place.
 *
 * @param atFrame where they would begin, 0 or more
 * @param frames how many, 1 or more
 */
public record LostStretch(long atFrame, long frames) {
    /** @throws IllegalArgumentException out of range */
    public LostStretch {
        if (!(atFrame >= 0 && frames >= 1)) {
            throw new IllegalArgumentException(Faults.say("lost-stretch.out-of-range", frames, atFrame));
        }
    }
}
