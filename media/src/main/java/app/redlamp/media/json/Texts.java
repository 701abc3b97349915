package app.redlamp.media.json;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.function.Function;

/**
 * Things that stand in a document as a text.
 *
 * @param <V> such a thing
 */
public final class Texts<V> {
    /** A text as it is. */
    public static final Texts<String> PLAIN = of("json-object.a-text", s -> s, s -> s);
    /** A day, ISO 8601. */
    public static final Texts<LocalDate> DAY = of("texts.a-day", LocalDate::parse, LocalDate::toString);
    /** A time of day, ISO 8601. */
    public static final Texts<LocalTime> TIME = of("texts.a-time", LocalTime::parse, LocalTime::toString);
    /** A day and a time, ISO 8601. */
    public static final Texts<LocalDateTime> MOMENT =
            of("texts.a-moment", LocalDateTime::parse, LocalDateTime::toString);

    private final Function<V, String> write;
    private final Reading<V> read;

    /** Makes the thing of its text. */
    private interface Reading<V> {
        V of(String text, JsonObject o, String field) throws IOException;
    }

    private Texts(Function<V, String> write, Reading<V> read) {
        this.write = write;
        this.read = read;
    }

    /**
     * @param described key of what it must be, in a few words
     * @param parse throws an IllegalArgumentException or a DateTimeException for a text that is none
     */
    public static <V> Texts<V> of(String described, Function<String, V> parse, Function<V, String> write) {
        return new Texts<>(write, (text, o, field) -> {
            try {
                return parse.apply(text);
            } catch (IllegalArgumentException | DateTimeException e) {
                throw new IOException(
                        Faults.say(
                                "texts.line-must-be",
                                o.lineOf(field),
                                field,
                                Reason.shown(text),
                                Faults.say(described)),
                        e);
            }
        });
    }

    /** One of a fixed set, by its {@link Named name}. */
    public static <E extends Enum<E>> Texts<E> named(Class<E> names) {
        return new Texts<>(Named::id, (text, o, field) -> Named.of(names, text, o, field));
    }

    /** The text of a thing. */
    String write(V thing) {
        return write.apply(thing);
    }

    /**
     * @param o where it stands
     * @throws IOException where the text is no such thing; one line
     */
    V read(String text, JsonObject o, String field) throws IOException {
        return read.of(text, o, field);
    }
}
