package app.redlamp.media.library;

import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.LoudnessTarget;
import app.redlamp.core.spec.Naming;
import app.redlamp.core.spec.PeakLimit;
import app.redlamp.core.spec.SetLimits;
import app.redlamp.core.spec.SoundLimits;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.spec.TimeLimits;
import app.redlamp.core.units.Limits;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The JSON form of a specification (docs/formats.md). Unknown fields are refused: a misspelt limit must not vanish. */
public final class SpecificationDocument {
    static final int MOST_BYTES = 1 << 20;
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
            .build();

    /** What stands inside a field that should hold a plain value. */
    private record Nothing() {}

    /** Line in which each field of the outermost object stands. */
    private final Map<String, Integer> lines;

    private SpecificationDocument(Map<String, Integer> lines) {
        this.lines = lines;
    }

    /** @throws IOException where the document is broken; one line with the place and the reason */
    public static Specification read(byte[] json) throws IOException {
        if (json.length > MOST_BYTES) {
            throw new IOException(json.length + " bytes: a specification has at most " + MOST_BYTES);
        }
        try {
            return new SpecificationDocument(checkFields(json))
                    .specification(MAPPER.readValue(json, SpecificationFields.class));
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

    /**
     * Refuses fields that nobody would read, with their line: a misspelt limit must not vanish.
     *
     * @return line of each field of the outermost object
     */
    private static Map<String, Integer> checkFields(byte[] json) throws IOException {
        Map<String, Integer> lines = new HashMap<>();
        Deque<Class<?>> inside = new ArrayDeque<>();
        Class<?> next = SpecificationFields.class;
        try (JsonParser parser = MAPPER.createParser(json)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token == JsonToken.START_OBJECT) {
                    inside.push(next);
                } else if (token == JsonToken.END_OBJECT) {
                    // What follows in a list is of the same kind.
                    next = inside.pop();
                } else if (token == JsonToken.FIELD_NAME) {
                    String name = parser.currentName();
                    if (inside.size() == 1) {
                        lines.put(name, parser.currentTokenLocation().getLineNr());
                    }
                    next = Stream.of(inside.peek().getRecordComponents())
                            .filter(c -> c.getName().equals(name))
                            .<Class<?>>map(SpecificationDocument::fieldsOf)
                            .findFirst()
                            .orElseThrow(() -> new IOException("line "
                                    + parser.currentTokenLocation().getLineNr() + ": there is no field '" + name
                                    + "' here; check its spelling"));
                }
            }
        }
        return lines;
    }

    /** The record that stands in a field, or in the list that stands in it. */
    private static Class<?> fieldsOf(RecordComponent field) {
        Type type = field.getGenericType() instanceof ParameterizedType list
                ? list.getActualTypeArguments()[0]
                : field.getType();
        return type instanceof Class<?> fields && fields.isRecord() ? fields : Nothing.class;
    }

    private static String at(JsonProcessingException e) {
        return e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr() + ": ";
    }

    private Specification specification(SpecificationFields d) throws IOException {
        if (d.format() != SpecificationFields.FORMAT) {
            throw new IOException("format " + d.format() + ": this version reads format " + SpecificationFields.FORMAT);
        }
        if (d.id() == null || d.name() == null || d.source() == null || d.peak() == null || d.file() == null) {
            throw new IOException("id, name, source, peak and file must all be there");
        }
        return new Specification(
                d.id(),
                d.name(),
                d.source(),
                part("loudness", () -> loudness(d.loudness())),
                part("peak", () -> peak(d.peak())),
                SpecificationFields.optional(d.noiseFloorDbfs()),
                new TimeLimits(
                        part("headS", () -> window(d.headS())),
                        part("tailS", () -> window(d.tailS())),
                        SpecificationFields.optional(d.longestS()),
                        SpecificationFields.optional(d.totalS())),
                part("bandHz", () -> sound(d)),
                part("betweenFiles", () -> between(d.betweenFiles())),
                part("files", () -> names(d.files())),
                part("file", () -> format(d.file())));
    }

    /** Makes a part of a specification; what is wrong with it is said with its line. */
    private <T> T part(String field, Supplier<T> make) {
        try {
            return make.get();
        } catch (IllegalArgumentException e) {
            String line = lines.containsKey(field) ? "line " + lines.get(field) + ": " : "";
            throw new IllegalArgumentException(line + e.getMessage(), e);
        }
    }

    private static Optional<LoudnessTarget> loudness(SpecificationFields.Loudness loudness) {
        return Optional.ofNullable(loudness)
                .map(l -> new LoudnessTarget(
                        named(LoudnessTarget.Measure.class, l.measure()), Limits.between(l.low(), l.high())));
    }

    private static PeakLimit peak(SpecificationFields.Peak peak) {
        return new PeakLimit(
                named(PeakLimit.Measure.class, peak.measure()),
                SpecificationFields.optional(peak.lowest()),
                peak.highest());
    }

    private static Optional<Limits> window(SpecificationFields.Window window) {
        return Optional.ofNullable(window).map(SpecificationFields.Window::limits);
    }

    private static SoundLimits sound(SpecificationFields d) {
        return new SoundLimits(
                d.clippedRuns(),
                SpecificationFields.optional(d.shortTermLufs()),
                SpecificationFields.optional(d.rangeLu()),
                SpecificationFields.optional(d.decayS()),
                window(d.bandHz()),
                Boolean.TRUE.equals(d.unprocessed()));
    }

    private static SetLimits between(SpecificationFields.Between between) {
        return between == null
                ? SetLimits.USUAL
                : new SetLimits(
                        SpecificationFields.optional(between.loudnessDb()),
                        SpecificationFields.optional(between.noiseFloorDb()),
                        SpecificationFields.optional(between.toneDb()));
    }

    private static Naming names(SpecificationFields.Names names) {
        return names == null
                ? Naming.FREE
                : new Naming(
                        Optional.ofNullable(names.pattern()),
                        listed(names.tags()),
                        listed(names.parts()).stream()
                                .map(p -> new Naming.Part(
                                        p.name(), p.pattern(), SpecificationFields.optional(p.longestS())))
                                .toList());
    }

    private static DeliveryFormat format(SpecificationFields.Coded file) {
        return new DeliveryFormat(
                named(DeliveryFormat.Coding.class, file.coding()),
                listed(file.accepted()).stream()
                        .map(c -> named(DeliveryFormat.Coding.class, c))
                        .collect(Collectors.toSet()),
                file.sampleRateHz(),
                SpecificationFields.optional(file.bitDepth()),
                SpecificationFields.optional(file.bitRateKbps()),
                Boolean.TRUE.equals(file.constantBitRate()),
                Boolean.TRUE.equals(file.broadcast()),
                file.fewestChannels(),
                file.mostChannels(),
                file.sameChannels());
    }

    /** The document of a specification, which {@link #read} reads back as the same. */
    public static byte[] write(Specification s) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(SpecificationFields.of(s));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("specification " + s.id(), e);
        }
    }

    private static <T> List<T> listed(List<T> values) {
        if (values != null && values.stream().anyMatch(Objects::isNull)) {
            throw new IllegalArgumentException("a list must not hold null");
        }
        return values == null ? List.of() : values;
    }

    private static <E extends Enum<E>> E named(Class<E> type, String name) {
        return Stream.of(type.getEnumConstants())
                .filter(e ->
                        SpecificationFields.lower(e).equals(String.valueOf(name).toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("'" + name + "' is none of "
                        + Stream.of(type.getEnumConstants())
                                .map(SpecificationFields::lower)
                                .collect(Collectors.joining(", "))));
    }
}
