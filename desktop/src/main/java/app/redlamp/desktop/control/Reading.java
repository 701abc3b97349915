package app.redlamp.desktop.control;

import java.util.List;
import java.util.Optional;

/**
 * What the reading column says.
 *
 * @param verdict where things stand, one sentence
 * @param figures name and value, a line each
 * @param helpTitle heading of what to do next
 * @param help what to do next, at most three, best first
 * @param primary the one thing to press; absent where there is nothing to press
 * @param cautions where the work can hurt somebody
 * @param source where the limits come from; empty for nothing
 */
public record Reading(
        String verdict,
        List<Figure> figures,
        String helpTitle,
        List<Help> help,
        Optional<Action> primary,
        List<String> cautions,
        String source) {

    public static final int MOST_HELP = 3;

    /**
     * @param term key in the glossary; empty for none
     */
    public record Figure(String name, String value, String term) {}

    /** One thing that would help, with an action where the application can do it. */
    public record Help(String title, String detail, Optional<Action> action) {}

    /**
     * Something to press.
     *
     * @param id of the node, for tests and tools
     */
    public record Action(String id, String label, Runnable run) {}

    /** @throws IllegalArgumentException for more than three things to do */
    public Reading {
        figures = List.copyOf(figures);
        help = List.copyOf(help);
        cautions = List.copyOf(cautions);
        if (help.size() > MOST_HELP) {
            throw new IllegalArgumentException(help.size() + " things to do next: at most " + MOST_HELP);
        }
    }
}
