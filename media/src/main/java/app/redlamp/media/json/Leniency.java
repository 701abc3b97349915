package app.redlamp.media.json;

import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/**
 * What is done with fields and words that a reader does not know. A document that people write is strict, so that nothing
 * misspelt is passed over. One that programs write is lenient: it may hold what another version has put there.
 */
final class Leniency {
    private static final int MOST_NOTES = 20;

    private final boolean lenient;
    private final boolean forgiving;
    private final List<String> notes = new ArrayList<>();
    private boolean newer;

    private Leniency(boolean lenient, boolean forgiving) {
        this.lenient = lenient;
        this.forgiving = forgiving;
    }

    static Leniency strict() {
        return new Leniency(false, false);
    }

    static Leniency lenient() {
        return new Leniency(true, false);
    }

    /** For what is a convenience: a field that holds something else counts as not there. */
    static Leniency forgiving() {
        return new Leniency(true, true);
    }

    boolean isForgiving() {
        return forgiving;
    }

    /** A newer version has written it: what is not known is noted, whatever it is. */
    void newer() {
        newer = true;
    }

    boolean isNewer() {
        return newer;
    }

    /**
     * Notes what is not known.
     *
     * @param remedy what to do where it is refused
     * @throws IOException where the document is strict
     */
    void note(String what, String remedy) throws IOException {
        if (!lenient && !newer) {
            throw new IOException(Faults.say("leniency.plain", what, remedy));
        }
        if (notes.size() < MOST_NOTES) {
            notes.add(what);
        }
    }

    List<String> notes() {
        return List.copyOf(notes);
    }
}
