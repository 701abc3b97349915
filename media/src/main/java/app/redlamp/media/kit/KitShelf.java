package app.redlamp.media.kit;

import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
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

/** Gear and kits that ship, and those in the library: {@code parts/} and {@code kits/}, a document each. */
public final class KitShelf {
    private static final Codec<Gear> PART = Codec.of(o -> {
        o.integer("format", KitCodec.FORMAT, g -> KitCodec.FORMAT);
        return GearCodec.gear(o);
    });

    private KitShelf() {}

    /** @param library folder of the library; made at the first save */
    public static Shelf<Gear, Kit> in(Path library) {
        return new LibraryShelf<>(
                new LibraryParts<>(library, "parts", Gear::id, PART, shipped()),
                library,
                new LibraryShelf.Kind<>("kits", "kit", Kit::id, KitCodec::kit),
                List.of());
    }

    private static List<Gear> shipped() {
        List<Gear> shipped = new ArrayList<>();
        try (InputStream in = KitShelf.class.getResourceAsStream("parts.json")) {
            for (JsonObject one : JsonDocument.read(in.readAllBytes()).objects("parts")) {
                shipped.add(GearCodec.GEAR.read(one));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("parts that ship", e);
        }
        return shipped;
    }
}
