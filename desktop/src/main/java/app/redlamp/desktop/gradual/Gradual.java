package app.redlamp.desktop.gradual;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** The parts of a pane, put in one by one. */
public final class Gradual implements Piecemeal {
    private final Pane pane;
    private final int each;
    private final Deque<Node> waiting;

    private Gradual(Pane pane, int each, List<? extends Node> parts) {
        this.pane = pane;
        this.each = each;
        waiting = new ArrayDeque<>(parts);
    }

    /** Puts parts into a pane one by one, or all of them as soon as the pane is seen. */
    public static <P extends Pane> P fill(P pane, Node... parts) {
        return fillBy(1, pane, List.of(parts));
    }

    /** The same, so many at a time. */
    public static <P extends Pane> P fillBy(int each, P pane, List<? extends Node> parts) {
        boolean again = pane.getProperties().put(Gradual.class, new Gradual(pane, each, parts)) != null;
        if (!again) {
            Piecemeal.finishWhenSeen(pane);
        }
        if (Sight.seen(pane)) {
            Piecemeal.finish(pane);
        }
        return pane;
    }

    @Override
    public boolean pending() {
        return !waiting.isEmpty();
    }

    @Override
    public void next() {
        for (int i = 0; i < each && pending(); i++) {
            pane.getChildren().add(waiting.remove());
        }
    }
}
