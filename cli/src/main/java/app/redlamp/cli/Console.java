package app.redlamp.cli;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.Wording;
import java.io.PrintStream;
import java.util.Locale;

/** Where a command prints: results to {@code out}, errors to {@code err}, one line each. */
record Console(PrintStream out, PrintStream err, Locale locale) {
    static final int OK = 0;
    static final int FAILS = 1;
    static final int CANNOT = 2;

    /** The one way from a verdict to an exit code. */
    static int exitCode(Verdict.State state) {
        return state == Verdict.State.CLEAR ? OK : FAILS;
    }

    /** What stands before the line of a check. */
    static String mark(CheckResult result) {
        return switch (result) {
            case INSIDE -> "  ";
            case OUTSIDE -> "x ";
            case ADVICE -> "i ";
        };
    }

    Wording wording() {
        return new Wording(locale);
    }

    /** One line, whatever a file is called. */
    void line(String text) {
        out.println(oneLine(text));
    }

    /** One line, whatever is in the message. */
    void error(String message) {
        err.println(oneLine("redlamp: " + message));
    }

    /** Neither line breaks nor what else commands a terminal. */
    private static String oneLine(String text) {
        return text.replaceAll("\\s*[\\p{Cntrl}\u2028\u2029]+\\s*", " ");
    }
}
