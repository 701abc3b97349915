package app.redlamp.core.port;

import app.redlamp.core.acoustics.cabin.Cabin;
import java.io.IOException;
import java.util.List;

/** Booths that can be bought or built: those that ship, and offers of the user's own. Messages of faults are one line that says what to do. */
public interface OfferedBooths {

    /** All of them; one of the user's own takes the place of one that ships under the same id. */
    List<Cabin> all();

    /** Whether a booth is the user's own. */
    boolean isOwn(String id);

    /**
     * Keeps a booth of the user's own, over the one of the same id.
     *
     * @throws IOException where it cannot be written
     */
    void keep(Cabin booth) throws IOException;

    /**
     * Forgets a booth of the user's own; one that ships is then as it was.
     *
     * @throws IOException where it cannot be removed
     */
    void forget(String id) throws IOException;

    /** One line for each document that cannot be read. */
    List<String> faults();
}
