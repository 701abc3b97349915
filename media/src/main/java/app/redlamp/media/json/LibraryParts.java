package app.redlamp.media.json;

import app.redlamp.core.port.PartShelf;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Parts that ship, and those in a folder of the library, a document each. Nothing stands in for a part of one's own that is
 * broken, and nothing is written over it: it may be mended by hand.
 *
 * @param <P> a part
 */
public final class LibraryParts<P> implements PartShelf<P> {
    private final DocumentFolder folder;
    private final Function<P, String> id;
    private final Codec<P> codec;
    private final List<P> shipped;
    private volatile Content<P> content;

    /** What the library held when it was read last, for whoever asks while it is written. */
    private record Content<P>(Map<String, P> own, List<P> all, Map<String, String> faults) {}

    /**
     * @param library folder of the library; made at the first save
     * @param name of the folder in it
     * @param id of a part
     * @param codec of their documents
     * @param shipped parts that ship
     */
    public LibraryParts(Path library, String name, Function<P, String> id, Codec<P> codec, List<P> shipped) {
        folder = new DocumentFolder(library, name);
        this.id = id;
        this.codec = codec;
        this.shipped = List.copyOf(shipped);
        content = read();
    }

    @Override
    public List<P> parts() {
        return content.all();
    }

    @Override
    public Optional<P> part(String partId) {
        return parts().stream().filter(p -> id.apply(p).equals(partId)).findFirst();
    }

    @Override
    public boolean isOwn(String partId) {
        return content.own().containsKey(partId);
    }

    @Override
    public synchronized void save(P part) throws IOException {
        String broken = content.faults().get(id.apply(part));
        if (broken != null) {
            throw new IOException(broken);
        }
        folder.write(id.apply(part), codec, part);
        content = read();
    }

    @Override
    public synchronized void forget(String partId) throws IOException {
        folder.forget(partId);
        content = read();
    }

    @Override
    public List<String> faults() {
        return List.copyOf(content.faults().values());
    }

    private Content<P> read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, P> own = new LinkedHashMap<>();
        folder.all(codec::read, faults).forEach(p -> own.put(id.apply(p), p));
        Map<String, P> all = new LinkedHashMap<>();
        shipped.stream().filter(p -> !faults.containsKey(id.apply(p))).forEach(p -> all.put(id.apply(p), p));
        all.putAll(own);
        return new Content<>(Map.copyOf(own), List.copyOf(all.values()), faults);
    }
}
