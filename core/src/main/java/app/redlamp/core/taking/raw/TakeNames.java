package app.redlamp.core.taking.raw;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.planning.plan.FileNames;
import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Names of raw takes: number and title of the piece and the number of the take, as in {@code 03 A map of rain - take 2.wav}; where a
 * take goes on after a break, {@code 03 A map of rain - take 2, part 2.wav}. No clock is asked, so that none can lead to a name that is
 * taken.
 */
public final class TakeNames {
    /** Longest part of a title in bytes of UTF-8: the rest of a name has some 30 more, and file systems allow 255 (ours). */
    private static final int LONGEST_TITLE = 120;

    /** More takes of a chapter nobody records (ours). */
    private static final int MOST = 10_000;

    /** Ending of raw takes. */
    public static final String ENDING = ".wav";

    private TakeNames() {}

    /**
     * Where names of a take begin, such as {@code 03 A map of rain}.
     *
     * @param number of the piece, from 1
     * @param title of the piece; what no file system takes is left out of it
     */
    public static String stem(int number, String title) {
        return (String.format(Locale.ROOT, "%02d ", number) + FileNames.shortened(title, LONGEST_TITLE)).strip();
    }

    /**
     * The next take that no file has.
     *
     * @param stem as {@link #stem} gives it
     * @param taken names in the folder, with their endings; that of a journal or a part counts for its take
     * @throws IllegalArgumentException where there are as many as nobody records
     */
    public static String next(String stem, Collection<String> taken) {
        Set<String> lower = taken.stream().map(n -> n.toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        for (int take = 1; take < MOST; take++) {
            String name = take(stem, take).toLowerCase(Locale.ROOT);
            if (lower.stream()
                    .noneMatch(n -> n.equals(name + ENDING) || n.startsWith(name + ",") || n.startsWith(name + "."))) {
                return take(stem, take) + ENDING;
            }
        }
        throw new IllegalArgumentException(Faults.say("take-names.too-many", stem, MOST));
    }

    /**
     * The name of a later part of a take.
     *
     * @param first name of the first part
     * @param part number of the part, 2 or more
     */
    public static String part(String first, int part) {
        String stem = first.endsWith(ENDING) ? first.substring(0, first.length() - ENDING.length()) : first;
        return stem + ", part " + part + ENDING;
    }

    private static String take(String stem, int number) {
        return stem + " - take " + number;
    }
}
