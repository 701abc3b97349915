package app.redlamp.core.port;

import app.redlamp.core.delivery.spec.Specification;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** The specifications at hand: those that ship, and the user's own. */
public interface Specifications {

    /** All of them, in the order in which they are offered. */
    List<Specification> all();

    /** One line for each of the user's documents that cannot be read: its name, the place and the reason. */
    default List<String> faults() {
        return List.of();
    }

    /** Whether it is the user's own and can be changed. */
    default boolean isOwn(String id) {
        return false;
    }

    /** The document of a specification, to be edited. */
    String document(Specification specification);

    /**
     * Reads an edited document.
     *
     * @throws IOException where it is broken; one line with the place and the reason
     */
    Specification read(String document) throws IOException;

    /**
     * Saves a specification of the user's own, over the one of the same id.
     *
     * @throws IOException where it cannot be written, or its id is that of a shipped one
     */
    void save(Specification specification) throws IOException;

    default Optional<Specification> byId(String id) {
        return all().stream().filter(s -> s.id().equals(id)).findFirst();
    }
}
