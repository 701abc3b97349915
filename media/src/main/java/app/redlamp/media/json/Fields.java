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

    /** What the document holds while it is read; what the thing holds, put into the document, while it is written. */
    private <V> V either(JsonObject.Reading<V> read, Function<T, V> get, Putting<V> put) throws IOException {
        if (reads()) {
            return read.read();
        }
        V now = get.apply(thing);
        put.put(now);
        return now;
    }

    /** Puts a value into a document. */
    private interface Putting<V> {
        void put(V value) throws IOException;
    }

    /** Text. */
    public String text(String name, Function<T, String> get) throws IOException {
        return either(() -> from.text(name), get, v -> to.put(name, v));
    }

    /** Text, or what is usual where it is missing. */
    public String text(String name, String usual, Function<T, String> get) throws IOException {
        return either(() -> from.optionalText(name).orElse(usual), get, v -> to.put(name, v));
    }

    /** Text that need not be there. */
    public Optional<String> optionalText(String name, Function<T, Optional<String>> get) throws IOException {
        return either(() -> from.optionalText(name), get, v -> v.ifPresent(t -> to.put(name, t)));
    }

    /** Something that stands as a text, such as a day. */
    public <V> V as(String name, Texts<V> texts, Function<T, V> get) throws IOException {
        return either(() -> texts.read(from.text(name), from, name), get, v -> to.put(name, texts.write(v)));
    }

    /** Something that stands as a text and need not be there. */
    public <V> Optional<V> optional(String name, Texts<V> texts, Function<T, Optional<V>> get) throws IOException {
        return either(
                () -> {
                    Optional<String> text = from.optionalText(name);
                    return text.isEmpty() ? Optional.empty() : Optional.of(texts.read(text.get(), from, name));
                },
                get,
                v -> v.ifPresent(one -> to.put(name, texts.write(one))));
    }

    /** A list of things that stand as texts; empty where it is missing. */
    public <V> List<V> list(String name, Texts<V> texts, Function<T, List<V>> get) throws IOException {
        return either(() -> each(from.texts(name), text -> texts.read(text, from, name)), get, all -> {
            ArrayNode list = to.putArray(name);
            all.forEach(one -> list.add(texts.write(one)));
        });
    }

    /** One of a fixed set, by its {@link Named name}. */
    public <E extends Enum<E>> E named(String name, Class<E> names, Function<T, E> get) throws IOException {
        return as(name, Texts.named(names), get);
    }

    /** A list of texts; empty where it is missing. */
    public List<String> texts(String name, Function<T, List<String>> get) throws IOException {
        return list(name, Texts.PLAIN, get);
    }

    /** A number. */
    public double number(String name, Function<T, Double> get) throws IOException {
        return either(() -> from.number(name), get, v -> to.put(name, v));
    }

    /** A number, or what is usual where it is missing. */
    public double number(String name, double usual, Function<T, Double> get) throws IOException {
        return either(() -> from.optionalNumber(name).orElse(usual), get, v -> to.put(name, v));
    }

    /** A number that need not be there. */
    public OptionalDouble optionalNumber(String name, Function<T, OptionalDouble> get) throws IOException {
        return either(() -> from.optionalNumber(name), get, v -> v.ifPresent(n -> to.put(name, n)));
    }

    /** A list of numbers; empty where it is missing. */
    public List<Double> numbers(String name, Function<T, List<Double>> get) throws IOException {
        return either(() -> from.numbers(name), get, all -> all.forEach(to.putArray(name)::add));
    }

    /** A whole number. */
    public int integer(String name, Function<T, Integer> get) throws IOException {
        return either(() -> from.integer(name), get, v -> to.put(name, v));
    }

    /** A whole number, or what is usual where it is missing. */
    public int integer(String name, int usual, Function<T, Integer> get) throws IOException {
        return either(() -> from.optionalInteger(name).orElse(usual), get, v -> to.put(name, v));
    }

    /** A whole number that need not be there. */
    public OptionalInt optionalInteger(String name, Function<T, OptionalInt> get) throws IOException {
        return either(() -> from.optionalInteger(name), get, v -> v.ifPresent(n -> to.put(name, n)));
    }

    /** True or false; false where it is missing. */
    public boolean flag(String name, Function<T, Boolean> get) throws IOException {
        return either(() -> from.flag(name), get, v -> to.put(name, v));
    }

    /** An object. */
    public <V> V object(String name, Codec<V> codec, Function<T, V> get) throws IOException {
        return either(() -> codec.read(from.object(name)), get, v -> codec.write(v, to.putObject(name)));
    }

    /** An object that is always written, or what is usual where a document has none, for it may be older than the field. */
    public <V> V object(String name, V usual, Codec<V> codec, Function<T, V> get) throws IOException {
        return optional(name, codec, t -> Optional.of(get.apply(t))).orElse(usual);
    }

    /** An object that need not be there. */
    public <V> Optional<V> optional(String name, Codec<V> codec, Function<T, Optional<V>> get) throws IOException {
        return either(
                () -> {
                    Optional<JsonObject> object = from.optionalObject(name);
                    return object.isEmpty() ? Optional.empty() : Optional.of(codec.read(object.get()));
                },
                get,
                v -> {
                    if (v.isPresent()) {
                        codec.write(v.get(), to.putObject(name));
                    }
                });
    }

    /** A list of objects; empty where it is missing. */
    public <V> List<V> list(String name, Codec<V> codec, Function<T, List<V>> get) throws IOException {
        return either(() -> each(from.objects(name), codec::read), get, all -> {
            ArrayNode list = to.putArray(name);
            for (V one : all) {
                codec.write(one, list.addObject());
            }
        });
    }

    /** What is made of one element of a list. */
    private interface Making<S, V> {
        V of(S element) throws IOException;
    }

    private static <S, V> List<V> each(List<S> elements, Making<S, V> making) throws IOException {
        List<V> all = new ArrayList<>();
        for (S element : elements) {
            all.add(making.of(element));
        }
        return all;
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
