package app.redlamp.media.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.PartShelf;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.LibraryParts;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Booths that ship, and offers in the library: {@code booths/}, a document each (docs/formats.md). */
public final class BoothShelf {
    private final Map<String, Material> materials;

    private BoothShelf(List<Material> materials) {
        this.materials = materials.stream().collect(Collectors.toMap(Material::id, m -> m, (a, b) -> a));
    }

    /**
     * @param library folder of the library; made at the first save
     * @param materials that a booth may be lined with
     */
    public static PartShelf<Cabin> in(Path library, List<Material> materials) {
        BoothShelf booths = new BoothShelf(materials);
        Codec<Cabin> document = Codec.of(o -> {
            int format = o.integer("format", SpotCodec.FORMAT, c -> SpotCodec.FORMAT);
            if (format > SpotCodec.FORMAT) {
                throw new IOException(Faults.say("spot-codec.was-saved-newer", format));
            }
            return booths.cabin(o);
        });
        return new LibraryParts<>(library, "booths", Cabin::id, document, booths.shipped());
    }

    private List<Cabin> shipped() {
        List<Cabin> shipped = new ArrayList<>();
        try {
            Codec<Cabin> one = Codec.of(this::cabin);
            for (JsonObject each : RoomShelf.resource("booths.json").objects("booths")) {
                shipped.add(one.read(each));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("booths that ship", e);
        }
        return shipped;
    }

    private Cabin cabin(Fields<Cabin> o) throws IOException {
        return new Cabin(
                o.text("id", Cabin::id),
                shell(o.within(Cabin::shell)),
                OctaveLevels.of(o.numbers("keepsOutDb", c -> numbers(c.keepsOutDb())).stream()
                        .mapToDouble(d -> d)
                        .toArray()),
                air(o.within(Cabin::air)),
                offer(o.within(Cabin::offer)));
    }

    private Cabin.Shell shell(Fields<Cabin.Shell> o) throws IOException {
        return new Cabin.Shell(
                o.object("inside", SpotCodec.SPACE, Cabin.Shell::inside),
                o.number("wallM", Cabin.Shell::wallM),
                material(o.text("lining", s -> s.lining().id())),
                material(o.text("floor", s -> s.floor().id())),
                o.number("weightKg", Cabin.Shell::weightKg));
    }

    private static Cabin.Ventilation air(Fields<Cabin.Ventilation> o) throws IOException {
        return new Cabin.Ventilation(
                o.optionalNumber("fanDbA", Cabin.Ventilation::fanDbA),
                o.number("airLitresPerS", Cabin.Ventilation::litresPerS));
    }

    private static Cabin.Offer offer(Fields<Cabin.Offer> o) throws IOException {
        return new Cabin.Offer(
                o.text("name", Cabin.Offer::name),
                o.number("price", Cabin.Offer::price),
                o.text("source", "", Cabin.Offer::source),
                o.text("care", "", Cabin.Offer::care));
    }

    private static List<Double> numbers(OctaveLevels levels) {
        List<Double> all = new ArrayList<>();
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            all.add(levels.at(b));
        }
        return all;
    }

    private Material material(String id) throws IOException {
        Material known = materials.get(id);
        if (known == null) {
            throw new IOException(Faults.say("booth-shelf.no-such-material", Reason.shown(id)));
        }
        return known;
    }
}
