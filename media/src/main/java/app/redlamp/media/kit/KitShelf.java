package app.redlamp.media.kit;

import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.port.Equipment;
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

/** Parts and kits that ship, and those in the library: {@code parts/} and {@code kits/}, a document each. */
public final class KitShelf implements Equipment {
    private final DocumentFolder partFolder;
    private final DocumentFolder kitFolder;
    private final List<Gear> shipped = new ArrayList<>();
    private volatile Content content;

    /** What the library held when it was read last, for whoever asks while it is written; nothing stands in for a part of one's own that is broken. */
    private record Content(Map<String, Gear> own, List<Gear> all, List<Kit> kits, List<String> faults) {}

    /** @param library folder of the library; made at the first save */
    public KitShelf(Path library) {
        partFolder = new DocumentFolder(library, "parts");
        kitFolder = new DocumentFolder(library, "kits");
        try (InputStream in = KitShelf.class.getResourceAsStream("parts.json")) {
            for (JsonObject one : JsonDocument.read(in.readAllBytes()).objects("parts")) {
                shipped.add(GearReader.read(one));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("parts that ship", e);
        }
        content = read();
    }

    @Override
    public List<Gear> parts() {
        return content.all();
    }

    @Override
    public boolean isOwn(String partId) {
        return content.own().containsKey(partId);
    }

    @Override
    public synchronized void save(Gear part) throws IOException {
        ObjectNode node = partFolder.document();
        node.put("format", KitFields.FORMAT);
        GearFields.write(part, node);
        partFolder.write(part.id(), node);
        content = read();
    }

    @Override
    public synchronized void forget(String partId) throws IOException {
        partFolder.forget(partId);
        content = read();
    }

    @Override
    public List<Kit> kept() {
        return content.kits();
    }

    @Override
    public synchronized void keep(Kit kit) throws IOException {
        ObjectNode node = kitFolder.document();
        KitFields.write(kit, node);
        kitFolder.write(kit.id(), node);
        content = read();
    }

    @Override
    public Kit read(Path file) throws IOException {
        return KitReader.read(DocumentFolder.read(file, "kit"), parts());
    }

    @Override
    public List<String> faults() {
        return content.faults();
    }

    private Content read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, Gear> own = new LinkedHashMap<>();
        partFolder.all(GearReader::read, faults).forEach(p -> own.put(p.id(), p));
        Map<String, Gear> all = new LinkedHashMap<>();
        shipped.stream().filter(p -> !faults.containsKey(p.id())).forEach(p -> all.put(p.id(), p));
        all.putAll(own);
        List<Gear> known = List.copyOf(all.values());
        Map<String, String> broken = new LinkedHashMap<>();
        List<Kit> kits = kitFolder.all(document -> KitReader.read(document, known), broken);
        List<String> lines =
                Stream.of(faults, broken).flatMap(f -> f.values().stream()).toList();
        return new Content(Map.copyOf(own), known, List.copyOf(kits), lines);
    }
}
