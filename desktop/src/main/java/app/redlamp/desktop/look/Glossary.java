package app.redlamp.desktop.look;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
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

    /** Adds the meaning of a term to a node; nothing where the glossary does not know the term. */
    public void explain(Node node, String term) {
        String key = "glossary." + term;
        if (strings.knows(key)) {
            Tooltip tooltip = new Tooltip(strings.say(key));
            tooltip.setShowDelay(DELAY);
            tooltip.setShowDuration(STAYS);
            tooltip.setWrapText(true);
            tooltip.setMaxWidth(WIDTH);
            Tooltip.install(node, tooltip);
            node.setAccessibleHelp(strings.say(key));
        }
    }
}
