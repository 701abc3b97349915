package app.redlamp.media.json;

import app.redlamp.core.port.Shelf;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Parts, and wholes that are put together of them, which ship or are in the library, a document each.
 *
 * @param <P> a part
 * @param <W> a whole
 */
public final class LibraryShelf<P, W> implements Shelf<P, W> {
    private final LibraryParts<P> parts;
    private final Kind<W, P> wholeKind;
    private final DocumentFolder wholeFolder;
    private final List<W> presets;
    private volatile Kept<W> kept;

    /**
     * How things of one kind are kept.
     *
     * @param folder its folder in the library
     * @param noun what one of them is called in a message
     * @param id of a thing
     * @param codec of its documents, where these parts are known
     */
    public record Kind<T, P>(String folder, String noun, Function<T, String> id, Function<List<P>, Codec<T>> codec) {}

    /** What wholes the library held when it was read last, for whoever asks while it is written. */
    private record Kept<W>(List<W> all, List<String> faults) {}

    /**
     * @param parts that wholes are put together of
     * @param library folder of the library; made at the first save
     * @param presets wholes that ship
     */
    public LibraryShelf(LibraryParts<P> parts, Path library, Kind<W, P> wholes, List<W> presets) {
        this.parts = parts;
        wholeKind = wholes;
        this.presets = List.copyOf(presets);
        wholeFolder = new DocumentFolder(library, wholes.folder());
        kept = read();
    }

    @Override
    public List<P> parts() {
        return parts.parts();
    }

    @Override
    public Optional<P> part(String id) {
        return parts.part(id);
    }

    @Override
    public boolean isOwn(String partId) {
        return parts.isOwn(partId);
    }

    /** What is put together of a part changes with it. */
    @Override
    public synchronized void save(P part) throws IOException {
        parts.save(part);
        kept = read();
    }

    @Override
    public synchronized void forget(String partId) throws IOException {
        parts.forget(partId);
        kept = read();
    }

    @Override
    public List<W> presets() {
        return presets;
    }

    @Override
    public List<W> kept() {
        return kept.all();
    }

    @Override
    public synchronized void keep(W whole) throws IOException {
        wholeFolder.write(wholeKind.id().apply(whole), wholeKind.codec().apply(List.of()), whole);
        kept = read();
    }

    @Override
    public W read(Path file) throws IOException {
        return wholeKind.codec().apply(parts()).read(DocumentFolder.read(file, wholeKind.noun()));
    }

    @Override
    public List<String> faults() {
        return Stream.of(parts.faults(), kept.faults()).flatMap(List::stream).toList();
    }

    private Kept<W> read() {
        Map<String, String> faults = new LinkedHashMap<>();
        List<W> all = wholeFolder.all(wholeKind.codec().apply(parts())::read, faults);
        return new Kept<>(List.copyOf(all), List.copyOf(faults.values()));
    }
}
