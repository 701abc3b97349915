package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names files by a pattern: {@code {production}}, {@code {client}}, {@code {title}}, and the number as {@code {n}},
 * {@code {nn}} or {@code {nnn}}. In what is put in, blanks become hyphens and signs that some file system refuses are left out;
 * a pattern that has such signs itself is refused, so that no name leads out of its folder.
 */
public final class FileNames {
    /** Without the ending, which may take the rest of the 255 bytes that file systems allow (ours). */
    private static final int LONGEST_BYTES = 200;

    /** A longer name would fill the line (ours). */
    private static final int LONGEST_SHOWN = 40;

    private static final Pattern FIELD = Pattern.compile("\\{([^{}]*)\\}");
    private static final Pattern REFUSED = Pattern.compile("[\\\\/:*?\"<>|{}\\p{Cntrl}]");
    private static final Pattern LEFT_OUT = Pattern.compile("[\\\\/:*?\"<>|{}\\p{Cntrl}\\p{Cf}“”„«»…]");
    private static final Pattern SEPARATORS = Pattern.compile("(?<![_-])([_-])[_-]*_");
    private static final Pattern BLANKS = Pattern.compile("[\\s\\u00a0]+");
    private static final Pattern SPACE = Pattern.compile("\\s+");
    private static final Pattern LEADING_POINTS = Pattern.compile("^[.]+");
    /** What stands at an end is found from where it begins, so that a long run in the middle is looked at once. */
    private static final Pattern FILE_EDGES = Pattern.compile("^[ ._-]+|(?<![ ._-])[ ._-]+$");

    private static final Pattern FOLDER_EDGES = Pattern.compile("^[ .-]+|(?<![ .-])[ .-]+$");
    private static final Set<String> FIELDS = Set.of("production", "client", "title", "n", "nn", "nnn");
    /** Names that one file system keeps for devices, whatever their ending. */
    private static final Pattern DEVICE = Pattern.compile("(?i)(?:con|prn|aux|nul|com\\d|lpt\\d)(?:\\..*)?");

    private FileNames() {}

    /** What is wrong with a pattern by itself, in one line; empty where nothing is. */
    public static String fault(String pattern) {
        Matcher fields = FIELD.matcher(pattern);
        while (fields.find()) {
            if (!FIELDS.contains(fields.group(1))) {
                return Faults.say("file-names.there-is-no", fields.group(1));
            }
        }
        Matcher refused = REFUSED.matcher(FIELD.matcher(pattern).replaceAll(""));
        if (refused.find()) {
            return Faults.say("file-names.cannot-stand-in", shown(refused.group()));
        }
        if (FIELD.matcher(pattern).replaceAll("x").isBlank()) {
            return Faults.say("file-names.file-needs-name");
        }
        return "";
    }

    /**
     * Names of all files, without their ending, in the order of the titles.
     *
     * @throws IllegalArgumentException for a pattern with a fault, and for names that are none, too long or alike; one line
     *     that says what to do
     */
    public static List<String> of(String pattern, String production, String client, List<String> titles) {
        String fault = fault(pattern);
        if (!fault.isEmpty()) {
            throw new IllegalArgumentException(fault);
        }
        List<String> names = new ArrayList<>();
        Map<String, Integer> taken = new HashMap<>();
        for (int i = 0; i < titles.size(); i++) {
            String name = name(pattern, production, client, titles.get(i), i + 1);
            Integer other = taken.put(name.toLowerCase(Locale.ROOT), i);
            if (other != null) {
                throw new IllegalArgumentException(Faults.say(
                        "file-names.would-both-be", brief(titles.get(other)), brief(titles.get(i)), brief(name)));
            }
            names.add(name);
        }
        return List.copyOf(names);
    }

    private static String name(String pattern, String production, String client, String title, int number) {
        Matcher fields = FIELD.matcher(pattern);
        String filled = fields.replaceAll(field -> Matcher.quoteReplacement(
                switch (field.group(1)) {
                    case "production" -> safe(production);
                    case "client" -> safe(client);
                    case "title" -> safe(title);
                    default -> String.format(Locale.ROOT, "%0" + field.group(1).length() + "d", number);
                }));
        // Where a part is empty its separator goes too; points and blanks at the ends are lost on some file systems.
        String joined = SEPARATORS
                .matcher(Normalizer.normalize(filled, Normalizer.Form.NFC))
                .replaceAll("$1");
        String name = FILE_EDGES.matcher(joined).replaceAll("");
        if (name.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("file-names.would-have-no", brief(title)));
        }
        if (DEVICE.matcher(name).matches()) {
            throw new IllegalArgumentException(Faults.say("file-names.is-name-that", name));
        }
        if (name.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            throw new IllegalArgumentException(Faults.say("file-names.name-is-too", brief(title)));
        }
        return name;
    }

    /** What stands for a title or a name in a file name; may be empty. */
    static String safe(String text) {
        String plain = LEFT_OUT.matcher(text).replaceAll(" ").strip();
        return LEADING_POINTS.matcher(BLANKS.matcher(plain).replaceAll("-")).replaceAll("");
    }

    /**
     * What a folder for a production is called: its title without what some file system refuses.
     *
     * @throws IllegalArgumentException where nothing is left of it, or too much; one line that says what to do
     */
    public static String folder(String title) {
        String name = plain(title);
        boolean tooLong = name.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_BYTES;
        if (name.isEmpty() || tooLong || DEVICE.matcher(name).matches()) {
            throw new IllegalArgumentException(Faults.say("file-names.cannot-name-folder", brief(title)));
        }
        return name;
    }

    /** Without what some file system refuses. */
    private static String plain(String title) {
        String allowed = Normalizer.normalize(LEFT_OUT.matcher(title).replaceAll(" "), Normalizer.Form.NFC);
        return FOLDER_EDGES.matcher(SPACE.matcher(allowed).replaceAll(" ")).replaceAll("");
    }

    /**
     * A title as the middle of a file name: without what some file system refuses, and no longer than so many bytes of UTF-8; may be
     * empty.
     */
    public static String shortened(String title, int mostBytes) {
        String name = plain(title);
        int end = 0;
        for (int bytes = 0; end < name.length(); ) {
            int sign = name.codePointAt(end);
            bytes += Character.toString(sign).getBytes(java.nio.charset.StandardCharsets.UTF_8).length;
            if (bytes > mostBytes) {
                break;
            }
            end += Character.charCount(sign);
        }
        return FOLDER_EDGES.matcher(name.substring(0, end)).replaceAll("");
    }

    /** Enough of a title to know it by. */
    private static String brief(String title) {
        return title.length() <= LONGEST_SHOWN ? title : title.substring(0, LONGEST_SHOWN) + "…";
    }

    private static String shown(String sign) {
        return Character.isISOControl(sign.charAt(0)) ? "a control character" : sign;
    }
}
