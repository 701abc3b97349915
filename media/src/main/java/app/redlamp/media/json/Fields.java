package app.redlamp.media.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/**
 * The fields of one object of a document, while it is read or written. Each method names a field and how it is got from the
 * thing: reading, it gives what the document holds; writing, it puts what the thing holds into the document and gives that.
 * What is optional and absent is left out. Reading, each throws an IOException of one line where the field is missing (unless
 * it is optional or has a usual value) or something else.
 *
 * @param <T> the thing
 */
public final class Fields<T> {
    /** Absent while writing. */
    private final JsonObject from;
    /** Absent while reading, as is the thing. */
    private final ObjectNode to;

    private final T thing;

    private Fields(JsonObject from, ObjectNode to, T thing) {
        this.from = from;
        this.to = to;
        this.thing = thing;
    }

    static <T> Fields<T> reading(JsonObject from) {
        return new Fields<>(from, null, null);
    }

    static <T> Fields<T> writing(T thing, ObjectNode to) {
        return new Fields<>(null, to, thing);
    }

    private boolean reads() {
        return from != null;
    }

    /** The same object, whose further fields are those of a part of the thing. */
    public <V> Fields<V> within(Function<T, V> part) {
        return new Fields<>(from, to, reads() ? null : part.apply(thing));
    }

    /** Names of all fields of an object that is a table. */
    public Set<String> names(Function<T, Set<String>> get) {
        return reads() ? from.names() : get.apply(thing);
    }

    /** A fault with the line of a field. */
    public IOException fault(String name, String why) {
        return new IOException(reads() ? from.at(name, why) : why);
    }

    /** Text. */
    public String text(String name, Function<T, String> get) throws IOException {
        return reads() ? from.text(name) : written(name, get.apply(thing));
    }

    /** Text, or what is usual where it is missing. */
    public String text(String name, String usual, Function<T, String> get) throws IOException {
        return reads() ? from.optionalText(name).orElse(usual) : written(name, get.apply(thing));
    }

    /** Text that need not be there. */
    public Optional<String> optionalText(String name, Function<T, Optional<String>> get) throws IOException {
        if (reads()) {
            return from.optionalText(name);
        }
        get.apply(thing).ifPresent(v -> written(name, v));
        return get.apply(thing);
    }

    private String written(String name, String text) {
        to.put(name, text);
        return text;
    }

    /** Something that stands as a text, such as a day. */
    public <V> V as(Texts<V> texts, String name, Function<T, V> get) throws IOException {
        if (reads()) {
            return texts.read(from.text(name), from, name);
        }
        written(name, texts.write(get.apply(thing)));
        return get.apply(thing);
    }

    /** Something that stands as a text and need not be there. */
    public <V> Optional<V> optional(Texts<V> texts, String name, Function<T, Optional<V>> get) throws IOException {
        if (!reads()) {
            get.apply(thing).ifPresent(v -> written(name, texts.write(v)));
            return get.apply(thing);
        }
        Optional<String> written = from.optionalText(name);
        return written.isEmpty() ? Optional.empty() : Optional.of(texts.read(written.get(), from, name));
    }

    /** A list of things that stand as texts. */
    public <V> List<V> list(Texts<V> texts, String name, Function<T, List<V>> get) throws IOException {
        if (!reads()) {
            ArrayNode list = to.putArray(name);
            get.apply(thing).forEach(v -> list.add(texts.write(v)));
            return get.apply(thing);
        }
        List<V> read = new ArrayList<>();
        for (String one : from.texts(name)) {
            read.add(texts.read(one, from, name));
        }
        return read;
    }

    /** One of a fixed set, by its {@link Named name}. */
    public <E extends Enum<E>> E named(Class<E> names, String name, Function<T, E> get) throws IOException {
        return as(Texts.named(names), name, get);
    }

    /** A list of texts; empty where it is missing. */
    public List<String> texts(String name, Function<T, List<String>> get) throws IOException {
        return list(Texts.PLAIN, name, get);
    }

