package app.redlamp.media.room;

import app.redlamp.core.port.Rooms;
import app.redlamp.core.room.Material;
import app.redlamp.core.spot.Spot;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.DiskSpace;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Materials and rooms that ship, and those in the library: {@code materials/} and {@code rooms/}, a document each. */
public final class RoomShelf implements Rooms {
    private static final Pattern SAFE_ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,63}");
    private static final long MOST_BYTES = 1 << 20;
    private static final int MOST_DOCUMENTS = 500;
    private static final List<String> PRESETS =
            List.of("box-room", "bedroom-corner", "wardrobe", "cupboard", "pillow-fort", "booth", "parked-car");

    private final ObjectMapper mapper = new ObjectMapper();
    private final Path materialFolder;
    private final Path roomFolder;
    private final List<Material> shipped;
    private final List<Spot> presets;
    private Content content;

    /** What the library held when it was read last. */
    private record Content(Map<String, Material> own, List<Spot> rooms, List<String> faults) {}

    /** @param library folder of the library; made at the first save */
    public RoomShelf(Path library) {
        materialFolder = library.resolve("materials");
        roomFolder = library.resolve("rooms");
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
    public synchronized List<Material> materials() {
        Map<String, Material> all = new LinkedHashMap<>();
        shipped.forEach(m -> all.put(m.id(), m));
        all.putAll(content.own());
        return List.copyOf(all.values());
    }

    @Override
    public synchronized boolean isOwn(String materialId) {
        return content.own().containsKey(materialId);
    }

    @Override
    public synchronized void save(Material material) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        node.put("format", SpotFields.FORMAT);
        MaterialFields.write(material, node);
        write(materialFolder, material.id(), node);
    }

    @Override
    public synchronized void forget(String materialId) throws IOException {
        checkId(materialId);
        Files.deleteIfExists(materialFolder.resolve(materialId + ".json"));
        content = read();
    }

    @Override
    public List<Spot> presets() {
        return List.copyOf(presets);
    }

    @Override
    public synchronized List<Spot> kept() {
        return content.rooms();
    }

    @Override
    public synchronized void keep(Spot spot) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        SpotFields.write(spot, node);
        write(roomFolder, spot.id(), node);
    }

    @Override
    public Spot read(Path file) throws IOException {
        return SpotReader.read(document(file), materials());
    }

    @Override
    public synchronized List<String> faults() {
        return content.faults();
    }

    private void write(Path folder, String id, ObjectNode node) throws IOException {
        checkId(id);
        try {
            Files.createDirectories(folder);
            AtomicFile.write(
                    folder.resolve(id + ".json"),
                    mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(node));
        } catch (IOException e) {
            throw new IOException(
                    "cannot be kept in " + folder + " (" + DiskSpace.reason(e) + "); check that it may be written", e);
        }
        content = read();
    }

    /** An id becomes a file name, and must not lead anywhere else. */
    private static void checkId(String id) throws IOException {
        if (!SAFE_ID.matcher(id).matches()) {
            throw new IOException("id '" + id + "': small letters, digits and hyphens only, at most 64");
        }
    }

    private Content read() {
        List<String> faults = new ArrayList<>();
        Map<String, Material> own = new LinkedHashMap<>();
        for (Path file : documents(materialFolder, faults)) {
            try {
                Material material = MaterialFields.read(document(file));
                own.put(material.id(), material);
            } catch (IOException e) {
                faults.add(file.getFileName() + ": " + e.getMessage());
            }
        }
        List<Material> all = new ArrayList<>(shipped);
        all.addAll(own.values());
        List<Spot> rooms = new ArrayList<>();
        for (Path file : documents(roomFolder, faults)) {
            try {
                rooms.add(SpotReader.read(document(file), all));
            } catch (IOException e) {
                faults.add(file.getFileName() + ": " + e.getMessage());
            }
        }
        return new Content(Map.copyOf(own), List.copyOf(rooms), List.copyOf(faults));
    }

    private static List<Path> documents(Path folder, List<String> faults) {
        List<Path> sorted = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> documents = Files.newDirectoryStream(folder, "*.json")) {
                documents.forEach(sorted::add);
            } catch (IOException | DirectoryIteratorException e) {
                faults.add(folder + ": cannot be read; check its permissions");
            }
        }
        sorted.sort(null);
        return sorted.subList(0, Math.min(MOST_DOCUMENTS, sorted.size()));
    }

    private static JsonObject document(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException("is not there, or no file; name a room document");
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException("is larger than any room");
        }
        return JsonDocument.read(Files.readAllBytes(file));
    }
}
