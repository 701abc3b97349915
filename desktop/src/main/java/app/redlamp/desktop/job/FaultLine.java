package app.redlamp.desktop.job;

import java.io.IOException;

/** One line on a fault, for the rail. */
final class FaultLine {
    private static final int LONGEST = 400;

    private FaultLine() {}

    /** What work of ours says of itself; anything else was not foreseen, and is said without the names of our classes. */
    static String of(Throwable fault) {
        if (fault instanceof OutOfMemoryError) {
            return "takes more memory than there is; close something, or leave this one out";
        }
        String said = fault instanceof IOException ? fault.getMessage() : null;
        if (said == null || said.isBlank()) {
            return "went wrong in a way that was not foreseen; try again, or leave this one out";
        }
        return said.length() <= LONGEST ? said : said.substring(0, LONGEST) + "…";
    }
}
