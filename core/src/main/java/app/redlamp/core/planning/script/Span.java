package app.redlamp.core.planning.script;

/**
 * Blocks of a script that follow each other.
 *
 * @param from first block, from 0
 * @param to block after the last, above {@code from}
 */
public record Span(int from, int to) {

    /** @throws IllegalArgumentException for a span of nothing */
    public Span {
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException(
                    "blocks " + from + " to " + to + ": must begin at 0 or later and not be empty");
        }
    }

    public boolean contains(int block) {
        return block >= from && block < to;
    }
}
