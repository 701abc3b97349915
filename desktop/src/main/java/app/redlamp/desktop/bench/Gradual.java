package app.redlamp.desktop.bench;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** The parts of a pane, put in one by one. */
public final class Gradual implements Piecemeal {
    private final Pane pane;
    private final Deque<Node> waiting;

    private Gradual(Pane pane, Node... parts) {
        this.pane = pane;
        waiting = new ArrayDeque<>(Arrays.asList(parts));
    }

    /** Puts parts into a pane one by one, or all of them as soon as the pane is seen. */
    public static <P extends Pane> P fill(P pane, Node... parts) {
        pane.getProperties().put(Gradual.class, new Gradual(pane, parts));
        Piecemeal.finishWhenSeen(pane);
        return pane;
    }

    /** How a pane is filled; absent where that is done. */
    static Optional<Piecemeal> of(Node node) {
        return node.hasProperties() && node.getProperties().get(Gradual.class) instanceof Gradual gradual
                ? Optional.of(gradual).filter(Gradual::pending).map(g -> g)
                : Optional.empty();
    }

    @Override
    public boolean pending() {
        return !waiting.isEmpty();
    }

    @Override
    public void next() {
        pane.getChildren().add(waiting.remove());
    }
}
