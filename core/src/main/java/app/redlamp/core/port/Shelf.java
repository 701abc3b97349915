package app.redlamp.core.port;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * What is at hand: parts, and what is put together of them; those that ship, and the user's own. Messages of faults are one line
 * that says what to do.
 *
 * @param <P> a part: gear, or a material
 * @param <W> a whole: a kit, or a room
 */
public interface Shelf<P, W> {

    /** All parts, in the order in which they are offered; one of the user's own takes the place of one that ships. */
    List<P> parts();

    /** A part by its id. */
    Optional<P> part(String id);

    /** Whether a part is the user's own. */
    boolean isOwn(String partId);

    /**
     * Saves a part of the user's own, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void save(P part) throws IOException;

    /**
     * Forgets a part of the user's own; one that ships is then as it was.
     *
     * @throws IOException where it cannot be removed
     */
    void forget(String partId) throws IOException;

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

    /** One line for each of the user's documents that cannot be read. */
    List<String> faults();
}
