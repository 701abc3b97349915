package app.redlamp.media.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.LibraryParts;
import app.redlamp.media.json.LibraryShelf;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Materials and rooms that ship, and those in the library: {@code materials/} and {@code rooms/}, a document each. */
public final class RoomShelf {
    private static final List<String> PRESETS =
            List.of("box-room", "bedroom-corner", "wardrobe", "cupboard", "pillow-fort", "booth", "parked-car");

    private static final Codec<Material> PART = Codec.of(o -> {
        o.integer("format", SpotCodec.FORMAT, m -> SpotCodec.FORMAT);
        return MaterialCodec.material(o);
    });

    private RoomShelf() {}

    /** @param library folder of the library; made at the first save */
    public static Shelf<Material, Spot> in(Path library) {
        List<Material> shipped = new ArrayList<>();
        List<Spot> presets = new ArrayList<>();
        try {
            for (JsonObject one : resource("materials.json").objects("materials")) {
                shipped.add(MaterialCodec.MATERIAL.read(one));
            }
            for (String id : PRESETS) {
                presets.add(SpotCodec.spot(shipped).read(resource("presets/" + id + ".json")));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("rooms and materials that ship", e);
        }
        return new LibraryShelf<>(
                new LibraryParts<>(library, "materials", Material::id, PART, shipped),
                library,
                new LibraryShelf.Kind<>("rooms", "room", Spot::id, SpotCodec::spot),
                presets);
    }

    static JsonObject resource(String name) throws IOException {
        try (InputStream in = RoomShelf.class.getResourceAsStream(name)) {
            return JsonDocument.read(in.readAllBytes());
        }
    }
}
