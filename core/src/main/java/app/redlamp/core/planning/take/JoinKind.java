package app.redlamp.core.planning.take;

import java.util.Locale;

/** How a passage of a chapter comes to follow the one before it. */
public enum JoinKind {
    /** It is the first. */
    START,
    /** The recording stepped back, and went on from a pause. */
    PUNCH_IN,
    /** The sentence was read again, and the first reading is left out. */
    AGAIN,
    /** Another take goes on. */
    NEXT_TAKE,
    /** Room tone stands between two passages. */
    TONE,
    /** It was recorded later, because something was wrong. */
    PICK_UP,
    /** Something was cut out by hand. */
    CUT;

    /** Name in files, such as {@code punch-in}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
