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
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The JSON form of a specification (docs/formats.md). Unknown fields are refused: a misspelt limit must not vanish. */
public final class SpecificationDocument {
    static final int MOST_BYTES = 1 << 20;

    /** Writes by reflection, which takes its time to get ready and is not needed for reading. */
    private static final class Writer {
        static final ObjectWriter WRITER = JsonMapper.builder()
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
                .build()
                .writerWithDefaultPrettyPrinter();
    }

    private final JsonObject document;

    private SpecificationDocument(JsonObject document) {
        this.document = document;
    }

    /** @throws IOException where the document is broken; one line with the place and the reason */
    public static Specification read(byte[] json) throws IOException {
        if (json.length > MOST_BYTES) {
            throw new IOException(json.length + " bytes: a specification has at most " + MOST_BYTES);
        }
        JsonObject document = JsonDocument.read(json);
        try {
            return new SpecificationDocument(document).specification(SpecificationFields.read(document));
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private Specification specification(SpecificationFields d) throws IOException {
        if (d.format() != SpecificationFields.FORMAT) {
            throw new IOException("format " + d.format() + ": this version reads format " + SpecificationFields.FORMAT);
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
            throw new IllegalArgumentException("line " + document.lineOf(field) + ": " + e.getMessage(), e);
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
                        names.tags(),
                        names.parts().stream()
                                .map(p -> new Naming.Part(
                                        p.name(), p.pattern(), SpecificationFields.optional(p.longestS())))
                                .toList());
    }

    private static DeliveryFormat format(SpecificationFields.Coded file) {
        return new DeliveryFormat(
                named(DeliveryFormat.Coding.class, file.coding()),
                file.accepted().stream()
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
            return Writer.WRITER.writeValueAsBytes(SpecificationFields.of(s));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("specification " + s.id(), e);
        }
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
