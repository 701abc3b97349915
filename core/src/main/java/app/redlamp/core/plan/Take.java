package app.redlamp.core.plan;

/**
 * A recording of a piece.
 *
 * @param piece index of the piece, from 0
 * @param lengthS its length in seconds
 * @param ready whether it is finished, and not only recorded
 */
public record Take(int piece, double lengthS, boolean ready) {}
