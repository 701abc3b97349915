package app.redlamp.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/** The page of a station: its bench, and at most one overlay above it. */
public final class CoveredPage extends StackPane {
    private final Supplier<Node> bench;
    private final Runnable uncovered;
    private Optional<Overlay> overlay = Optional.empty();

    /**
     * @param bench what lies below; asked for when it is first shown
     * @param uncovered told when an overlay was closed
     */
    public CoveredPage(Supplier<Node> bench, Runnable uncovered) {
        this.bench = bench;
        this.uncovered = uncovered;
    }

    /** Whether something lies over the bench that takes the keys. */
    public boolean covered() {
        return overlay.isPresent();
    }

    /** What lies over the bench; absent for nothing. */
    public Optional<Overlay> overlay() {
        return overlay;
    }

    /** Shows the bench, and what lies over it refreshed. */
    public void showBench() {
        // Put there again, it would be styled again with every change.
        if (overlay.isEmpty()) {
            Node wanted = bench.get();
            if (!getChildren().equals(List.of(wanted))) {
                getChildren().setAll(wanted);
            }
        }
        overlay.ifPresent(Overlay::refresh);
    }

    /** Shows something else in place of bench and overlay. */
    public void showInstead(Node node) {
        overlay = Optional.empty();
        getChildren().setAll(node);
    }

    /** Lays something over the bench, in place of what lay there. */
    public void cover(Function<Runnable, Overlay> maker) {
        overlay.ifPresent(getChildren()::remove);
        Overlay made = maker.apply(this::close);
        overlay = Optional.of(made);
        getChildren().add(made);
        made.begin();
    }

    private void close() {
        overlay = Optional.empty();
        getChildren().setAll(bench.get());
        uncovered.run();
    }
}
