package app.redlamp.desktop.look;

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

    public Glossary(Strings strings) {
        this.strings = strings;
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
        String meaning = strings.say(key);
        node.setAccessibleHelp(meaning);
        Object before = node.getProperties().put(Glossary.class, meaning);
        if (before == null) {
            node.addEventFilter(MouseEvent.MOUSE_ENTERED, e -> offer(node));
        }
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
