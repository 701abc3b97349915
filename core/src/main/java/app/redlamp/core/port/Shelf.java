package app.redlamp.core.port;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/**
 * What is at hand: parts, and what is put together of them; those that ship, and the user's own. Messages of faults are one line
 * that says what to do.
 *
 * @param <P> a part: gear, or a material
 * @param <W> a whole: a kit, or a room
 */
public interface Shelf<P, W> extends PartShelf<P> {

    /** Wholes to begin with, which ship; none where each is put together by hand. */
    List<W> presets();

    /** Wholes that were kept for several productions. */
    List<W> kept();

    /**
     * Keeps a whole for several productions, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void keep(W whole) throws IOException;

    /**
     * Reads a whole from a file.
     *
     * @throws IOException where it is none; one line, without the file's name
     */
    W read(Path file) throws IOException;
}
