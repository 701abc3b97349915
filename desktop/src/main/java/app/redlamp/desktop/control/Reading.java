package app.redlamp.desktop.control;

import app.redlamp.core.verdict.FigureId;
import java.util.List;
import java.util.Optional;

/**
 * What the reading column says.
 *
 * @param verdict where things stand, one sentence
 * @param figures name and value, a line each
 * @param heardTitle heading of what is there to hear
 * @param heard what is there to hear, gravest first, at most three
 * @param helpTitle heading of what to do next
 * @param help what to do next, at most three, best first
 * @param primary the one thing to press; absent where there is nothing to press
 * @param more what is folded away until it is asked for
 * @param cautions where the work can hurt somebody
 * @param source where the limits come from; empty for nothing
 */
public record Reading(
        String verdict,
        List<Figure> figures,
        String heardTitle,
        List<Remark> heard,
        String helpTitle,
        List<Help> help,
        Optional<Action> primary,
        More more,
        List<String> cautions,
        String source) {

    public static final int MOST_HELP = 3;
    public static final int MOST_HEARD = 3;

    /**
     * @param id which figure: names the class that computes it and the words that say how
     * @param term key in the glossary; empty for none
     */
    public record Figure(FigureId id, String name, String value, String term) {}

    /**
     * Something to hear in the recording.
     *
     * @param grave whether it blocks or spoils the recording
     * @param places where it is, each to be pressed; empty where it is everywhere
     */
    public record Remark(String text, boolean grave, List<Action> places) {
        public Remark {
            places = List.copyOf(places);
        }
    }

    /** All the rest, folded: everything else there is to hear, and all figures. */
    public record More(String title, List<Remark> heard, List<Figure> figures) {
        public static final More NONE = new More("", List.of(), List.of());

        public More {
            heard = List.copyOf(heard);
            figures = List.copyOf(figures);
        }
    }

    /** One thing that would help, with an action where the application can do it. */
    public record Help(String title, String detail, Optional<Action> action) {}

    /**
     * Something to press.
     *
     * @param id of the node, for tests and tools
     */
    public record Action(String id, String label, Runnable run) {}

    /** @throws IllegalArgumentException for more than three things to do or to hear */
    public Reading {
        figures = List.copyOf(figures);
        heard = List.copyOf(heard);
        help = List.copyOf(help);
        cautions = List.copyOf(cautions);
        if (help.size() > MOST_HELP || heard.size() > MOST_HEARD) {
            throw new IllegalArgumentException(help.size() + " things to do next and " + heard.size()
                    + " to hear: at most " + MOST_HELP + " and " + MOST_HEARD);
        }
    }

    /** Without anything to hear and nothing folded. */
    public static Reading plain(
            String verdict,
            List<Figure> figures,
            String helpTitle,
            List<Help> help,
            Optional<Action> primary,
            List<String> cautions,
            String source) {
        return new Reading(verdict, figures, "", List.of(), helpTitle, help, primary, More.NONE, cautions, source);
    }

    /** The same with what is there to hear and what is folded. */
    public Reading hearing(String title, List<Remark> there, More folded) {
        return new Reading(verdict, figures, title, there, helpTitle, help, primary, folded, cautions, source);
    }
}
