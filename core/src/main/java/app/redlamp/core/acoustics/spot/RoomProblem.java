package app.redlamp.core.acoustics.spot;

import java.util.Locale;

/** What a place can lack, in the order in which it is mended: moving costs nothing, noise no treatment ends, and then treatment. */
public enum RoomProblem {
    BOOM,
    NOISE,
    DECAY,
    ECHO;

    /** Name in reports, such as {@code boom}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
