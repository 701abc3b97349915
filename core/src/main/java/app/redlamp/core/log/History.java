package app.redlamp.core.log;

import java.util.List;
import java.util.stream.Stream;

/**
 * All that happened, in the order of the log.
 *
 * @param all entries that this version knows
 * @param notKnown lines that it does not know, or that were cut off
 */
public record History(List<Logged> all, int notKnown) {
    public static final History NONE = new History(List.of(), 0);

    public History {
        all = List.copyOf(all);
    }

    /** Entries of one kind. */
    public <E extends LogEntry> Stream<E> of(Class<E> kind) {
        return all.stream().map(Logged::entry).filter(kind::isInstance).map(kind::cast);
    }
}
