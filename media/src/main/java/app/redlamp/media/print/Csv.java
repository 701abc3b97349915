package app.redlamp.media.print;

import java.util.List;
import java.util.stream.Collectors;

/** Tables as text, RFC 4180. */
public final class Csv {
    private static final String END = "\r\n";

    private Csv() {}

    /** One line with its end. */
    public static String line(List<String> values) {
        return values.stream().map(Csv::quoted).collect(Collectors.joining(",")) + END;
    }

    /** In quotes where needed; a text that a table program would take for a formula gets an apostrophe. */
    static String quoted(String text) {
        String safe = !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
        boolean plain = safe.chars().noneMatch(c -> c == ',' || c == '"' || c == '\n' || c == '\r');
        return plain ? safe : '"' + safe.replace("\"", "\"\"") + '"';
    }
}
