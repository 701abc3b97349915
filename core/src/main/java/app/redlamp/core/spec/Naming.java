package app.redlamp.core.spec;

import java.util.List;
import java.util.Optional;

/**
 * How files must be called and what must be written in them.
 *
 * @param pattern name with ending: {@code *} stands for anything, {@code ?} for one character, {@code #} for a digit
 * @param tags tags that must be there, such as {@code title}
 */
public record Naming(Optional<String> pattern, List<String> tags) {
    public static final Naming FREE = new Naming(Optional.empty(), List.of());

    public Naming {
        tags = List.copyOf(tags);
    }

    /** Whether a file name is as it must be. */
    public boolean allows(String name) {
        return pattern.isEmpty() || matches(pattern.get(), name);
    }

    /** Goes back to the last star only, so that no pattern takes long. */
    private static boolean matches(String pattern, String name) {
        int p = 0;
        int star = -1;
        int resume = 0;
        int n = 0;
        while (n < name.length()) {
            char wanted = p < pattern.length() ? pattern.charAt(p) : 0;
            char given = name.charAt(n);
            if (wanted == '*') {
                star = p++;
                resume = n;
            } else if (p < pattern.length()
                    && (wanted == '?' || wanted == given || (wanted == '#' && Character.isDigit(given)))) {
                p++;
                n++;
            } else if (star >= 0) {
                p = star + 1;
                n = ++resume;
            } else {
                return false;
            }
        }
        while (p < pattern.length() && pattern.charAt(p) == '*') {
            p++;
        }
        return p == pattern.length();
    }
}
