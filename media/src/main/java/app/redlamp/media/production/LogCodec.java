package app.redlamp.media.production;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.log.Logged;
import app.redlamp.media.fault.Faults;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import java.io.IOException;
import java.io.StringWriter;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One line of the log and one entry, both ways: the components of an entry's record are the fields of its line, in their order,
 * so that nothing is listed twice. Reading is lenient: fields that are not known are passed over, numbers may be texts as older
 * versions wrote them, lists and figures that are missing are empty.
 */
final class LogCodec {
    private static final int LONGEST_TEXT = 1 << 16;
    /** Figures of the room had no name of their own once. */
    private static final String OLD_FIGURE = "figure";

    private static final Map<String, Shape> SHAPES = shapes();

    private final JsonFactory json = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxStringLength(LONGEST_TEXT)
                    .maxNestingDepth(8)
                    .build())
            .build();

    /** What an entry of a kind is made of. */
    private record Shape(Class<?> type, List<RecordComponent> fields, Constructor<?> make) {
        static Shape of(Class<?> type) {
            List<RecordComponent> fields = List.of(type.getRecordComponents());
            Class<?>[] types = fields.stream().map(RecordComponent::getType).toArray(Class<?>[]::new);
            try {
                return new Shape(type, fields, type.getDeclaredConstructor(types));
            } catch (NoSuchMethodException e) {
                throw new IllegalStateException(type + " is no record", e);
            }
        }
    }

    private static Map<String, Shape> shapes() {
        Map<String, Shape> all = new HashMap<>();
        for (Class<?> type : LogEntry.class.getPermittedSubclasses()) {
            all.put(kind(type), Shape.of(type));
        }
        return all;
    }

    /** Name of a kind in the log, such as {@code gain-card}. */
    static String kind(Class<?> type) {
        StringBuilder kind = new StringBuilder();
        for (char c : type.getSimpleName().toCharArray()) {
            if (Character.isUpperCase(c) && kind.length() > 0) {
                kind.append('-');
            }
            kind.append(c);
        }
        return kind.toString().toLowerCase(Locale.ROOT);
    }

    /** @return one line, without its end */
    String line(Instant at, LogEntry entry) throws IOException {
        StringWriter text = new StringWriter();
        try (JsonGenerator out = json.createGenerator(text)) {
            out.writeStartObject();
            out.writeStringField("at", at.toString());
            out.writeStringField("kind", kind(entry.getClass()));
            for (RecordComponent field : SHAPES.get(kind(entry.getClass())).fields()) {
                write(out, field.getName(), value(field, entry));
            }
            out.writeEndObject();
        }
        return text.toString();
    }

    private static Object value(RecordComponent field, LogEntry entry) {
        try {
            return field.getAccessor().invoke(entry);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(field + " cannot be read", e);
        }
    }

    private static void write(JsonGenerator out, String name, Object value) throws IOException {
        if (value instanceof OptionalDouble number) {
            if (number.isPresent()) {
                write(out, name, number.getAsDouble());
            }
        } else if (value instanceof Double number) {
            // What is not a number is left out: a log must stay JSON.
            if (Double.isFinite(number)) {
                out.writeNumberField(name, number);
            }
        } else if (value instanceof Boolean flag) {
            out.writeBooleanField(name, flag);
        } else if (value instanceof List<?> list) {
            out.writeArrayFieldStart(name);
            for (Object one : list) {
                out.writeString(String.valueOf(one));
            }
            out.writeEndArray();
        } else {
            out.writeStringField(name, String.valueOf(value));
        }
    }

    /** @return absent for a line that is not known, or that was cut off */
    Optional<Logged> entry(String line) {
        try (JsonParser in = json.createParser(line)) {
            Map<String, Object> fields = fields(in);
            Shape shape = SHAPES.get(String.valueOf(fields.get("kind")));
            if (shape == null || !(fields.get("at") instanceof String at)) {
                return Optional.empty();
            }
            Object[] values = new Object[shape.fields().size()];
            for (int i = 0; i < values.length; i++) {
                RecordComponent field = shape.fields().get(i);
                Object found = fields.get(field.getName());
                boolean old = found == null && field.getType() == double.class;
                values[i] = value(field.getType(), old ? fields.get(OLD_FIGURE) : found);
            }
            return Optional.of(
                    new Logged(Instant.parse(at), (LogEntry) shape.make().newInstance(values)));
        } catch (IOException | DateTimeException | IllegalArgumentException | ReflectiveOperationException e) {
            return Optional.empty();
        }
    }

    /** Texts, numbers, flags and lists of texts; whatever else stands there is passed over. */
    private static Map<String, Object> fields(JsonParser in) throws IOException {
        Map<String, Object> fields = new HashMap<>();
        if (in.nextToken() != JsonToken.START_OBJECT) {
            throw new IOException(Faults.say("log-codec.no-object"));
        }
        while (in.nextToken() == JsonToken.FIELD_NAME) {
            String name = in.currentName();
            switch (in.nextToken()) {
                case VALUE_STRING -> fields.put(name, in.getText());
                case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> fields.put(name, in.getDoubleValue());
                case VALUE_TRUE, VALUE_FALSE -> fields.put(name, in.getBooleanValue());
                case START_ARRAY -> fields.put(name, texts(in));
                default -> in.skipChildren();
            }
        }
        if (in.currentToken() != JsonToken.END_OBJECT) {
            throw new IOException(Faults.say("log-codec.cut-off"));
        }
        return fields;
    }

    private static List<String> texts(JsonParser in) throws IOException {
        List<String> all = new ArrayList<>();
        while (in.nextToken() != JsonToken.END_ARRAY) {
            if (in.currentToken() == null) {
                throw new IOException(Faults.say("log-codec.cut-off"));
            }
            if (in.currentToken() == JsonToken.VALUE_STRING) {
                all.add(in.getText());
            } else {
                in.skipChildren();
            }
        }
        return all;
    }

    private static Object value(Class<?> type, Object found) {
        if (type == OptionalDouble.class) {
            return found == null ? OptionalDouble.empty() : OptionalDouble.of(number(found));
        }
        if (type == List.class) {
            return found instanceof List<?> ? found : List.of();
        }
        if (found == null) {
            throw new IllegalArgumentException(Faults.say("log-codec.missing"));
        }
        if (type == double.class) {
            return number(found);
        }
        if (type == boolean.class) {
            return found instanceof Boolean ? found : Boolean.valueOf(String.valueOf(found));
        }
        return type == LocalDateTime.class ? LocalDateTime.parse(String.valueOf(found)) : String.valueOf(found);
    }

    private static double number(Object found) {
        return found instanceof Double number ? number : Double.parseDouble(String.valueOf(found));
    }
}
