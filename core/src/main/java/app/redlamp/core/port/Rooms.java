package app.redlamp.core.port;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Materials and rooms at hand: those that ship, and the user's own. Messages of faults are one line that says what to do. */
public interface Rooms {

    /** All materials, in the order in which they are offered; one of the user's own takes the place of one that ships. */
    List<Material> materials();

    /** Whether a material is the user's own. */
    boolean isOwn(String materialId);

    /**
     * Saves a material of the user's own, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void save(Material material) throws IOException;

    /**
     * Forgets a material of the user's own; one that ships is then as it was.
     *
     * @throws IOException where it cannot be removed
     */
    void forget(String materialId) throws IOException;

    /** Rooms to begin with: cupboard, wardrobe, box room and so on. */
    List<Spot> presets();

    /** Rooms that were kept for several productions. */
    List<Spot> kept();

    /**
     * Keeps a room for several productions, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void keep(Spot spot) throws IOException;

    /**
     * Reads a room from a file.
     *
     * @throws IOException where it is none; one line, without the file's name
     */
    Spot read(Path file) throws IOException;

    /** One line for each of the user's documents that cannot be read. */
    List<String> faults();

    default Optional<Material> material(String id) {
        return materials().stream().filter(m -> m.id().equals(id)).findFirst();
    }
}
