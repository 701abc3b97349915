package app.redlamp.desktop.gradual;

import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** Where nodes are styled and laid out before anybody sees them. */
public final class OutOfSight extends Pane {
    public OutOfSight() {
        setManaged(false);
        setVisible(false);
        setMouseTransparent(true);
    }

    /** Whether a node is in a window, where somebody may look at it. */
    public static boolean seen(Node node) {
        return node.getScene() != null && !holds(node);
    }

    /** Whether a node is made ready where nobody sees it. */
    public static boolean holds(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at instanceof OutOfSight) {
                return true;
            }
        }
        return false;
    }
}
