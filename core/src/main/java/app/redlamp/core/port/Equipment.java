package app.redlamp.core.port;

import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Parts and kits at hand: those that ship, and the user's own. Messages of faults are one line that says what to do. */
public interface Equipment {

    /** All parts, in the order in which they are offered; one of the user's own takes the place of one that ships. */
    List<Gear> parts();

    /** Whether a part is the user's own. */
    boolean isOwn(String partId);

    /**
     * Saves a part of the user's own, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void save(Gear part) throws IOException;

    /**
     * Forgets a part of the user's own; one that ships is then as it was.
     *
     * @throws IOException where it cannot be removed
     */
    void forget(String partId) throws IOException;

    /** Kits that were kept for several productions. */
    List<Kit> kept();

    /**
     * Keeps a kit for several productions, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void keep(Kit kit) throws IOException;

    /**
     * Reads a kit from a file.
     *
     * @throws IOException where it is none; one line, without the file's name
     */
    Kit read(Path file) throws IOException;

    /** One line for each of the user's documents that cannot be read. */
    List<String> faults();

    default Optional<Gear> part(String id) {
        return parts().stream().filter(p -> p.id().equals(id)).findFirst();
    }
}
