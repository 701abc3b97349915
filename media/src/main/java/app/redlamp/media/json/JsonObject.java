package app.redlamp.media.json;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/**
 * An object of a document that people may have written by hand: every fault is one line with the line and the field it is
 * about. A field that holds null counts as not there.
 */
public final class JsonObject {
    private final String path;
    private final int line;
    private final Leniency leniency;
    private final Map<String, Field> fields = new LinkedHashMap<>(4);

    /** A value and the line its name stands in; the value is a text, a number, a flag, an object or a list of those. */
    private static final class Field {
        private final Object value;
        private final int line;
        private boolean asked;

        Field(Object value, int line) {
            this.value = value;
            this.line = line;
        }
    }

    /** @param path names of the fields that lead here, each followed by a point; empty for the outermost object */
    JsonObject(String path, int line, Leniency leniency) {
        this.path = path;
        this.line = line;
        this.leniency = leniency;
    }

    void put(String name, Object value, int at) {
        fields.put(name, new Field(value, at));
    }

    /**
     * Refuses a field that nobody has asked for: a misspelt limit must not vanish. In a document that is read leniently it
     * is noted instead.
     *
     * @throws IOException where there is any
     */
    void onlyAsked() throws IOException {
        for (Map.Entry<String, Field> field : fields.entrySet()) {
            if (!field.getValue().asked) {
                leniency.note(
                        Faults.say("json-object.line-there-is", field.getValue().line, shown(field.getKey())),
                        Faults.say("json-object.check-its-spelling"));
            }
        }
    }

    /** A fault of the whole object, with the line it begins in, where it stands in another. */
    String at(String why) {
        return path.isEmpty() ? why : Faults.say("json.line-and-why", line, why);
    }

    /** A fault of a field, with its line. */
    String at(String name, String why) {
        return Faults.say("json.line-and-why", lineOf(name), why);
    }

    /** Names of all its fields, in their order; whoever asks for them knows them. */
    public Set<String> names() {
        fields.values().forEach(f -> f.asked = true);
        return Collections.unmodifiableSet(fields.keySet());
    }

    /** Whether a reader has asked for a field. */
    public boolean asked(String name) {
        return fields.containsKey(name) && fields.get(name).asked;
    }

    /** The object that a field holds, if it does, without counting as asking for it. */
    public Optional<JsonObject> objectIn(String name) {
        return fields.containsKey(name) && fields.get(name).value instanceof JsonObject object
                ? Optional.of(object)
                : Optional.empty();
    }

    /** The objects in the list that a field holds, without counting as asking for it; none where they are not all objects. */
    public List<JsonObject> objectsIn(String name) {
        return fields.containsKey(name)
                        && fields.get(name).value instanceof List<?> list
                        && list.stream().allMatch(JsonObject.class::isInstance)
                ? list.stream().map(JsonObject.class::cast).toList()
                : List.of();
    }

    /** From here on, what cannot be understood is noted and not refused: a newer version has written the document. */
    public void newer() {
        leniency.newer();
    }

    /** How what is not known is dealt with. */
    Leniency leniency() {
        return leniency;
    }

    /** What was noted of the whole document, a few words each, with its line. */
    public List<String> notKnown() {
        return leniency.notes();
    }

    /**
     * Reads a part of the document; where a newer version has written what this one cannot understand, that is noted, and
     * something else stands for it.
     *
     * @throws IOException where it cannot be understood and no newer version has written it
     */
    public <T> T part(String name, Reading<T> reading, T other) throws IOException {
        try {
            return reading.read();
        } catch (IOException | IllegalArgumentException | DateTimeException e) {
            if (!leniency.isNewer()) {
                throw e;
            }
            leniency.note(Faults.say("json-object.line-cannot-be", lineOf(name), path, name), "");
            return other;
        }
    }

    /** Makes something of a part of a document. */
    @FunctionalInterface
    public interface Reading<T> {
        T read() throws IOException;
    }

    private static String shown(String written) {
        return Reason.shown(written);
    }

    /** The line a field stands in; the object's own where it is not there. */
    public int lineOf(String name) {
        return fields.containsKey(name) ? fields.get(name).line : line;
    }

