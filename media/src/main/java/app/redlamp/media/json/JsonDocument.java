package app.redlamp.media.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads a JSON document with the line of every field. Documents of ours are read this way and not by reflection: the
 * first window waits for them, and it takes a sixth of the time.
 */
public final class JsonDocument {
    private static final int DEEPEST = 16;
    private static final JsonFactory FACTORY = JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private final JsonParser parser;
    private int depth;

    private JsonDocument(JsonParser parser) {
        this.parser = parser;
    }

    /**
     * @param json the whole document; the caller has looked to its size
     * @throws IOException where it is no JSON object, is damaged, has a field twice or is nested more than 16 deep; one
     *     line with the place and the reason
     */
    public static JsonObject read(byte[] json) throws IOException {
        try (JsonParser parser = FACTORY.createParser(json)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw new IOException("must begin with an opening brace");
            }
            JsonObject outermost = new JsonDocument(parser).object("");
            if (parser.nextToken() != null) {
                throw new IOException("line " + parser.currentTokenLocation().getLineNr()
                        + ": there is more after the closing brace");
            }
            return outermost;
        } catch (JsonProcessingException e) {
            String at = e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr() + ": ";
            throw new IOException(
                    at + e.getOriginalMessage().lines().findFirst().orElse("cannot be read"), e);
        }
    }

    private JsonObject object(String path) throws IOException {
        deeper();
        JsonObject object = new JsonObject(path, line());
        while (parser.nextToken() == JsonToken.FIELD_NAME) {
            String name = parser.currentName();
            int at = line();
            parser.nextToken();
            object.put(name, value(path + name + "."), at);
        }
        depth--;
        return object;
    }

    private List<Object> list(String path) throws IOException {
        deeper();
        List<Object> values = new ArrayList<>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            values.add(value(path));
        }
        depth--;
        return values;
    }

    private Object value(String path) throws IOException {
        return switch (parser.currentToken()) {
            case START_OBJECT -> object(path);
            case START_ARRAY -> list(path);
            case VALUE_STRING -> parser.getText();
            case VALUE_TRUE -> true;
            case VALUE_FALSE -> false;
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> number();
            default -> null;
        };
    }

    /** An Integer where it is one, else a Double. */
    private Number number() throws IOException {
        double value = parser.getDoubleValue();
        if (!Double.isFinite(value)) {
            throw new IOException("line " + line() + ": a number is too large");
        }
        if (parser.currentToken() == JsonToken.VALUE_NUMBER_INT && value == Math.rint(value) && (int) value == value) {
            return (int) value;
        }
        return value;
    }

    private void deeper() throws IOException {
        if (++depth > DEEPEST) {
            throw new IOException("line " + line() + ": is nested more than " + DEEPEST + " deep");
        }
    }

    private int line() {
        return parser.currentTokenLocation().getLineNr();
    }
}
