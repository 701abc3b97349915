package app.redlamp.desktop.control;

import app.redlamp.core.verdict.Verdict;
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

    /** How a verdict is shown: the one way from a verdict to a lamp. */
    public static LampState of(Verdict.State state) {
        return switch (state) {
            case UNKNOWN -> UNLIT;
            case TO_DO -> HALF;
            case CLEAR -> LIT;
            case BLOCKED -> BARRED;
        };
    }

    /** Style class. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
