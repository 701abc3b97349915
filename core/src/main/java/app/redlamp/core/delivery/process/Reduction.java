package app.redlamp.core.delivery.process;

/**
 * How much a step turned down.
 *
 * @param mostDb the most, in dB, 0 or more
 * @param heldS seconds for which it was more than 3 dB, 0 or more
 */
public record Reduction(double mostDb, double heldS) {
    /** Nothing was turned down. */
    public static final Reduction NONE = new Reduction(0, 0);

    /** More is heard as a voice that is held (common practice, no source). */
    static final double HELD_DB = 3;

    /** More takes the life out of the loud lines (common practice, no source). */
    private static final double MOST_DB = 6;

    /** More often it is no peak that is held but the voice (common practice, no source). */
    private static final double MOST_SHARE = 0.1;

    /** The share of the speech that was held; {@code activeS} are the seconds in which somebody speaks, 0 or more. */
    public double share(double activeS) {
        return activeS > 0 ? Math.min(1, heldS / activeS) : 0;
    }

    /** Whether so much should be done by levelling the loud lines, or by reading them again, and not by a limiter. */
    public boolean heavy(double activeS) {
        return mostDb > MOST_DB || share(activeS) > MOST_SHARE;
    }
}
