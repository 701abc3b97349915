package app.redlamp.core.taking.raw;

import app.redlamp.core.fault.Faults;

/**
 * What a disk still takes of a recording: seconds = (free − reserve) / bytes a second, 0 or more.
 *
 * @param freeBytes what can still be written
 * @param bytesASecond of the recording, 1 or more
 */
public record DiskReserve(long freeBytes, long bytesASecond) {
    /** Minutes from which on it is said (ours). */
    public static final int LOW_MIN = 30;

    /** Kept free so that the take can be closed and the production saved (ours). */
    static final long RESERVE_BYTES = 64L << 20;

    /** Seconds of the recording that are kept free as well: what is heard until it has stopped (ours). */
    static final int RESERVE_S = 10;

    /** Seconds of a minute (by definition). */
    private static final int MINUTE_S = 60;

    /** @throws IllegalArgumentException out of range */
    public DiskReserve {
        if (!(freeBytes >= 0 && bytesASecond >= 1)) {
            throw new IllegalArgumentException(Faults.say("disk-reserve.out-of-range", freeBytes, bytesASecond));
        }
    }

    /** Seconds that still fit before the recording stops. */
    public double leftS() {
        long usable = freeBytes - RESERVE_BYTES - RESERVE_S * bytesASecond;
        return Math.max(0, usable) / (double) bytesASecond;
    }

    /** Whole minutes that still fit. */
    public int leftMin() {
        return (int) Math.min(Integer.MAX_VALUE, leftS() / MINUTE_S);
    }

    /** Whether it is to be said that little is left. */
    public boolean low() {
        return leftS() < LOW_MIN * MINUTE_S;
    }

    /** Whether the recording stops now, with all that is there. */
    public boolean over() {
        return leftS() <= 0;
    }
}
