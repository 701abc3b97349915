package app.redlamp.desktop.control;

import java.util.Locale;

/** What a small lamp says; each state has a shape of its own. */
public enum LampState {
    /** Nothing known yet: a ring. */
    UNLIT,
    /** Known, something to do: half a disc. */
    HALF,
    /** Clear: a full disc. */
    LIT,
    /** Cannot be done: a barred disc. */
    BARRED;

    /** Style class. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
