package app.redlamp.media.library;

import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.units.Limits;
import app.redlamp.media.json.JsonObject;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** The fields of a specification's document, as they stand in it. */
record SpecificationFields(
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
        Coded file) {
    static final int FORMAT = 1;

    private static final Set<String> NAMES = Set.of(
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

    /** @throws IOException where a field is missing, of another kind or unknown; one line with the place and the reason */
    static SpecificationFields read(JsonObject document) throws IOException {
        JsonObject d = document.only(NAMES);
        return new SpecificationFields(
                d.integer("format"),
                d.text("id"),
                d.text("name"),
                d.text("source"),
                d.optionalObject("loudness").isPresent() ? Loudness.read(d.object("loudness")) : null,
                Peak.read(d.object("peak")),
                numberOrNull(d, "noiseFloorDbfs"),
                numberOrNull(d, "shortTermLufs"),
                numberOrNull(d, "rangeLu"),
                numberOrNull(d, "decayS"),
                Window.read(d, "bandHz"),
                d.flag("unprocessed"),
                Window.read(d, "headS"),
                Window.read(d, "tailS"),
                numberOrNull(d, "longestS"),
                numberOrNull(d, "totalS"),
                d.integer("clippedRuns"),
                d.optionalObject("betweenFiles").isPresent() ? Between.read(d.object("betweenFiles")) : null,
                d.optionalObject("files").isPresent() ? Names.read(d.object("files")) : null,
                Coded.read(d.object("file")));
    }

    record Loudness(String measure, double low, double high) {
        static Loudness read(JsonObject o) throws IOException {
            o.only(Set.of("measure", "low", "high"));
            return new Loudness(o.text("measure"), o.number("low"), o.number("high"));
        }
    }

    record Peak(String measure, Double lowest, double highest) {
        static Peak read(JsonObject o) throws IOException {
            o.only(Set.of("measure", "lowest", "highest"));
            return new Peak(o.text("measure"), numberOrNull(o, "lowest"), o.number("highest"));
        }
    }

    record Window(Double low, Double high) {
        static Window read(JsonObject in, String name) throws IOException {
            if (in.optionalObject(name).isEmpty()) {
                return null;
            }
            JsonObject o = in.object(name).only(Set.of("low", "high"));
            return new Window(numberOrNull(o, "low"), numberOrNull(o, "high"));
        }

        Limits limits() {
            return new Limits(optional(low), optional(high));
        }

        static Window of(Limits limits) {
            return new Window(orNull(limits.low()), orNull(limits.high()));
        }
    }

    record Between(Double loudnessDb, Double noiseFloorDb, Double toneDb) {
        static Between read(JsonObject o) throws IOException {
            o.only(Set.of("loudnessDb", "noiseFloorDb", "toneDb"));
            return new Between(
                    numberOrNull(o, "loudnessDb"), numberOrNull(o, "noiseFloorDb"), numberOrNull(o, "toneDb"));
        }
    }

    record Names(String pattern, List<String> tags, List<PartFields> parts) {
        static Names read(JsonObject o) throws IOException {
            o.only(Set.of("pattern", "tags", "parts"));
            List<PartFields> parts = new ArrayList<>();
            for (JsonObject part : o.objects("parts")) {
                parts.add(PartFields.read(part));
            }
            return new Names(o.optionalText("pattern").orElse(null), o.texts("tags"), parts);
        }
    }

    record PartFields(String name, String pattern, Double longestS) {
        static PartFields read(JsonObject o) throws IOException {
            o.only(Set.of("name", "pattern", "longestS"));
            return new PartFields(o.text("name"), o.text("pattern"), numberOrNull(o, "longestS"));
        }
    }

    record Coded(
            String coding,
            List<String> accepted,
            Integer bitRateKbps,
            Boolean constantBitRate,
            Integer bitDepth,
            Boolean broadcast,
            int sampleRateHz,
            int fewestChannels,
            int mostChannels,
            boolean sameChannels) {
        private static final Set<String> NAMES = Set.of(
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

        static Coded read(JsonObject o) throws IOException {
            o.only(NAMES);
            return new Coded(
                    o.text("coding"),
                    o.texts("accepted"),
                    orNull(o.optionalInteger("bitRateKbps")),
                    o.flag("constantBitRate"),
                    orNull(o.optionalInteger("bitDepth")),
                    o.flag("broadcast"),
                    o.integer("sampleRateHz"),
                    o.integer("fewestChannels"),
                    o.integer("mostChannels"),
                    o.flag("sameChannels"));
        }
    }

    static SpecificationFields of(Specification s) {
        DeliveryFormat f = s.format();
        return new SpecificationFields(
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
                new Names(
                        s.naming().pattern().orElse(null),
                        s.naming().tags(),
                        s.naming().parts().stream()
                                .map(p -> new PartFields(p.name(), p.pattern(), orNull(p.longestS())))
                                .toList()),
                new Coded(
                        lower(f.coding()),
                        f.accepted().stream()
                                .map(SpecificationFields::lower)
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
    }

    static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static Double numberOrNull(JsonObject object, String name) throws IOException {
        return orNull(object.optionalNumber(name));
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static Integer orNull(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    static OptionalInt optional(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