    /** @throws IOException where it is missing or no text */
    public String text(String name) throws IOException {
        return required(name, optional(name, String.class, "json-object.a-text"));
    }

    /** @throws IOException where it is no text */
    public Optional<String> optionalText(String name) throws IOException {
        return optional(name, String.class, "json-object.a-text");
    }

    /** @throws IOException where it is missing or no number */
    public double number(String name) throws IOException {
        return required(name, optional(name, Number.class, "json-object.a-number"))
                .doubleValue();
    }

    /** @throws IOException where it is no number */
    public OptionalDouble optionalNumber(String name) throws IOException {
        return optional(name, Number.class, "json-object.a-number").stream()
                .mapToDouble(Number::doubleValue)
                .findFirst();
    }

    /** @throws IOException where it is missing or no whole number, or one beyond ±2 147 483 647 */
    public int integer(String name) throws IOException {
        return required(name, optional(name, Integer.class, "json-object.a-whole-number"));
    }

    /** @throws IOException where it is no whole number, or one beyond ±2 147 483 647 */
    public OptionalInt optionalInteger(String name) throws IOException {
        return optional(name, Integer.class, "json-object.a-whole-number").stream()
                .mapToInt(Integer::intValue)
                .findFirst();
    }

    /**
     * False where it is not there.
     *
     * @throws IOException where it is neither true nor false
     */
    public boolean flag(String name) throws IOException {
        return optional(name, Boolean.class, "json-object.true-or-false").orElse(false);
    }

    /** @throws IOException where it is missing or no object */
    public JsonObject object(String name) throws IOException {
        return required(name, optionalObject(name));
    }

    /** @throws IOException where it is no object */
    public Optional<JsonObject> optionalObject(String name) throws IOException {
        return optional(name, JsonObject.class, "json-object.an-object");
    }

    /**
     * Empty where it is not there.
     *
     * @throws IOException where it is no list of texts
     */
    public List<String> texts(String name) throws IOException {
        return list(name, String.class, "json-object.texts");
    }

    /**
     * Empty where it is not there.
     *
     * @throws IOException where it is no list of objects
     */
    public List<JsonObject> objects(String name) throws IOException {
        return list(name, JsonObject.class, "json-object.objects");
    }

    /**
     * Empty where it is not there.
     *
     * @throws IOException where it is no list of numbers
     */
    public List<Double> numbers(String name) throws IOException {
        return list(name, Number.class, "json-object.numbers").stream()
                .map(Number::doubleValue)
                .toList();
    }

    private <T> List<T> list(String name, Class<T> kind, String described) throws IOException {
        List<T> values = new ArrayList<>();
        for (Object value : optional(name, List.class, described).orElse(List.of())) {
            if (kind.isInstance(value)) {
                values.add(kind.cast(value));
            } else if (!leniency.isForgiving()) {
                throw otherKind(name, described);
            }
        }
        return List.copyOf(values);
    }

    private <T> Optional<T> optional(String name, Class<T> kind, String described) throws IOException {
        Object value = value(name);
        if (value != null && !kind.isInstance(value) && !leniency.isForgiving()) {
            throw otherKind(name, described);
        }
        return Optional.ofNullable(value).filter(kind::isInstance).map(kind::cast);
    }

    private Object value(String name) {
        Field field = fields.get(name);
        if (field == null) {
            return null;
        }
        field.asked = true;
        return field.value;
    }

    private IOException otherKind(String name, String described) {
        return new IOException(Faults.say("json-object.line-must-be", lineOf(name), path, name, Faults.say(described)));
    }

    private <T> T required(String name, Optional<T> value) throws IOException {
        if (value.isPresent()) {
            return value.get();
        }
        for (Map.Entry<String, Field> field : fields.entrySet()) {
            boolean misspelt = !field.getValue().asked && Spelling.near(field.getKey(), name);
            if (misspelt && !fields.containsKey(name)) {
                throw new IOException(
                        Faults.say("json-object.line-is-misspelt", field.getValue().line, shown(field.getKey()), name));
            }
        }
        throw new IOException(Faults.say("json-object.line-is-missing", lineOf(name), path, name));
    }
}
