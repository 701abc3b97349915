package app.redlamp.core.signal;

/**
 * Cuts time into ticks of 1 ms and frames of 10 ms. Where the sample rate is no multiple of 1000 the ticks' lengths
 * alternate, so that they never drift from the clock; a frame is always ten ticks.
 */
public final class FrameClock {
    /** Levels are told every 10 ms (ours). */
    public static final int FRAMES_PER_SECOND = 100;

    /** And looked at every millisecond (ours). */
    public static final int TICKS_PER_SECOND = 1000;

    /** Looks of one frame (by definition). */
    public static final int TICKS_PER_FRAME = TICKS_PER_SECOND / FRAMES_PER_SECOND;

    private FrameClock() {}

    /** Sample at which a frame begins, and the one before it ends. */
    public static long startOf(long frame, int sampleRateHz) {
        return startOfTick(frame * TICKS_PER_FRAME, sampleRateHz);
    }

    /** Sample at which a tick begins, and the one before it ends. */
    public static long startOfTick(long tick, int sampleRateHz) {
        return Math.round((double) tick * sampleRateHz / TICKS_PER_SECOND);
    }

    /** Seconds from the start at which a frame begins. */
    public static double secondsOf(long frame) {
        return (double) frame / FRAMES_PER_SECOND;
    }
}
