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
    private final Kind<P, P> partKind;
    private final Kind<W, P> wholeKind;
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
     * @param codec of its documents, where these parts are known
     */
    public record Kind<T, P>(String folder, String noun, Function<T, String> id, Function<List<P>, Codec<T>> codec) {}

    /** What the library held when it was read last, for whoever asks while it is written. */
    private record Content<P, W>(Map<String, P> own, List<P> all, List<W> kept, List<String> faults) {}

    /**
     * @param library folder of the library; made at the first save
     * @param shipped parts that ship
     * @param presets wholes that ship
     */
    public LibraryShelf(Path library, Kind<P, P> parts, Kind<W, P> wholes, List<P> shipped, List<W> presets) {
        partKind = parts;
        wholeKind = wholes;
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
        return wholeKind.codec().apply(parts()).read(DocumentFolder.read(file, wholeKind.noun()));
    }

    @Override
    public List<String> faults() {
        return content.faults();
    }

    private <T> void write(DocumentFolder folder, Kind<T, P> kind, T thing) throws IOException {
        ObjectNode node = folder.document();
        kind.codec().apply(List.of()).write(thing, node);
        folder.write(kind.id().apply(thing), node);
        content = read();
    }

    private Content<P, W> read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, P> own = new LinkedHashMap<>();
        partFolder
                .all(partKind.codec().apply(List.of())::read, faults)
                .forEach(p -> own.put(partKind.id().apply(p), p));
        Map<String, P> all = new LinkedHashMap<>();
        shipped.stream()
                .filter(p -> !faults.containsKey(partKind.id().apply(p)))
                .forEach(p -> all.put(partKind.id().apply(p), p));
        all.putAll(own);
        List<P> known = List.copyOf(all.values());
        Map<String, String> broken = new LinkedHashMap<>();
        List<W> kept = wholeFolder.all(wholeKind.codec().apply(known)::read, broken);
        List<String> lines =
                Stream.of(faults, broken).flatMap(f -> f.values().stream()).toList();
        return new Content<>(Map.copyOf(own), known, List.copyOf(kept), lines);
    }
}
