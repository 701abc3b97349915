package app.redlamp.desktop.gradual;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/**
 * Several nodes in one place, of which one is seen. The others keep their styles and their sizes, so that showing them costs next
 * to nothing; nobody sees them, and neither a key nor the mouse reaches them.
 */
public final class OneAtATime extends StackPane {
    private final List<Runnable> told = new ArrayList<>();
    private Optional<Node> shown = Optional.empty();

    /** The node that is seen; absent where none was shown yet. */
    public Optional<Node> shown() {
        return shown;
    }

    /** Shows a node, whole, in place of what was seen. */
    public void show(Node node) {
        if (!hides(node)) {
            return;
        }
        shown.ifPresent(OneAtATime::hide);
        shown = Optional.of(node);
        Piecemeal.finish(node);
        if (!getChildren().contains(node)) {
            getChildren().add(node);
        }
        node.setManaged(true);
        node.setVisible(true);
        if (getScene() != null
                && getScene().getFocusOwner() != null
                && Sight.hidden(getScene().getFocusOwner())) {
            // At once, and not with the next picture: by then somebody may have put it where it belongs.
            requestFocus();
        }
        List.copyOf(told).forEach(Runnable::run);
    }

    /** Takes a node in that nobody sees yet: it is styled and laid out, as large as it will be. */
    public void keep(Node node) {
        if (!getChildren().contains(node)) {
            hide(node);
            getChildren().add(node);
            node.resizeRelocate(0, 0, getWidth(), getHeight());
        }
    }

    /** Takes away what nobody sees. */
    public void clear() {
        getChildren().removeIf(this::hides);
    }

    /** Whether nobody sees a node here. */
    boolean hides(Node child) {
        return shown.filter(child::equals).isEmpty();
    }

    /** Tells whenever another node is shown. */
    void tell(Runnable listener) {
        told.add(listener);
    }

    void forget(Runnable listener) {
        told.remove(listener);
    }

    private static void hide(Node node) {
        node.setVisible(false);
        // Managed, it would be laid out anew with every change of the place's size.
        node.setManaged(false);
    }
}
