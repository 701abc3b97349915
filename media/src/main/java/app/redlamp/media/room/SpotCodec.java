package app.redlamp.media.room;

import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
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
import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.Texts;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Places in their documents (docs/formats.md). Each carries the materials that it is made of. */
public final class SpotCodec {
    static final int FORMAT = 1;

    static final Codec<Space> SPACE = Codec.of(o -> new Space(
            o.number("widthM", Space::widthM), o.number("depthM", Space::depthM), o.number("heightM", Space::heightM)));

    private static final Codec<Air> AIR = Codec.of(o ->
            new Air(o.number("temperatureC", Air::temperatureC), o.number("humidityPercent", Air::humidityPercent)));

    private static final Codec<Point> POINT =
            Codec.of(o -> new Point(o.number("x", Point::x), o.number("y", Point::y), o.number("z", Point::z)));

    private static final Codec<Flutter> FLUTTER = Codec.of(
            o -> new Flutter(o.number("periodMs", Flutter::periodMs), o.number("strength", Flutter::strength)));

    private static final Codec<EarlyEcho> ECHO = Codec.of(
            o -> new EarlyEcho(o.number("delayMs", EarlyEcho::delayMs), o.number("levelDb", EarlyEcho::levelDb)));

    private static final Codec<List<OptionalDouble>> SECONDS = Codec.of(SpotCodec::seconds);

    private static final Codec<MeasuredDecay> MEASURED = Codec.of(o -> new MeasuredDecay(
            o.text("name", MeasuredDecay::name),
            o.object("seconds", SECONDS, MeasuredDecay::seconds),
            o.flag("twoSlopes", MeasuredDecay::twoSlopes),
            o.optional("flutter", FLUTTER, MeasuredDecay::flutter),
            o.list("echoes", ECHO, MeasuredDecay::echoes)));

    /** All places of a production. */
    public static final Codec<Spots> SPOTS = Codec.of(
            o -> new Spots(o.list("places", spot(List.of()), Spots::all), o.text("chosen", "", Spots::chosen)));

    private final Map<String, Material> materials = new HashMap<>();

    private SpotCodec(List<Material> library) {
        library.forEach(m -> materials.put(m.id(), m));
    }

    /**
     * A place.
     *
     * @param library materials that a document may name without describing them
     */
    public static Codec<Spot> spot(List<Material> library) {
        return Codec.of(o -> new SpotCodec(library).spot(o));
    }

    private Spot spot(Fields<Spot> o) throws IOException {
        int format = o.integer("format", s -> FORMAT);
        if (format > FORMAT) {
            throw new IOException(Faults.say("spot-codec.was-saved-newer", format));
        }
        String id = o.text("id", Spot::id);
        String name = o.text("name", Spot::name);
        Room room = room(o.within(Spot::room));
        return new Spot(
                id,
                name,
                room,
                o.list("sources", SourceCodec.SOURCE, Spot::sources),
                o.optional("measured", MEASURED, Spot::measured),
                o.optionalNumber("noiseDbA", Spot::noiseDbA));
    }

    private Room room(Fields<Room> o) throws IOException {
        Space space = o.object("space", SPACE, Room::space);
        o.list("materials", MaterialCodec.MATERIAL, SpotCodec::described).forEach(m -> materials.put(m.id(), m));
        return new Room(
                space,
                o.object("surfaces", Codec.of(this::surfaces), Room::surfaces),
                o.list("patches", Codec.of(this::patch), Room::patches),
                o.list("furniture", Codec.of(this::furniture), Room::furniture),
                o.object("mouth", POINT, Room::mouth),
                o.object("microphone", POINT, Room::microphone),
                o.named("pattern", Pattern.class, Room::pattern),
                o.object("air", Air.USUAL, AIR, Room::air),
                correction(o.numbers(
                        "correction", r -> MaterialCodec.numbers(r.correction().factors()))));
    }

    private static Correction correction(List<Double> factors) {
        return factors.isEmpty() ? Correction.NONE : new Correction(MaterialCodec.bands(factors));
    }

    /** Each material once; ids are the library's. */
    private static List<Material> described(Room room) {
        Map<String, Material> all = new LinkedHashMap<>();
        room.surfaces().values().forEach(m -> all.putIfAbsent(m.id(), m));
        room.patches().forEach(p -> all.putIfAbsent(p.material().id(), p.material()));
        room.furniture().forEach(f -> all.putIfAbsent(f.material().id(), f.material()));
        return List.copyOf(all.values());
    }

    private Map<Face, Material> surfaces(Fields<Map<Face, Material>> o) throws IOException {
        Map<Face, Material> surfaces = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            surfaces.put(face, o.as(face.id(), material(), s -> s.get(face)));
        }
        return surfaces;
    }

    private Patch patch(Fields<Patch> o) throws IOException {
        return new Patch(
                o.text("id", Patch::id),
                o.as("material", material(), Patch::material),
                o.named("face", Face.class, Patch::face),
                o.number("u", Patch::u),
                o.number("v", Patch::v),
                o.number("widthM", Patch::widthM),
                o.number("heightM", Patch::heightM));
    }

    private Furniture furniture(Fields<Furniture> o) throws IOException {
        return new Furniture(
                o.text("id", Furniture::id),
                o.as("material", material(), Furniture::material),
                o.number("x", Furniture::x),
                o.number("y", Furniture::y),
                o.number("widthM", Furniture::widthM),
                o.number("depthM", Furniture::depthM),
                o.number("topM", Furniture::topM),
                o.flag("closed", Furniture::closed));
    }

    /** A material by its id: one that the document describes, or one of the library. */
    private Texts<Material> material() {
        return Texts.of(
                "spot-codec.a-material",
                id -> Optional.ofNullable(materials.get(id)).orElseThrow(IllegalArgumentException::new),
                Material::id);
    }

    /** Reverb times by the centres of their bands. */
    private static List<OptionalDouble> seconds(Fields<List<OptionalDouble>> o) throws IOException {
        List<OptionalDouble> seconds = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            int band = b;
            seconds.add(o.optionalNumber(String.valueOf(Math.round(SixBands.centreHz(b))), s -> s.get(band)));
        }
        return seconds;
    }
}
