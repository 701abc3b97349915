package app.redlamp.core.verdict;

import java.util.Locale;

/** How bad a problem is; the worst first. */
public enum Severity {
    /** Nothing can be recorded or sent, or something breaks. */
    BLOCKS,
    /** It will be heard, or refused. */
    SPOILS,
    /** Something has still to be done or measured. */
    OPEN,
    /** Worth knowing, and nothing waits for it. */
    ADVISES;

    /** Name in reports, such as {@code blocks}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
