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
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The JSON form of a specification (docs/formats.md). Unknown fields are refused: a misspelt limit must not vanish. */
public final class SpecificationDocument {
    private static final int FORMAT = 1;
    static final int MOST_BYTES = 1 << 20;
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
            .build();

    private record Loudness(String measure, double low, double high) {}

    private record Peak(String measure, Double lowest, double highest) {}

    private record Window(Double low, Double high) {
        Limits limits() {
            return new Limits(optional(low), optional(high));
        }

        static Window of(Limits limits) {
            return new Window(orNull(limits.low()), orNull(limits.high()));
        }
    }

    private record Between(Double loudnessDb, Double noiseFloorDb, Double toneDb) {}

    private record Names(String pattern, List<String> tags) {}

    private record Coded(
            String coding,
            List<String> accepted,
            Integer bitRateKbps,
            Boolean constantBitRate,
            Integer bitDepth,
            Boolean broadcast,
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
            Double shortTermLufs,
            Double rangeLu,
            Double decayS,
            Window bandHz,
            Boolean unprocessed,
            Window headS,
            Window tailS,
            Double longestS,
            Double totalS,
            int clippedRuns,
            Between betweenFiles,
            Names files,
            Coded file) {}

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
            return new SpecificationDocument(checkFields(json)).specification(MAPPER.readValue(json, Document.class));
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
        Class<?> next = Document.class;
        try (JsonParser parser = MAPPER.createParser(json)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token == JsonToken.START_OBJECT) {
                    inside.push(next);
                } else if (token == JsonToken.END_OBJECT) {
                    inside.pop();
                } else if (token == JsonToken.FIELD_NAME) {
                    String name = parser.currentName();
                    if (inside.size() == 1) {
                        lines.put(name, parser.currentTokenLocation().getLineNr());
                    }
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
        return lines;
    }

    private static String at(JsonProcessingException e) {
        return e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr() + ": ";
    }

    private Specification specification(Document d) throws IOException {
        if (d.format() != FORMAT) {
            throw new IOException("format " + d.format() + ": this version reads format " + FORMAT);
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
                optional(d.noiseFloorDbfs()),
                new TimeLimits(
                        part("headS", () -> window(d.headS())),
                        part("tailS", () -> window(d.tailS())),
                        optional(d.longestS()),
                        optional(d.totalS())),
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

    private static Optional<LoudnessTarget> loudness(Loudness loudness) {
        return Optional.ofNullable(loudness)
                .map(l -> new LoudnessTarget(
                        named(LoudnessTarget.Measure.class, l.measure()), Limits.between(l.low(), l.high())));
    }

    private static PeakLimit peak(Peak peak) {
        return new PeakLimit(named(PeakLimit.Measure.class, peak.measure()), optional(peak.lowest()), peak.highest());
    }

    private static Optional<Limits> window(Window window) {
        return Optional.ofNullable(window).map(Window::limits);
    }

    private static SoundLimits sound(Document d) {
        return new SoundLimits(
                d.clippedRuns(),
                optional(d.shortTermLufs()),
                optional(d.rangeLu()),
                optional(d.decayS()),
                window(d.bandHz()),
                Boolean.TRUE.equals(d.unprocessed()));
    }

    private static SetLimits between(Between between) {
        return between == null
                ? SetLimits.USUAL
                : new SetLimits(
                        optional(between.loudnessDb()), optional(between.noiseFloorDb()), optional(between.toneDb()));
    }

    private static Naming names(Names names) {
        return names == null ? Naming.FREE : new Naming(Optional.ofNullable(names.pattern()), listed(names.tags()));
    }

    private static DeliveryFormat format(Coded file) {
        return new DeliveryFormat(
                named(DeliveryFormat.Coding.class, file.coding()),
                listed(file.accepted()).stream()
                        .map(c -> named(DeliveryFormat.Coding.class, c))
                        .collect(Collectors.toSet()),
                file.sampleRateHz(),
                optional(file.bitDepth()),
                optional(file.bitRateKbps()),
                Boolean.TRUE.equals(file.constantBitRate()),
                Boolean.TRUE.equals(file.broadcast()),
                file.fewestChannels(),
                file.mostChannels(),
                file.sameChannels());
    }

    /** The document of a specification, which {@link #read} reads back as the same. */
    public static byte[] write(Specification s) {
        DeliveryFormat f = s.format();
        Document document = new Document(
                FORMAT,
                s.id(),
                s.name(),
                s.source(),
                s.loudness()
                        .map(l -> new Loudness(
                                lower(l.measure()),
                                l.limits().low().orElseThrow(),
                                l.limits().high().orElseThrow()))
                        .orElse(null),
                new Peak(
                        lower(s.peak().measure()),
                        orNull(s.peak().lowest()),
                        s.peak().highest()),
                orNull(s.noiseFloorDbfs()),
                orNull(s.sound().shortTermLufs()),
                orNull(s.sound().rangeLu()),
                orNull(s.sound().decayS()),
                s.sound().bandHz().map(Window::of).orElse(null),
                s.sound().unprocessed() ? true : null,
                s.headS().map(Window::of).orElse(null),
                s.tailS().map(Window::of).orElse(null),
                orNull(s.longestS()),
                orNull(s.time().totalS()),
                s.clippedRuns(),
                new Between(
                        orNull(s.set().loudnessDb()),
                        orNull(s.set().noiseFloorDb()),
                        orNull(s.set().toneDb())),
                new Names(s.naming().pattern().orElse(null), s.naming().tags()),
                new Coded(
                        lower(f.coding()),
                        f.accepted().stream()
                                .map(SpecificationDocument::lower)
                                .sorted()
                                .toList(),
                        orNull(f.bitRateKbps()),
                        f.constantBitRate() ? true : null,
                        orNull(f.bitDepth()),
                        f.broadcast() ? true : null,
                        f.sampleRateHz(),
                        f.fewestChannels(),
                        f.mostChannels(),
                        f.sameChannels()));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("specification " + s.id(), e);
        }
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static List<String> listed(List<String> values) {
        return values == null ? List.of() : values;
    }

    private static <E extends Enum<E>> E named(Class<E> type, String name) {
        return Stream.of(type.getEnumConstants())
                .filter(e -> lower(e).equals(String.valueOf(name).toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("'" + name + "' is none of "
                        + Stream.of(type.getEnumConstants())
                                .map(SpecificationDocument::lower)
                                .collect(Collectors.joining(", "))));
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static Integer orNull(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static OptionalInt optional(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
