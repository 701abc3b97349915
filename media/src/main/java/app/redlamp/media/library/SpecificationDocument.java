package app.redlamp.media.library;

import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.LoudnessTarget;
import app.redlamp.core.spec.PeakLimit;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.units.Limits;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The JSON form of a specification (docs/formats.md). Unknown fields are refused: a misspelt limit must not vanish. */
public final class SpecificationDocument {
    private static final int FORMAT = 1;
    private static final int MOST_BYTES = 1 << 20;
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private record Loudness(String measure, double low, double high) {}

    private record Peak(String measure, double highest) {}

    private record Window(Double low, Double high) {
        Limits limits() {
            return new Limits(optional(low), optional(high));
        }
    }

    private record Coded(
            String coding,
            Integer bitRateKbps,
            Integer bitDepth,
            int sampleRateHz,
            int fewestChannels,
            int mostChannels,
            boolean sameChannels) {}

    private record Document(
            int format,
            String id,
            String name,
            String source,
            Loudness loudness,
            Peak peak,
            Double noiseFloorDbfs,
            Window headS,
            Window tailS,
            Double longestS,
            int clippedRuns,
            Coded file) {}

    /** What stands inside a field that should hold a plain value. */
    private record Nothing() {}

    private SpecificationDocument() {}

    /** @throws IOException where the document is broken; one line with the place and the reason */
    public static Specification read(byte[] json) throws IOException {
        if (json.length > MOST_BYTES) {
            throw new IOException(json.length + " bytes: a specification has at most " + MOST_BYTES);
        }
        try {
            checkFields(json);
            return specification(MAPPER.readValue(json, Document.class));
        } catch (JsonMappingException e) {
            String path = e.getPath().stream()
                    .map(JsonMappingException.Reference::getFieldName)
                    .collect(Collectors.joining("."));
            throw new IOException(at(e) + path + " is missing or not of the right kind", e);
        } catch (JsonProcessingException e) {
            throw new IOException(
                    at(e) + e.getOriginalMessage().lines().findFirst().orElse("cannot be read"), e);
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    /** Refuses fields that nobody would read, with their line: a misspelt limit must not vanish. */
    private static void checkFields(byte[] json) throws IOException {
        Deque<Class<?>> inside = new ArrayDeque<>();
        Class<?> next = Document.class;
        try (JsonParser parser = MAPPER.createParser(json)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token == JsonToken.START_OBJECT) {
                    inside.push(next);
                } else if (token == JsonToken.END_OBJECT) {
                    inside.pop();
                } else if (token == JsonToken.FIELD_NAME) {
                    String name = parser.currentName();
                    next = Stream.of(inside.peek().getRecordComponents())
                            .filter(c -> c.getName().equals(name))
                            .<Class<?>>map(c -> c.getType().isRecord() ? c.getType() : Nothing.class)
                            .findFirst()
                            .orElseThrow(() -> new IOException("line "
                                    + parser.currentTokenLocation().getLineNr() + ": there is no field '" + name
                                    + "' here; check its spelling"));
                }
            }
        }
    }

    private static String at(JsonProcessingException e) {
        return e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr() + ": ";
    }

    private static Specification specification(Document d) throws IOException {
        if (d.format() != FORMAT) {
            throw new IOException("format " + d.format() + ": this version reads format " + FORMAT);
        }
        if (d.id() == null
                || d.name() == null
                || d.source() == null
                || d.loudness() == null
                || d.peak() == null
                || d.file() == null) {
            throw new IOException("id, name, source, loudness, peak and file must all be there");
        }
        return new Specification(
                d.id(),
                d.name(),
                d.source(),
                new LoudnessTarget(
                        named(LoudnessTarget.Measure.class, d.loudness().measure()),
                        Limits.between(d.loudness().low(), d.loudness().high())),
                new PeakLimit(
                        named(PeakLimit.Measure.class, d.peak().measure()),
                        d.peak().highest()),
                optional(d.noiseFloorDbfs()),
                Optional.ofNullable(d.headS()).map(Window::limits),
                Optional.ofNullable(d.tailS()).map(Window::limits),
                optional(d.longestS()),
                d.clippedRuns(),
                new DeliveryFormat(
                        named(DeliveryFormat.Coding.class, d.file().coding()),
                        d.file().sampleRateHz(),
                        optional(d.file().bitDepth()),
                        optional(d.file().bitRateKbps()),
                        d.file().fewestChannels(),
                        d.file().mostChannels(),
                        d.file().sameChannels()));
    }

    private static <E extends Enum<E>> E named(Class<E> type, String name) {
        return Enum.valueOf(type, String.valueOf(name).toUpperCase(Locale.ROOT));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static OptionalInt optional(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
