package app.redlamp.core.units;

import java.util.function.Predicate;

/** Short names that nothing else of the same kind has. */
public final class Ids {
    private Ids() {}

    /**
     * The wanted name, or where it is taken the same with the first free number from 2 on: {@code box-room-2}.
     *
     * @param taken whether something has a name already
     */
    public static String free(String wanted, Predicate<String> taken) {
        return taken.test(wanted) ? numbered(wanted, 2, taken) : wanted;
    }

    /**
     * The first free name with a number: {@code thing-7}.
     *
     * @param from the first number that is tried
     * @param taken whether something has a name already
     */
    public static String numbered(String stem, int from, Predicate<String> taken) {
        int number = from;
        while (taken.test(stem + "-" + number)) {
            number++;
        }
        return stem + "-" + number;
    }
}
