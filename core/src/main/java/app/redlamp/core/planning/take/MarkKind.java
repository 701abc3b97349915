package app.redlamp.core.planning.take;

import java.util.Locale;

/** What a place in a take is marked as; files may hold others. */
public enum MarkKind {
    /** Frames that the microphone gave and nobody has. */
    LOST,
    /** Something else than the reader ended the take here. */
    CUT_OFF;

    /** Name in files, such as {@code cut-off}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