    /** A number. */
    public double number(String name, ToDoubleFunction<T> get) throws IOException {
        return reads() ? from.number(name) : written(name, get.applyAsDouble(thing));
    }

    /** A number, or what is usual where it is missing. */
    public double number(String name, double usual, ToDoubleFunction<T> get) throws IOException {
        return reads() ? from.optionalNumber(name).orElse(usual) : written(name, get.applyAsDouble(thing));
    }

    /** A number that need not be there. */
    public OptionalDouble optionalNumber(String name, Function<T, OptionalDouble> get) throws IOException {
        if (reads()) {
            return from.optionalNumber(name);
        }
        get.apply(thing).ifPresent(v -> written(name, v));
        return get.apply(thing);
    }

    private double written(String name, double number) {
        to.put(name, number);
        return number;
    }

    /** A list of numbers; empty where it is missing. */
    public List<Double> numbers(String name, Function<T, List<Double>> get) throws IOException {
        if (reads()) {
            return from.numbers(name);
        }
        ArrayNode list = to.putArray(name);
        get.apply(thing).forEach(list::add);
        return get.apply(thing);
    }

    /** A whole number. */
    public int integer(String name, ToIntFunction<T> get) throws IOException {
        return reads() ? from.integer(name) : whole(name, get.applyAsInt(thing));
    }

    /** A whole number, or what is usual where it is missing. */
    public int integer(String name, int usual, ToIntFunction<T> get) throws IOException {
        return reads() ? from.optionalInteger(name).orElse(usual) : whole(name, get.applyAsInt(thing));
    }

    /** A whole number that need not be there. */
    public OptionalInt optionalInteger(String name, Function<T, OptionalInt> get) throws IOException {
        if (reads()) {
            return from.optionalInteger(name);
        }
        get.apply(thing).ifPresent(v -> whole(name, v));
        return get.apply(thing);
    }

    private int whole(String name, int number) {
        to.put(name, number);
        return number;
    }

    /** True or false; false where it is missing. */
    public boolean flag(String name, Predicate<T> get) throws IOException {
        if (reads()) {
            return from.flag(name);
        }
        to.put(name, get.test(thing));
        return get.test(thing);
    }

    /** An object. */
    public <V> V object(String name, Codec<V> codec, Function<T, V> get) throws IOException {
        if (reads()) {
            return codec.read(from.object(name));
        }
        codec.write(get.apply(thing), to.putObject(name));
        return get.apply(thing);
    }

    /** An object that is always written, or what is usual where a document has none, for it may be older than the field. */
    public <V> V object(String name, V usual, Codec<V> codec, Function<T, V> get) throws IOException {
        return optional(name, codec, t -> Optional.of(get.apply(t))).orElse(usual);
    }

    /** An object that need not be there. */
    public <V> Optional<V> optional(String name, Codec<V> codec, Function<T, Optional<V>> get) throws IOException {
        if (!reads()) {
            Optional<V> part = get.apply(thing);
            if (part.isPresent()) {
                codec.write(part.get(), to.putObject(name));
            }
            return part;
        }
        Optional<JsonObject> object = from.optionalObject(name);
        return object.isEmpty() ? Optional.empty() : Optional.of(codec.read(object.get()));
    }

    /** A list of objects; empty where it is missing. */
    public <V> List<V> list(String name, Codec<V> codec, Function<T, List<V>> get) throws IOException {
        if (!reads()) {
            ArrayNode list = to.putArray(name);
            for (V one : get.apply(thing)) {
                codec.write(one, list.addObject());
            }
            return get.apply(thing);
        }
        List<V> read = new ArrayList<>();
        for (JsonObject one : from.objects(name)) {
            read.add(codec.read(one));
        }
        return read;
    }

    /**
     * A part of a document for which something else stands where a newer version has written what this one cannot
     * understand.
     *
     * @throws IOException where it cannot be understood and no newer version has written it
     */
    public <V> V part(String name, JsonObject.Reading<V> reading, V other) throws IOException {
        return reads() ? from.part(name, reading, other) : reading.read();
    }
}
