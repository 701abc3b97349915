package app.redlamp.desktop.control;

import java.util.Optional;
import java.util.OptionalDouble;
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

    private final NodePool back = new NodePool();
    private final NodePool front = new NodePool();
    private Optional<Gauge> gauge = Optional.empty();
    private boolean blocked;

    public WindowBar() {
        getStyleClass().add("window-bar");
        getChildren().addAll(back, front);
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
        double width = getWidth();
        double middle = getHeight() / 2;
        back.begin();
        front.begin();
        box("window-track", 0, width, middle);
        gauge.ifPresent(g -> draw(g, width, middle));
        back.end();
        front.end();
    }

    private void draw(Gauge g, double width, double middle) {
        double from = g.limits().low().isPresent() ? x(g, g.limits().low().getAsDouble(), width) : 0;
        double to = g.limits().high().isPresent() ? x(g, g.limits().high().getAsDouble(), width) : width;
        box("window-opening", from, to, middle);
        bound(g.limits().low(), g, width, middle);
        bound(g.limits().high(), g, width, middle);
        g.before().ifPresent(v -> mark(back, "window-before", g, v, width, middle));
        g.value().ifPresent(v -> {
            String kind = g.side(v) == 0 ? "window-inside" : blocked ? "window-blocked" : "window-outside";
            mark(front, kind, g, v, width, middle);
        });
    }

    private void box(String styleClass, double from, double to, double middle) {
        Rectangle box = back.take(styleClass, Rectangle.class, Rectangle::new);
        double arc = styleClass.equals("window-track") ? 6 : 0;
        box.setArcWidth(arc);
        box.setArcHeight(arc);
        box.setX(from);
        box.setY(middle - TRACK / 2);
        box.setWidth(to - from);
        box.setHeight(TRACK);
    }

    private void bound(OptionalDouble at, Gauge g, double width, double middle) {
        at.ifPresent(v -> {
            double x = Math.round(x(g, v, width)) + 0.5;
            Line line = back.take("window-bound", Line.class, Line::new);
            line.setStartX(x);
            line.setEndX(x);
            line.setStartY(middle - TRACK / 2 - 3);
            line.setEndY(middle + TRACK / 2 + 3);
        });
    }

    /** A diamond inside the window, an arrow towards it outside. */
    private static void mark(NodePool layer, String styleClass, Gauge g, double value, double width, double middle) {
        double x = Math.max(MARK, Math.min(width - MARK, x(g, value, width)));
        Polygon mark = layer.take(styleClass, Polygon.class, Polygon::new);
        int side = g.side(value);
        if (side == 0) {
            mark.getPoints()
                    .setAll(x, middle - MARK - 3, x + MARK - 1, middle, x, middle + MARK + 3, x - MARK + 1, middle);
        } else {
            double foot = x + side * MARK;
            mark.getPoints().setAll(foot, middle - MARK - 1, x - side * MARK, middle, foot, middle + MARK + 1);
        }
    }

    private static double x(Gauge g, double value, double width) {
        return g.share(value) * width;
    }
}
