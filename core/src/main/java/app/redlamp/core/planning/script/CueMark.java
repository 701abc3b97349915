package app.redlamp.core.planning.script;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The number at the beginning of a cue: "7.", "[07]", "Stop 7:", "Prompt 12 –".
 *
 * @param number its number
 * @param rest what follows it
 */
record CueMark(int number, String rest) {
    /** A longer name is a sentence (ours). */
    private static final int LONGEST_NAME = 12;

    private static final Pattern MARK = Pattern.compile(
            "(?i)(?:(?:stop|cue|track|prompt|line|scene|item|slide|message|file|no\\.?)\\s*)?[\\[(#]{0,2}(\\d{1,4})(?:[\\])]|[.:)](?!\\d)"
                    + "|\\s*[–—-](?=\\s)|\\t)\\s*(.*)");
    private static final Pattern NAMED =
            Pattern.compile("(?i)(?:stop|cue|track|prompt|line|scene|item|slide|message)\\s+(\\d{1,4})\\b\\s*(.*)");

    static Optional<CueMark> of(String text) {
        if (!startsWithNumber(text)) {
            return Optional.empty();
        }
        Matcher mark = MARK.matcher(text);
        Matcher named = NAMED.matcher(text);
        if (mark.matches()) {
            return Optional.of(new CueMark(Integer.parseInt(mark.group(1)), mark.group(2)));
        }
        return named.matches()
                ? Optional.of(new CueMark(Integer.parseInt(named.group(1)), named.group(2)))
                : Optional.empty();
    }

    /** Whether there is a digit where a mark could have one: most paragraphs are told by that alone. */
    private static boolean startsWithNumber(String text) {
        for (int i = 0; i < Math.min(LONGEST_NAME, text.length()); i++) {
            if (text.charAt(i) >= '0' && text.charAt(i) <= '9') {
                return true;
            }
        }
        return false;
    }
}
