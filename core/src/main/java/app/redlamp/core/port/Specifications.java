package app.redlamp.core.port;

import app.redlamp.core.spec.Specification;
import java.util.List;
import java.util.Optional;

/** The specifications at hand. */
public interface Specifications {

    /** All of them, in the order in which they are offered. */
    List<Specification> all();

    default Optional<Specification> byId(String id) {
        return all().stream().filter(s -> s.id().equals(id)).findFirst();
    }
}
