package app.redlamp.media.json;

import app.redlamp.core.port.Shelf;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Parts and wholes that ship, and those in the library, a document each. Nothing stands in for a part of one's own that is
 * broken.
 *
 * @param <P> a part
 * @param <W> a whole
 */
public final class LibraryShelf<P, W> implements Shelf<P, W> {
    private final Kind<P> partKind;
    private final Kind<W> wholeKind;
    private final Reader<P, W> reader;
    private final DocumentFolder partFolder;
    private final DocumentFolder wholeFolder;
    private final List<P> shipped;
    private final List<W> presets;
    private volatile Content<P, W> content;

    /**
     * How things of one kind are kept.
     *
     * @param folder its folder in the library
     * @param noun what one of them is called in a message
     * @param id of a thing
     * @param writer writes one into an empty document
     */
    public record Kind<T>(String folder, String noun, Function<T, String> id, Writer<T> writer) {}

    /** Writes a thing into an empty document. */
    public interface Writer<T> {
        void write(T thing, ObjectNode document);
    }

    /** Reads both, a whole with the parts that are known. */
    public interface Reader<P, W> {
        /** @throws IOException where it is none; one line */
        P part(JsonObject document) throws IOException;

        /** @throws IOException where it is none; one line */
        W whole(JsonObject document, List<P> known) throws IOException;
    }

    /** What the library held when it was read last, for whoever asks while it is written. */
    private record Content<P, W>(Map<String, P> own, List<P> all, List<W> kept, List<String> faults) {}

    /**
     * @param library folder of the library; made at the first save
     * @param shipped parts that ship
     * @param presets wholes that ship
     */
    public LibraryShelf(
            Path library, Kind<P> parts, Kind<W> wholes, Reader<P, W> reader, List<P> shipped, List<W> presets) {
        partKind = parts;
        wholeKind = wholes;
        this.reader = reader;
        this.shipped = List.copyOf(shipped);
        this.presets = List.copyOf(presets);
        partFolder = new DocumentFolder(library, parts.folder());
        wholeFolder = new DocumentFolder(library, wholes.folder());
        content = read();
    }

    @Override
    public List<P> parts() {
        return content.all();
    }

    @Override
    public Optional<P> part(String id) {
        return parts().stream().filter(p -> partKind.id().apply(p).equals(id)).findFirst();
    }

    @Override
    public boolean isOwn(String partId) {
        return content.own().containsKey(partId);
    }

    @Override
    public synchronized void save(P part) throws IOException {
        write(partFolder, partKind, part);
    }

    @Override
    public synchronized void forget(String partId) throws IOException {
        partFolder.forget(partId);
        content = read();
    }

    @Override
    public List<W> presets() {
        return presets;
    }

    @Override
    public List<W> kept() {
        return content.kept();
    }

    @Override
    public synchronized void keep(W whole) throws IOException {
        write(wholeFolder, wholeKind, whole);
    }

    @Override
    public W read(Path file) throws IOException {
        return reader.whole(DocumentFolder.read(file, wholeKind.noun()), parts());
    }

    @Override
    public List<String> faults() {
        return content.faults();
    }

    private <T> void write(DocumentFolder folder, Kind<T> kind, T thing) throws IOException {
        ObjectNode node = folder.document();
        kind.writer().write(thing, node);
        folder.write(kind.id().apply(thing), node);
        content = read();
    }

    private Content<P, W> read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, P> own = new LinkedHashMap<>();
        partFolder.all(reader::part, faults).forEach(p -> own.put(partKind.id().apply(p), p));
        Map<String, P> all = new LinkedHashMap<>();
        shipped.stream()
                .filter(p -> !faults.containsKey(partKind.id().apply(p)))
                .forEach(p -> all.put(partKind.id().apply(p), p));
        all.putAll(own);
        List<P> known = List.copyOf(all.values());
        Map<String, String> broken = new LinkedHashMap<>();
        List<W> kept = wholeFolder.all(document -> reader.whole(document, known), broken);
        List<String> lines =
                Stream.of(faults, broken).flatMap(f -> f.values().stream()).toList();
        return new Content<>(Map.copyOf(own), known, List.copyOf(kept), lines);
    }
}
