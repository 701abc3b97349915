package app.redlamp.media.room;

import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.acoustics.spot.MeasuredDecay;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Makes a place of its document. A material that the document does not describe is taken from the library. */
public final class SpotReader {
    private final JsonObject document;
    private final Map<String, Material> materials = new HashMap<>();

    private SpotReader(JsonObject document, List<Material> library) {
        this.document = document;
        library.forEach(m -> materials.put(m.id(), m));
    }

    /**
     * @param library materials that may be named without being described
     * @throws IOException where it is no place; one line with the place and the reason
     */
    public static Spot read(JsonObject document, List<Material> library) throws IOException {
        try {
            return new SpotReader(document, library).spot();
        } catch (IllegalArgumentException | DateTimeException e) {
            // Figures that cannot be are refused where they are made; times where they are read.
            throw new IOException(e.getMessage(), e);
        }
    }

    private Spot spot() throws IOException {
        int format = document.integer("format");
        if (format > SpotFields.FORMAT) {
            throw new IOException(Faults.say("spot-reader.was-saved-newer", format));
        }
        for (JsonObject one : document.objects("materials")) {
            Material material = MaterialFields.read(one);
            materials.put(material.id(), material);
        }
        List<OutsideSource> sources = new ArrayList<>();
        for (JsonObject one : document.objects("sources")) {
            sources.add(source(one));
        }
        Optional<JsonObject> measured = document.optionalObject("measured");
        return new Spot(
                document.text("id"),
                document.text("name"),
                room(),
                sources,
                measured.isEmpty() ? Optional.empty() : Optional.of(measured(measured.get())),
                document.optionalNumber("noiseDbA"));
    }

    private Room room() throws IOException {
        JsonObject size = document.object("space");
        JsonObject surfaces = document.object("surfaces");
        Map<Face, Material> sides = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            sides.put(face, material(surfaces, face.id()));
        }
        Optional<JsonObject> air = document.optionalObject("air");
        List<Double> correction = document.numbers("correction");
        return new Room(
                new Space(size.number("widthM"), size.number("depthM"), size.number("heightM")),
                sides,
                patches(),
                furniture(),
                point(document.object("mouth")),
                point(document.object("microphone")),
                Named.of(Pattern.class, document, "pattern"),
                air.isEmpty()
                        ? Air.USUAL
                        : new Air(air.get().number("temperatureC"), air.get().number("humidityPercent")),
                correction.isEmpty()
                        ? Correction.NONE
                        : new Correction(SixBands.of(
                                correction.stream().mapToDouble(d -> d).toArray())));
    }

    private List<Patch> patches() throws IOException {
        List<Patch> patches = new ArrayList<>();
        for (JsonObject o : document.objects("patches")) {
            patches.add(new Patch(
                    o.text("id"),
                    material(o, "material"),
                    Named.of(Face.class, o, "face"),
                    o.number("u"),
                    o.number("v"),
                    o.number("widthM"),
                    o.number("heightM")));
        }
        return patches;
    }

    private List<Furniture> furniture() throws IOException {
        List<Furniture> furniture = new ArrayList<>();
        for (JsonObject o : document.objects("furniture")) {
            furniture.add(new Furniture(
                    o.text("id"),
                    material(o, "material"),
                    o.number("x"),
                    o.number("y"),
                    o.number("widthM"),
                    o.number("depthM"),
                    o.number("topM"),
                    o.flag("closed")));
        }
        return furniture;
    }

    private Material material(JsonObject o, String field) throws IOException {
        Material material = materials.get(o.text(field));
        if (material == null) {
            throw new IOException(
                    Faults.say("spot-reader.line-there-is", o.lineOf(field), Reason.shown(o.text(field))));
        }
        return material;
    }

    private static Point point(JsonObject o) throws IOException {
        return new Point(o.number("x"), o.number("y"), o.number("z"));
    }

    private static OutsideSource source(JsonObject o) throws IOException {
        Optional<JsonObject> barrier = o.optionalObject("barrier");
        List<Hours> hours = new ArrayList<>();
        for (JsonObject one : o.objects("hours")) {
            Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
            for (String day : one.texts("days")) {
                days.add(Named.of(DayOfWeek.class, day, one, "days"));
            }
            hours.add(new Hours(days, LocalTime.parse(one.text("from")), LocalTime.parse(one.text("to"))));
        }
        return new OutsideSource(
                o.text("id"),
                o.text("name"),
                Named.of(Timbre.class, o, "timbre"),
                o.number("dbA"),
                o.number("distanceM"),
                barrier.isEmpty() ? Optional.empty() : Optional.of(barrier(barrier.get())),
                hours);
    }

    private static Barrier barrier(JsonObject o) throws IOException {
        return new Barrier(o.text("name"), o.number("massKgPerM2"), o.number("areaM2"), o.number("gapPercent"));
    }

    private static MeasuredDecay measured(JsonObject o) throws IOException {
        JsonObject written = o.object("seconds");
        List<OptionalDouble> seconds = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            seconds.add(written.optionalNumber(SpotFields.bandName(b)));
        }
        List<EarlyEcho> echoes = new ArrayList<>();
        for (JsonObject one : o.objects("echoes")) {
            echoes.add(new EarlyEcho(one.number("delayMs"), one.number("levelDb")));
        }
        Optional<JsonObject> flutter = o.optionalObject("flutter");
        return new MeasuredDecay(
                o.text("name"),
                seconds,
                o.flag("twoSlopes"),
                flutter.isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Flutter(
                                flutter.get().number("periodMs"), flutter.get().number("strength"))),
                echoes);
    }
}
