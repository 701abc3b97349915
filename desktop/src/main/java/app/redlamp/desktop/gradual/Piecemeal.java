package app.redlamp.desktop.gradual;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;

/**
 * A part of a bench that is put together piece by piece while nobody looks, so that no turn of the interface thread is long, and
 * at once when somebody does.
 */
public interface Piecemeal {

    /** Whether a piece is missing. */
    boolean pending();

    /** Puts in the next piece. */
    void next();

    /** The first part below a node that lacks a piece; absent where all is there. */
    static Optional<Piecemeal> under(Node root) {
        return first(root, true);
    }

    /** Whether all is there below a node that somebody can see. */
    static boolean whole(Node root) {
        return first(root, false).isEmpty();
    }

    private static Optional<Piecemeal> first(Node root, boolean hiddenToo) {
        if (root instanceof Piecemeal part && part.pending()) {
            return Optional.of(part);
        }
        Optional<Piecemeal> kept = kept(root, Gradual.class).or(() -> kept(root, Steps.class));
        if (kept.isPresent()) {
            return kept;
        }
        if (root instanceof ScrollPane scroll && scroll.getContent() != null) {
            return first(scroll.getContent(), hiddenToo);
        }
        if (root instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                boolean looked = hiddenToo || !(parent instanceof OneAtATime place && place.hides(child));
                Optional<Piecemeal> part = looked ? first(child, hiddenToo) : Optional.empty();
                if (part.isPresent()) {
                    return part;
                }
            }
        }
        return Optional.empty();
    }

    /** What a node keeps of a kind, where it lacks a piece. */
    private static Optional<Piecemeal> kept(Node node, Class<? extends Piecemeal> kind) {
        return node.hasProperties() && node.getProperties().get(kind) instanceof Piecemeal part && part.pending()
                ? Optional.of(part)
                : Optional.empty();
    }

    /** Puts in whatever is missing below a node. */
    static void finish(Node root) {
        Optional<Piecemeal> part = under(root);
        while (part.isPresent()) {
            part.get().next();
            part = under(root);
        }
    }

    /** Puts in whatever is missing as soon as a node is seen; not where it only waits out of sight. */
    static void finishWhenSeen(Node node) {
        node.sceneProperty().addListener((o, was, now) -> {
            if (now != null && !Sight.hidden(node)) {
                finish(node);
            }
        });
    }
}
