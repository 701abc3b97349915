package app.redlamp.media.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Rooms;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Materials and rooms that ship, and those in the library: {@code materials/} and {@code rooms/}, a document each. */
public final class RoomShelf implements Rooms {
    private static final List<String> PRESETS =
            List.of("box-room", "bedroom-corner", "wardrobe", "cupboard", "pillow-fort", "booth", "parked-car");

    private final DocumentFolder materialFolder;
    private final DocumentFolder roomFolder;
    private final List<Material> shipped;
    private final List<Spot> presets;
    private volatile Content content;

    /** What the library held when it was read last, for whoever asks while it is written; nothing stands in for a material of one's own that is broken. */
    private record Content(Map<String, Material> own, List<Material> all, List<Spot> rooms, List<String> faults) {}

    /** @param library folder of the library; made at the first save */
    public RoomShelf(Path library) {
        materialFolder = new DocumentFolder(library, "materials");
        roomFolder = new DocumentFolder(library, "rooms");
        try {
            shipped = new ArrayList<>();
            for (JsonObject one : resource("materials.json").objects("materials")) {
                shipped.add(MaterialFields.read(one));
            }
            presets = new ArrayList<>();
            for (String id : PRESETS) {
                presets.add(SpotReader.read(resource("presets/" + id + ".json"), shipped));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("rooms and materials that ship", e);
        }
        content = read();
    }

    private static JsonObject resource(String name) throws IOException {
        try (InputStream in = RoomShelf.class.getResourceAsStream(name)) {
            return JsonDocument.read(in.readAllBytes());
        }
    }

    @Override
    public List<Material> materials() {
        return content.all();
    }

    @Override
    public boolean isOwn(String materialId) {
        return content.own().containsKey(materialId);
    }

    @Override
    public synchronized void save(Material material) throws IOException {
        ObjectNode node = materialFolder.document();
        node.put("format", SpotFields.FORMAT);
        MaterialFields.write(material, node);
        materialFolder.write(material.id(), node);
        content = read();
    }

    @Override
    public synchronized void forget(String materialId) throws IOException {
        materialFolder.forget(materialId);
        content = read();
    }

    @Override
    public List<Spot> presets() {
        return List.copyOf(presets);
    }

    @Override
    public List<Spot> kept() {
        return content.rooms();
    }

    @Override
    public synchronized void keep(Spot spot) throws IOException {
        ObjectNode node = roomFolder.document();
        SpotFields.write(spot, node);
        roomFolder.write(spot.id(), node);
        content = read();
    }

    @Override
    public Spot read(Path file) throws IOException {
        return SpotReader.read(DocumentFolder.read(file, "room"), materials());
    }

    @Override
    public List<String> faults() {
        return content.faults();
    }

    private Content read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, Material> own = new LinkedHashMap<>();
        materialFolder.all(MaterialFields::read, faults).forEach(m -> own.put(m.id(), m));
        Map<String, Material> all = new LinkedHashMap<>();
        shipped.stream().filter(m -> !faults.containsKey(m.id())).forEach(m -> all.put(m.id(), m));
        all.putAll(own);
        List<Material> known = List.copyOf(all.values());
        Map<String, String> broken = new LinkedHashMap<>();
        List<Spot> rooms = roomFolder.all(document -> SpotReader.read(document, known), broken);
        List<String> lines =
                Stream.of(faults, broken).flatMap(f -> f.values().stream()).toList();
        return new Content(Map.copyOf(own), known, List.copyOf(rooms), lines);
    }
}
