package app.redlamp.media.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.OfferedBooths;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Booths that ship, and those in the library: {@code booths/}, a document each (docs/formats.md). */
public final class BoothFolder implements OfferedBooths {
    private final DocumentFolder folder;
    private final Map<String, Material> materials;
    private final Codec<Cabin> document;
    private final Map<String, Cabin> shipped = new LinkedHashMap<>();
    private final Map<String, Cabin> own = new LinkedHashMap<>();
    private final Map<String, String> faults = new LinkedHashMap<>();

    /**
     * @param library folder of the library; made at the first save
     * @param materials that a booth may be lined with
     */
    public BoothFolder(Path library, List<Material> materials) {
        folder = new DocumentFolder(library, "booths");
        this.materials = materials.stream().collect(Collectors.toMap(Material::id, m -> m, (a, b) -> a));
        document = Codec.of(o -> {
            int format = o.integer("format", SpotCodec.FORMAT, c -> SpotCodec.FORMAT);
            if (format > SpotCodec.FORMAT) {
                throw new IOException(Faults.say("spot-codec.was-saved-newer", format));
            }
            return cabin(o);
        });
        try {
            Codec<Cabin> one = Codec.of(this::cabin);
            for (JsonObject each : RoomShelf.resource("booths.json").objects("booths")) {
                Cabin cabin = one.read(each);
                shipped.put(cabin.id(), cabin);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("booths that ship", e);
        }
        folder.all(document::read, faults).forEach(c -> own.put(c.id(), c));
    }

    private Cabin cabin(Fields<Cabin> o) throws IOException {
        return new Cabin(
                o.text("id", Cabin::id),
                o.text("name", Cabin::name),
                o.object("inside", SpotCodec.SPACE, Cabin::inside),
                o.number("wallM", Cabin::wallM),
                material(o.text("lining", c -> c.lining().id())),
                material(o.text("floor", c -> c.floor().id())),
                OctaveLevels.of(o.numbers("keepsOutDb", c -> numbers(c.keepsOutDb())).stream()
                        .mapToDouble(d -> d)
                        .toArray()),
                o.optionalNumber("fanDbA", Cabin::fanDbA),
                o.number("airLitresPerS", Cabin::airLitresPerS),
                o.number("weightKg", Cabin::weightKg),
                o.number("price", Cabin::price),
                o.text("source", "", Cabin::source),
                o.text("care", "", Cabin::care));
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
            throw new IOException(Faults.say("booth-folder.no-such-material", Reason.shown(id)));
        }
        return known;
    }

    @Override
    public synchronized List<Cabin> all() {
        Map<String, Cabin> all = new LinkedHashMap<>(shipped);
        all.putAll(own);
        return List.copyOf(all.values());
    }

    @Override
    public synchronized boolean isOwn(String id) {
        return own.containsKey(id);
    }

    @Override
    public synchronized void keep(Cabin booth) throws IOException {
        // What cannot be read may be mended by hand: nothing is written over it.
        if (faults.containsKey(booth.id())) {
            throw new IOException(faults.get(booth.id()));
        }
        ObjectNode node = folder.document();
        document.write(booth, node);
        folder.write(booth.id(), node);
        own.put(booth.id(), booth);
    }

    @Override
    public synchronized void forget(String id) throws IOException {
        folder.forget(id);
        own.remove(id);
    }

    @Override
    public synchronized List<String> faults() {
        return List.copyOf(faults.values());
    }
}
