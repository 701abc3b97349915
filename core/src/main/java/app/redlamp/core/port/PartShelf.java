package app.redlamp.core.port;

import java.io.IOException;
import java.util.List;
import java.util.Optional;

/**
 * Parts that are at hand: those that ship, and the user's own. Messages of faults are one line that says what to do.
 *
 * @param <P> a part: gear, a material, or a booth that can be bought
 */
public interface PartShelf<P> {

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

    /** One line for each of the user's documents that cannot be read. */
    List<String> faults();
}
