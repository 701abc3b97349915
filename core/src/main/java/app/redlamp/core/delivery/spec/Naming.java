package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How files must be called and what must be written in them.
 *
 * @param pattern name with ending: {@code *} stands for anything, {@code ?} for one character, {@code #} for a digit
 * @param tags tags that must be there, such as {@code title}
 * @param parts files that must be among those of a delivery, known by their names
 */
public record Naming(Optional<String> pattern, List<String> tags, List<Part> parts) {
    public static final Naming FREE = new Naming(Optional.empty(), List.of());

    /**
     * A file that a delivery must hold, such as the opening credits.
     *
     * @param name what it is, for people
     * @param pattern what its file is called, with the signs of {@link Naming#pattern}; capitals do not count
     * @param longestS longest it may be, in seconds
     */
    public record Part(String name, String pattern, OptionalDouble longestS) {
        /** @throws IllegalArgumentException without a name or a pattern, or for a length that is none */
        public Part {
            if (name == null || name.isBlank() || pattern == null || pattern.isBlank() || !(longestS.orElse(1) > 0)) {
                throw new IllegalArgumentException(Faults.say("naming.part-needs-name", name, pattern));
            }
        }

        /** Whether a file of this name is it. */
        public boolean is(String fileName) {
            return matches(pattern.toLowerCase(Locale.ROOT), fileName.toLowerCase(Locale.ROOT));
        }
    }

    public Naming {
        tags = List.copyOf(tags);
        parts = List.copyOf(parts);
    }

    /** Without parts. */
    public Naming(Optional<String> pattern, List<String> tags) {
        this(pattern, tags, List.of());
    }

    /** Parts that none of these files is. */
    public List<Part> missing(List<String> fileNames) {
        return parts.stream().filter(p -> fileNames.stream().noneMatch(p::is)).toList();
    }

    /** Longest that a file of this name may be for the part that it is, in seconds; absent where nothing says so. */
    public OptionalDouble longestS(String fileName) {
        return parts.stream()
                .filter(p -> p.longestS().isPresent() && p.is(fileName))
                .mapToDouble(p -> p.longestS().getAsDouble())
                .min();
    }

    /** A file's name without its ending. */
    public static String stem(String fileName) {
        int dot = fileName.lastIndexOf('.');
        return dot > 0 ? fileName.substring(0, dot) : fileName;
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
