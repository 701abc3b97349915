package app.redlamp.core.planning.plan;

/**
 * A recording of a piece.
 *
 * @param piece index of the piece, from 0
 * @param lengthS its length in seconds
 * @param ready whether it is finished, and not only recorded
 */
public record Recorded(int piece, double lengthS, boolean ready) {
    /** Nobody reads faster; common practice, no source. */
    private static final double FASTEST_WORDS_A_SECOND = 5;

    /** Whether a recording is long enough to be all of a piece; what is shorter is a sample or a beginning. */
    boolean isWhole(int words) {
        return lengthS * FASTEST_WORDS_A_SECOND >= words;
    }
}
