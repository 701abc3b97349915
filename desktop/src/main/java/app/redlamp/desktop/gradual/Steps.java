package app.redlamp.desktop.gradual;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;

/** What is done to a node step by step: one with each picture of the window, and all that is left when it comes into sight. */
public final class Steps implements Piecemeal {
    private final List<Runnable> all;
    private final Deque<Runnable> waiting;
    private boolean again;
    private final AnimationTimer clock = new AnimationTimer() {
        private boolean begun;

        @Override
        public void handle(long now) {
            if (!begun) {
                // The picture that shows the first step is yet to come.
                begun = true;
            } else if (pending()) {
                next();
            } else {
                stop();
            }
        }
    };

    private Steps(List<Runnable> steps) {
        all = steps;
        waiting = new ArrayDeque<>(steps);
    }

    /** Takes steps, the first at once where somebody looks; what was left of earlier ones is dropped. */
    public static void take(Node node, Runnable... steps) {
        Steps made = new Steps(List.of(steps));
        if (node.getProperties().put(Steps.class, made) instanceof Steps earlier) {
            earlier.waiting.clear();
        }
        if (Sight.seen(node)) {
            made.next();
            made.clock.start();
        }
    }

    /**
     * Takes steps with pictures of their own: once for all that ask before the first of them, and once more for all that ask before
     * the last.
     */
    public static void later(Node node, Runnable... steps) {
        if (node.getProperties().get(Steps.class) instanceof Steps under && under.pending()) {
            under.again = under.waiting.size() < steps.length;
            return;
        }
        List<Runnable> all = new ArrayList<>(List.of(steps));
        all.add(0, () -> {});
        take(node, all.toArray(Runnable[]::new));
    }

    @Override
    public boolean pending() {
        return !waiting.isEmpty();
    }

    @Override
    public void next() {
        if (pending()) {
            waiting.remove().run();
        }
        if (again && waiting.isEmpty()) {
            again = false;
            waiting.addAll(all);
        }
    }
}
