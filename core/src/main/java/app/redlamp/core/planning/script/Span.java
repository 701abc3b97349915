package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;

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
            throw new IllegalArgumentException(Faults.say("span.blocks-to-must", from, to));
        }
    }

    /** Whether a block, counted from 0, lies in it. */
    public boolean contains(int block) {
        return block >= from && block < to;
    }
}
