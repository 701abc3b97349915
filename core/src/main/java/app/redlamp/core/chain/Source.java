package app.redlamp.core.chain;

import java.util.Locale;

/** Where noise comes from. */
public enum Source {
    ROOM,
    MICROPHONE,
    LEAD,
    BOOSTER,
    PREAMP,
    CONVERTER,
    FILE;

    /** Name in reports, such as {@code room}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
