package app.redlamp.media.room;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.MeasuredDecay;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.media.json.Named;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;

/** Writes a place as JSON; {@link SpotReader} reads it. Each carries the materials that it is made of. */
public final class SpotFields {
    static final int FORMAT = 1;

    private SpotFields() {}

    /** Writes all of a place into an object. */
    public static void write(Spot spot, ObjectNode node) {
        Room room = spot.room();
        node.put("format", FORMAT);
        node.put("id", spot.id());
        node.put("name", spot.name());
        node.putObject("space")
                .put("widthM", room.space().widthM())
                .put("depthM", room.space().depthM())
                .put("heightM", room.space().heightM());
        node.putObject("air")
                .put("temperatureC", room.air().temperatureC())
                .put("humidityPercent", room.air().humidityPercent());
        ArrayNode materials = node.putArray("materials");
        materials(room).values().forEach(m -> MaterialFields.write(m, materials.addObject()));
        ObjectNode surfaces = node.putObject("surfaces");
        for (Face face : Face.values()) {
            surfaces.put(face.id(), room.surfaces().get(face).id());
        }
        ArrayNode patches = node.putArray("patches");
        for (Patch p : room.patches()) {
            patches.addObject()
                    .put("id", p.id())
                    .put("material", p.material().id())
                    .put("face", p.face().id())
                    .put("u", p.u())
                    .put("v", p.v())
                    .put("widthM", p.widthM())
                    .put("heightM", p.heightM());
        }
        ArrayNode furniture = node.putArray("furniture");
        for (Furniture f : room.furniture()) {
            furniture
                    .addObject()
                    .put("id", f.id())
                    .put("material", f.material().id())
                    .put("x", f.x())
                    .put("y", f.y())
                    .put("widthM", f.widthM())
                    .put("depthM", f.depthM())
                    .put("topM", f.topM())
                    .put("closed", f.closed());
        }
        point(node.putObject("mouth"), room.mouth());
        point(node.putObject("microphone"), room.microphone());
        node.put("pattern", room.pattern().id());
        Numbers.put(node.putArray("correction"), room.correction().factors());
        ArrayNode sources = node.putArray("sources");
        spot.sources().forEach(s -> source(s, sources.addObject()));
        spot.measured().ifPresent(m -> measured(m, node.putObject("measured")));
        spot.noiseDbA().ifPresent(db -> node.put("noiseDbA", db));
    }

    /** Materials by their ids; of two that share an id and differ, the later gets another one nowhere: ids are the library's. */
    private static Map<String, Material> materials(Room room) {
        Map<String, Material> all = new LinkedHashMap<>();
        room.surfaces().values().forEach(m -> all.putIfAbsent(m.id(), m));
        room.patches().forEach(p -> all.putIfAbsent(p.material().id(), p.material()));
        room.furniture().forEach(f -> all.putIfAbsent(f.material().id(), f.material()));
        return all;
    }

    private static void point(ObjectNode node, Point point) {
        node.put("x", point.x()).put("y", point.y()).put("z", point.z());
    }

    private static void source(OutsideSource source, ObjectNode node) {
        node.put("id", source.id())
                .put("name", source.name())
                .put("timbre", source.timbre().id())
                .put("dbA", source.dbA())
                .put("distanceM", source.distanceM());
        source.barrier()
                .ifPresent(b -> node.putObject("barrier")
                        .put("name", b.name())
                        .put("massKgPerM2", b.massKgPerM2())
                        .put("areaM2", b.areaM2())
                        .put("gapPercent", b.gapPercent()));
        ArrayNode hours = node.putArray("hours");
        for (Hours h : source.hours()) {
            ObjectNode one = hours.addObject();
            ArrayNode days = one.putArray("days");
            h.days().forEach(d -> days.add(Named.id(d)));
            one.put("from", h.from().toString()).put("to", h.to().toString());
        }
    }

    private static void measured(MeasuredDecay measured, ObjectNode node) {
        node.put("name", measured.name());
        ObjectNode seconds = node.putObject("seconds");
        for (int b = 0; b < SixBands.COUNT; b++) {
            int band = b;
            measured.seconds().get(b).ifPresent(s -> seconds.put(bandName(band), s));
        }
        node.put("twoSlopes", measured.twoSlopes());
        measured.flutter()
                .ifPresent(f ->
                        node.putObject("flutter").put("periodMs", f.periodMs()).put("strength", f.strength()));
        ArrayNode echoes = node.putArray("echoes");
        measured.echoes()
                .forEach(e -> echoes.addObject().put("delayMs", e.delayMs()).put("levelDb", e.levelDb()));
    }

    static String bandName(int band) {
        return String.valueOf(Math.round(SixBands.centreHz(band)));
    }
}
