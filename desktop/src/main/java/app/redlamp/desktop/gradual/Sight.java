package app.redlamp.desktop.gradual;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;

/** Whether anybody may look at a node: it is in a window, and no place keeps it hidden. */
public final class Sight {
    private final Node node;
    private final Consumer<Boolean> told;
    private final Runnable looking = this::look;
    private final List<OneAtATime> places = new ArrayList<>();
    private boolean seen;

    private Sight(Node node, Consumer<Boolean> told) {
        this.node = node;
        this.told = told;
    }

    /** Whether a node is where somebody may look at it. */
    public static boolean seen(Node node) {
        return node.getScene() != null && !hidden(node);
    }

    /** Whether a node is kept where nobody sees it. */
    public static boolean hidden(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getParent() instanceof OneAtATime place && place.hides(at)) {
                return true;
            }
        }
        return false;
    }

    /** Tells whenever a node comes into sight or leaves it, for as long as there is the node. */
    public static void follow(Node node, Consumer<Boolean> told) {
        Sight sight = new Sight(node, told);
        node.sceneProperty().addListener((o, was, now) -> sight.moved());
        sight.moved();
    }

    private void moved() {
        places.forEach(p -> p.forget(looking));
        places.clear();
        for (Node at = node.getParent(); at != null; at = at.getParent()) {
            if (at instanceof OneAtATime place) {
                places.add(place);
                place.tell(looking);
            }
        }
        look();
    }

    private void look() {
        boolean now = seen(node);
        if (now != seen) {
            seen = now;
            told.accept(now);
        }
    }
}
