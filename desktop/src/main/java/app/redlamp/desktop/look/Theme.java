package app.redlamp.desktop.look;

import java.util.Locale;

/** The two themes; both have the same tokens (tokens.css). */
public enum Theme {
    DUSK,
    DAYLIGHT;

    /** Style class of the scene's root, also the name in the settings. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Theme other() {
        return this == DUSK ? DAYLIGHT : DUSK;
    }

    /** The theme of that name; dusk for any other. */
    public static Theme of(String id) {
        return DAYLIGHT.id().equals(id) ? DAYLIGHT : DUSK;
    }
}
