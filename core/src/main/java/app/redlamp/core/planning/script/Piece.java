package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A chapter, a stop, a cue or an episode: what becomes one file.
 *
 * @param title what it is called; never blank
 * @param spans where its words are in the script; none where it is spoken freely
 * @param plannedS how long it is to be, in seconds, where it is not read from words
 */
public record Piece(String title, List<Span> spans, OptionalDouble plannedS) {

    /** @throws IllegalArgumentException without a title, or for a planned length that is none */
    public Piece {
        spans = List.copyOf(spans);
        if (title.isBlank()) {
            throw new IllegalArgumentException(Faults.say("piece.chapter-needs-title"));
        }
        if (!(plannedS.orElse(1) > 0)) {
            throw new IllegalArgumentException(Faults.say("piece.planned-length-must", plannedS.getAsDouble()));
        }
    }

    /** Read from the script. */
    public static Piece read(String title, List<Span> spans) {
        return new Piece(title, spans, OptionalDouble.empty());
    }

    /** Spoken freely for about so long. */
    public static Piece spoken(String title, double seconds) {
        return new Piece(title, List.of(), OptionalDouble.of(seconds));
    }

    /** The same under another title. */
    public Piece called(String newTitle) {
        return new Piece(newTitle, spans, plannedS);
    }

    /** This one with another's words after its own, under this one's title. */
    Piece and(Piece next) {
        List<Span> all = new ArrayList<>(spans);
        for (Span span : next.spans) {
            Span last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last != null && last.to() == span.from()) {
                all.set(all.size() - 1, new Span(last.from(), span.to()));
            } else {
                all.add(span);
            }
        }
        OptionalDouble both = plannedS.isPresent() || next.plannedS.isPresent()
                ? OptionalDouble.of(plannedS.orElse(0) + next.plannedS.orElse(0))
                : OptionalDouble.empty();
        return new Piece(title, all, both);
    }
}
