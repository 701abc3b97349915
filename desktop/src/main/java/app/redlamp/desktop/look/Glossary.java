package app.redlamp.desktop.look;

import app.redlamp.core.verdict.FigureId;
import app.redlamp.words.VerdictWording;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;

/** Explains a term of the trade where the pointer rests on it. */
public final class Glossary {
    private static final Duration DELAY = Duration.millis(300);
    private static final Duration STAYS = Duration.seconds(30);
    private static final double WIDTH = 320;

    private final Strings strings;
    private final VerdictWording words;

    public Glossary(Strings strings) {
        this.strings = strings;
        words = new VerdictWording(strings.locale());
    }

    /**
     * Adds the meaning of a term to a node, in place of one given before; nothing where the glossary does not know the
     * term. The tooltip is made when the pointer first comes.
     */
    public void explain(Node node, String term) {
        String key = "glossary." + term;
        if (!strings.knows(key)) {
            return;
        }
        tell(node, strings.say(key));
    }

    private static void tell(Node node, String meaning) {
        node.setAccessibleHelp(meaning);
        Object before = node.getProperties().put(Glossary.class, meaning);
        if (before == null) {
            node.addEventFilter(MouseEvent.MOUSE_ENTERED, e -> offer(node));
        }
    }

    /** Adds how a figure is computed to the meaning of its name. */
    public void explain(Node node, String term, FigureId figure) {
        String key = "glossary." + term;
        String how = words.traced(figure);
        tell(node, strings.knows(key) ? strings.say(key) + "\n\n" + how : how);
    }

    /** How a figure is computed, with the class that does it. */
    public String how(FigureId figure) {
        return words.traced(figure);
    }

    private static void offer(Node node) {
        String meaning = (String) node.getProperties().get(Glossary.class);
        if (node.getProperties().get(Tooltip.class) instanceof Tooltip made) {
            made.setText(meaning);
            return;
        }
        Tooltip tooltip = new Tooltip(meaning);
        tooltip.setShowDelay(DELAY);
        tooltip.setShowDuration(STAYS);
        tooltip.setWrapText(true);
        tooltip.setMaxWidth(WIDTH);
        Tooltip.install(node, tooltip);
        node.getProperties().put(Tooltip.class, tooltip);
    }
}
