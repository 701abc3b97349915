package app.redlamp.media.json;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import java.io.CharConversionException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a JSON document with the line of every field. Documents of ours are read this way and not by reflection: the
 * first window waits for them, and it takes a sixth of the time.
 */
public final class JsonDocument {
    private static final int DEEPEST = 16;
    /** A set of ten thousand cues has a tenth of that; each takes some 200 bytes of memory. */
    private static final int MOST_VALUES = 1_000_000;

    private static final JsonFactory FACTORY = JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private static final Pattern TWICE = Pattern.compile("Duplicate field '([^']{0,200})");

    private final JsonParser parser;
    private final Leniency leniency;
    private int depth;
    private int values;

    private JsonDocument(JsonParser parser, Leniency leniency) {
        this.parser = parser;
        this.leniency = leniency;
    }

    /**
     * @param json the whole document; the caller has looked to its size
     * @throws IOException where it is no JSON object, is damaged, has a field twice or is nested more than 16 deep; one
     *     line with the place and the reason
     */
    public static JsonObject read(byte[] json) throws IOException {
        return read(json, Leniency.strict());
    }

    /**
     * Reads a document that programs write: fields that its reader does not know are noted and not refused.
     *
     * @throws IOException as {@link #read}
     */
    public static JsonObject readTolerant(byte[] json) throws IOException {
        return read(json, Leniency.lenient());
    }

    /**
     * Reads a document that is a convenience, such as settings: a field that holds something else than is asked for counts as
     * not there.
     *
     * @throws IOException as {@link #read}
     */
    public static JsonObject readForgiving(byte[] json) throws IOException {
        return read(json, Leniency.forgiving());
    }

    private static JsonObject read(byte[] json, Leniency leniency) throws IOException {
        try (JsonParser parser = FACTORY.createParser(json)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw new IOException(Faults.say("json-document.must-begin-with"));
            }
            JsonObject outermost = new JsonDocument(parser, leniency).object("");
            if (parser.nextToken() != null) {
                throw new IOException(Faults.say(
                        "json-document.line-there-is",
                        parser.currentTokenLocation().getLineNr()));
            }
            return outermost;
        } catch (StreamConstraintsException e) {
            throw new IOException(Faults.say("json-document.name-number-text", place(e)), e);
        } catch (JsonProcessingException e) {
            throw new IOException(place(e) + fault(e), e);
        } catch (CharConversionException e) {
            throw new IOException(Faults.say("json-document.is-no-text"), e);
        }
    }

    private static String place(JsonProcessingException e) {
        JsonLocation at = e.getLocation();
        return at == null || at.getLineNr() < 1 ? "" : "line " + at.getLineNr() + ", column " + at.getColumnNr() + ": ";
    }

    /** The parser speaks of its own tokens; whoever wrote the document thinks of commas, quotes and braces. */
    private static String fault(JsonProcessingException e) {
        String said = String.valueOf(e.getOriginalMessage());
        Matcher twice = TWICE.matcher(said);
        if (twice.find()) {
            return Faults.say("json-document.there-are-two", Reason.shown(twice.group(1)));
        }
        if (said.startsWith(Faults.say("json-document.unexpected-end-input"))) {
            return Faults.say("json-document.it-ends-in");
        }
        return Faults.say("json-document.it-is-no");
    }

    private JsonObject object(String path) throws IOException {
        deeper();
        JsonObject object = new JsonObject(path, line(), leniency);
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
        if (++values > MOST_VALUES) {
            throw new IOException(Faults.say("json-document.line-holds-more", line(), MOST_VALUES));
        }
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
            throw new IOException(Faults.say("json-document.line-number-is", line()));
        }
        if (parser.currentToken() == JsonToken.VALUE_NUMBER_INT && value == Math.rint(value) && (int) value == value) {
            return (int) value;
        }
        return value;
    }

    private void deeper() throws IOException {
        if (++depth > DEEPEST) {
            throw new IOException(Faults.say("json-document.line-is-nested", line(), DEEPEST));
        }
    }

    private int line() {
        return parser.currentTokenLocation().getLineNr();
    }
}
