package app.redlamp.core.port;

import app.redlamp.core.planning.plan.Production;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;

/** Copies of productions that could not be saved where they belong, kept until they are taken back or thrown away. */
public interface Rescues {
    /** Keeps nothing. */
    Rescues NONE = new Rescues() {
        @Override
        public void keep(Production production, Path folder) {}

        @Override
        public List<Copy> all() {
            return List.of();
        }

        @Override
        public void forget(String productionId) {}
    };

    /**
     * A copy.
     *
     * @param production as it was in the window
     * @param folder where it belongs
     * @param at when it could not be saved
     */
    record Copy(Production production, Path folder, Instant at) {}

    /**
     * Keeps a copy, in place of an earlier one of the same production.
     *
     * @param folder where it belongs
     * @throws IOException where it cannot be written either
     */
    void keep(Production production, Path folder) throws IOException;

    /** All copies that can be read, the newest first. */
    List<Copy> all();

    /**
     * Removes the copy of a production; nothing happens where there is none.
     *
     * @throws IOException where it cannot be removed
     */
    void forget(String productionId) throws IOException;
}
