package app.redlamp.desktop.control;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;

/**
 * One measure on its scale: the allowed window is an opening in the bar. A value inside is a diamond; a value outside is
 * an arrow that points to where it should go. The value before finishing stays as a hollow mark.
 */
public final class WindowBar extends Region {
    private static final double TRACK = 12;
    private static final double MARK = 6;

    private Optional<Gauge> gauge = Optional.empty();
    private boolean blocked;

    public WindowBar() {
        getStyleClass().add("window-bar");
        setMinSize(40, 22);
        setPrefSize(120, 22);
    }

    /**
     * Shows a gauge; an empty one clears the bar.
     *
     * @param hopeless whether a value outside cannot be brought inside
     */
    public void show(Optional<Gauge> shown, boolean hopeless) {
        gauge = shown;
        blocked = hopeless;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        double width = getWidth();
        double middle = getHeight() / 2;
        Rectangle track = new Rectangle(0, middle - TRACK / 2, width, TRACK);
        track.setArcWidth(6);
        track.setArcHeight(6);
        add(track, "window-track");
        gauge.ifPresent(g -> draw(g, width, middle));
    }

    private void draw(Gauge g, double width, double middle) {
        double from = g.limits().low().isPresent() ? x(g, g.limits().low().getAsDouble(), width) : 0;
        double to = g.limits().high().isPresent() ? x(g, g.limits().high().getAsDouble(), width) : width;
        add(new Rectangle(from, middle - TRACK / 2, to - from, TRACK), "window-opening");
        bound(g.limits().low(), g, width, middle);
        bound(g.limits().high(), g, width, middle);
        g.before().ifPresent(v -> add(mark(g, v, width, middle), "window-before"));
        g.value().ifPresent(v -> {
            String kind = g.side(v) == 0 ? "window-inside" : blocked ? "window-blocked" : "window-outside";
            add(mark(g, v, width, middle), kind);
        });
    }

    private void bound(OptionalDouble at, Gauge g, double width, double middle) {
        at.ifPresent(v -> {
            double x = Math.round(x(g, v, width)) + 0.5;
            add(new Line(x, middle - TRACK / 2 - 3, x, middle + TRACK / 2 + 3), "window-bound");
        });
    }

    private static Polygon mark(Gauge g, double value, double width, double middle) {
        double x = Math.max(MARK, Math.min(width - MARK, x(g, value, width)));
        return switch (g.side(value)) {
            case -1 -> new Polygon(x - MARK, middle - MARK - 1, x + MARK, middle, x - MARK, middle + MARK + 1);
            case 1 -> new Polygon(x + MARK, middle - MARK - 1, x - MARK, middle, x + MARK, middle + MARK + 1);
            default ->
                new Polygon(x, middle - MARK - 3, x + MARK - 1, middle, x, middle + MARK + 3, x - MARK + 1, middle);
        };
    }

    private static double x(Gauge g, double value, double width) {
        return g.share(value) * width;
    }

    private void add(Node node, String styleClass) {
        node.getStyleClass().add(styleClass);
        node.setMouseTransparent(true);
        getChildren().add(node);
    }
}
