package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.SetLimits;
import app.redlamp.core.delivery.spec.SoundLimits;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.TimeLimits;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.units.Limits;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonObject;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Makes a specification of its document. Faults are exceptions with one line that says where and why. */
final class SpecificationReader {
    private static final Set<String> FIELDS = Set.of(
            "format",
            "id",
            "name",
            "source",
            "loudness",
            "peak",
            "noiseFloorDbfs",
            "shortTermLufs",
            "rangeLu",
            "decayS",
            "bandHz",
            "unprocessed",
            "headS",
            "tailS",
            "longestS",
            "totalS",
            "clippedRuns",
            "betweenFiles",
            "files",
            "file");
    private static final Set<String> FILE_FIELDS = Set.of(
            "coding",
            "accepted",
            "bitRateKbps",
            "constantBitRate",
            "bitDepth",
            "broadcast",
            "sampleRateHz",
            "fewestChannels",
            "mostChannels",
            "sameChannels");

    private final JsonObject document;

    SpecificationReader(JsonObject document) {
        this.document = document;
    }

    /** Something that is made of an object of the document. */
    private interface Making<T> {
        T of(JsonObject object) throws IOException;
    }

    Specification read() throws IOException {
        // First, for a newer format may have fields of which this version knows nothing.
        int format = document.integer("format");
        if (format != SpecificationFields.FORMAT) {
            throw new IOException(
                    Faults.say("specification-reader.format-this-version", format, SpecificationFields.FORMAT));
        }
        document.only(FIELDS);
        return new Specification(
                document.text("id"),
                document.text("name"),
                document.text("source"),
                part("loudness", SpecificationReader::loudness),
                make("peak", document.object("peak"), SpecificationReader::peak),
                document.optionalNumber("noiseFloorDbfs"),
                new TimeLimits(
                        part("headS", SpecificationReader::window),
                        part("tailS", SpecificationReader::window),
                        document.optionalNumber("longestS"),
                        document.optionalNumber("totalS")),
                new SoundLimits(
                        document.integer("clippedRuns"),
                        document.optionalNumber("shortTermLufs"),
                        document.optionalNumber("rangeLu"),
                        document.optionalNumber("decayS"),
                        part("bandHz", SpecificationReader::window),
                        document.flag("unprocessed")),
                part("betweenFiles", SpecificationReader::between).orElse(SetLimits.USUAL),
                part("files", SpecificationReader::naming).orElse(Naming.FREE),
                make("file", document.object("file"), SpecificationReader::file));
    }

    /** A part that need not be there. */
    private <T> Optional<T> part(String field, Making<T> making) throws IOException {
        Optional<JsonObject> object = document.optionalObject(field);
        return object.isEmpty() ? Optional.empty() : Optional.of(make(field, object.get(), making));
    }

    /** What is wrong with the figures of a part is said with the line of the part. */
    private <T> T make(String field, JsonObject object, Making<T> making) throws IOException {
        try {
            return making.of(object);
        } catch (IllegalArgumentException e) {
            throw new IOException(Faults.say("json.line-and-why", document.lineOf(field), e.getMessage()), e);
        }
    }

    private static LoudnessTarget loudness(JsonObject o) throws IOException {
        o.only(Set.of("measure", "low", "high"));
        return new LoudnessTarget(
                named(LoudnessTarget.Measure.class, o.text("measure")),
                Limits.between(o.number("low"), o.number("high")));
    }

    private static PeakLimit peak(JsonObject o) throws IOException {
        o.only(Set.of("measure", "lowest", "highest"));
        return new PeakLimit(
                named(PeakLimit.Measure.class, o.text("measure")), o.optionalNumber("lowest"), o.number("highest"));
    }

    private static Limits window(JsonObject o) throws IOException {
        o.only(Set.of("low", "high"));
        return new Limits(o.optionalNumber("low"), o.optionalNumber("high"));
    }

    private static SetLimits between(JsonObject o) throws IOException {
        o.only(Set.of("loudnessDb", "noiseFloorDb", "toneDb"));
        return new SetLimits(
                o.optionalNumber("loudnessDb"), o.optionalNumber("noiseFloorDb"), o.optionalNumber("toneDb"));
    }

    private static Naming naming(JsonObject o) throws IOException {
        o.only(Set.of("pattern", "tags", "parts"));
        List<Naming.Part> parts = new ArrayList<>();
        for (JsonObject part : o.objects("parts")) {
            part.only(Set.of("name", "pattern", "longestS"));
            parts.add(new Naming.Part(part.text("name"), part.text("pattern"), part.optionalNumber("longestS")));
        }
        return new Naming(o.optionalText("pattern"), o.texts("tags"), parts);
    }

    private static DeliveryFormat file(JsonObject o) throws IOException {
        o.only(FILE_FIELDS);
        Set<DeliveryFormat.Coding> accepted = EnumSet.noneOf(DeliveryFormat.Coding.class);
        for (String coding : o.texts("accepted")) {
            accepted.add(named(DeliveryFormat.Coding.class, coding));
        }
        return new DeliveryFormat(
                named(DeliveryFormat.Coding.class, o.text("coding")),
                accepted,
                o.integer("sampleRateHz"),
                o.optionalInteger("bitDepth"),
                o.optionalInteger("bitRateKbps"),
                o.flag("constantBitRate"),
                o.flag("broadcast"),
                o.integer("fewestChannels"),
                o.integer("mostChannels"),
                o.flag("sameChannels"));
    }

    private static <E extends Enum<E>> E named(Class<E> type, String name) {
        return Stream.of(type.getEnumConstants())
                .filter(e -> SpecificationFields.lower(e).equals(name.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Faults.say(
                        "specification-reader.none-of",
                        Reason.shown(name),
                        Stream.of(type.getEnumConstants())
                                .map(SpecificationFields::lower)
                                .collect(Collectors.joining(", ")))));
    }
}
