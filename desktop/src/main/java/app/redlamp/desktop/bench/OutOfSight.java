package app.redlamp.desktop.bench;

import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** Where nodes are styled and laid out before anybody sees them. */
public final class OutOfSight extends Pane {
    public OutOfSight() {
        setManaged(false);
        setVisible(false);
        setMouseTransparent(true);
    }

    static boolean holds(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at instanceof OutOfSight) {
                return true;
            }
        }
        return false;
    }
}
