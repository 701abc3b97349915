package app.redlamp.media.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Optional;

/** A material as JSON (docs/formats.md). */
final class MaterialFields {
    private MaterialFields() {}

    static void write(Material material, ObjectNode node) {
        node.put("id", material.id());
        node.put("name", material.name());
        node.put("use", material.use().id());
        Numbers.put(node.putArray("absorption"), material.absorption());
        node.put("source", material.source());
        material.ware()
                .ifPresent(w -> node.putObject("ware")
                        .put("widthM", w.widthM())
                        .put("heightM", w.heightM())
                        .put("thicknessM", w.thicknessM())
                        .put("price", w.price())
                        .put("fire", w.fire())
                        .put("fixing", w.fixing()));
    }

    /** @throws IOException where it is no material; one line with the place and the reason */
    static Material read(JsonObject o) throws IOException {
        Optional<JsonObject> ware = o.optionalObject("ware");
        try {
            return new Material(
                    o.text("id"),
                    o.text("name"),
                    Named.of(Material.Use.class, o, "use"),
                    SixBands.of(
                            o.numbers("absorption").stream().mapToDouble(d -> d).toArray()),
                    o.text("source"),
                    ware.isEmpty() ? Optional.empty() : Optional.of(ware(ware.get())));
        } catch (IllegalArgumentException e) {
            throw new IOException(Faults.say("json.line-and-why", o.lineOf("absorption"), e.getMessage()), e);
        }
    }

    private static Material.Ware ware(JsonObject o) throws IOException {
        return new Material.Ware(
                o.number("widthM"),
                o.number("heightM"),
                o.number("thicknessM"),
                o.number("price"),
                o.text("fire"),
                o.optionalText("fixing").orElse(""));
    }
}
