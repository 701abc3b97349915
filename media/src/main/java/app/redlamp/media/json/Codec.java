package app.redlamp.media.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.time.DateTimeException;

/**
 * A thing and its object in a document, both ways: its {@link Shape} names every field once, and is gone through to read as
 * well as to write.
 *
 * @param <T> the thing
 */
public final class Codec<T> {
    private final Shape<T> shape;
    private final boolean strict;

    /** Asks for each field and makes the thing of what it is given. */
    @FunctionalInterface
    public interface Shape<T> {
        /**
         * @throws IOException where what is read is no such thing; one line
         * @throws IllegalArgumentException where its figures cannot be
         */
        T of(Fields<T> fields) throws IOException;
    }

    private Codec(Shape<T> shape, boolean strict) {
        this.shape = shape;
        this.strict = strict;
    }

    /** A codec that passes over fields which the shape does not ask for. */
    public static <T> Codec<T> of(Shape<T> shape) {
        return new Codec<>(shape, false);
    }

    /** A codec that refuses fields which the shape does not ask for: in a limit, nothing misspelt may vanish. */
    public static <T> Codec<T> strict(Shape<T> shape) {
        return new Codec<>(shape, true);
    }

    /** @throws IOException where it is no such thing; one line with the place and the reason */
    public T read(JsonObject document) throws IOException {
        T made;
        try {
            made = shape.of(Fields.reading(document));
        } catch (IllegalArgumentException | DateTimeException e) {
            // Figures that cannot be are refused where they are made; a field that is misspelt may be why.
            refuseUnknown(document);
            throw new IOException(document.at(e.getMessage()), e);
        }
        refuseUnknown(document);
        return made;
    }

    private void refuseUnknown(JsonObject document) throws IOException {
        if (strict) {
            document.onlyAsked();
        }
    }

    /**
     * Writes all of a thing into an object.
     *
     * @throws IOException where a document could not hold it; one line
     */
    public void write(T thing, ObjectNode into) throws IOException {
        shape.of(Fields.writing(thing, into));
    }
}
