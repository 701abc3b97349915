package app.redlamp.desktop.shell;

import app.redlamp.desktop.gradual.OneAtATime;
import app.redlamp.desktop.station.Station;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextInputControl;

/**
 * Keeps the focus where the work is: in the station that is open. What had it may be gone or disabled the next moment; then the
 * next thing to do has it, and never the wire, where the space bar would lead somewhere else.
 */
final class FocusKeeper {
    private final Supplier<Station> station;
    private final BooleanSupplier asking;
    private boolean wanted;
    /** Where it was put last. */
    private Optional<Node> put = Optional.empty();

    /**
     * @param station that is open
     * @param asking whether a question lies over the page and has the focus
     */
    FocusKeeper(Parent root, Supplier<Station> station, BooleanSupplier asking) {
        this.station = station;
        this.asking = asking;
        root.sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                follow(now);
            }
        });
    }

    private void follow(Scene scene) {
        scene.focusOwnerProperty().addListener((o, was, now) -> {
            if (now == null || (was != null && !takes(was))) {
                bring();
            } else if (was != null && works(now)) {
                leave();
            }
        });
        bring();
    }

    /** Brings the focus into the station, once everything that follows from the last key has been shown. */
    void bring() {
        if (!wanted) {
            wanted = true;
            Platform.runLater(() -> {
                if (wanted && !asking.getAsBoolean()) {
                    next();
                }
                wanted = false;
            });
        }
    }

    /** Leaves the focus where somebody has just put it. */
    void leave() {
        wanted = false;
    }

    /** The one thing to press, what would help, whatever can be worked on, or the page itself. */
    private void next() {
        Node bench = station.get().bench();
        Node reading = station.get().reading();
        Node to = station.get().work().filter(FocusKeeper::takes).orElse(null);
        to = to != null ? to : first(reading, ".primary");
        to = to != null ? to : first(reading, ".card-action");
        // Letters are commands as long as nobody writes: a field comes last.
        to = to != null ? to : focusable(bench, false);
        to = to != null ? to : focusable(reading, false);
        to = to != null ? to : focusable(bench, true);
        put = Optional.of(to != null ? to : bench);
        put.get().requestFocus();
    }

    /** What helps has just been found: the focus goes to it, unless somebody has taken it elsewhere meanwhile. */
    void again() {
        put.filter(Node::isFocused).ifPresent(node -> bring());
    }

    /** Whether a node is one of the open station's, and not its page: then somebody has put the focus there. */
    private boolean works(Node node) {
        Node bench = station.get().bench();
        Node reading = station.get().reading();
        for (Node at = node.getParent(); at != null; at = at.getParent()) {
            if (at.equals(bench) || at.equals(reading)) {
                return !(node instanceof OneAtATime) && takes(node);
            }
        }
        return false;
    }

    private static Node first(Node in, String style) {
        return in.lookupAll(style).stream()
                .filter(n -> n instanceof ButtonBase && takes(n))
                .findFirst()
                .orElse(null);
    }

    private static Node focusable(Node from, boolean fields) {
        if (!from.isVisible() || from.isDisabled()) {
            return null;
        }
        if (from.isFocusTraversable() && (fields || !(from instanceof TextInputControl))) {
            return from;
        }
        if (from instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                Node found = focusable(child, fields);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }

    /** Whether a node can have the focus where it is. */
    private static boolean takes(Node node) {
        if (node.getScene() == null || node.isDisabled()) {
            return false;
        }
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }
}
