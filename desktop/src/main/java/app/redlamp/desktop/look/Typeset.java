package app.redlamp.desktop.look;

import java.util.regex.Pattern;

/** Small rules of typesetting for what is shown. */
public final class Typeset {
    private static final Pattern BEFORE_UNIT =
            Pattern.compile("(?<=\\d) (?=(?:dB|dBFS|dBTP|LUFS|LU|s|h|ms|Hz|kHz|kbit/s|bit|%|MB)(?![\\p{L}\\d]))");

    private Typeset() {}

    /** Keeps each figure and its unit on one line. */
    public static String units(String text) {
        return BEFORE_UNIT.matcher(text).replaceAll("\u00a0");
    }
}
