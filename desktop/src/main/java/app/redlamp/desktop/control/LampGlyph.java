package app.redlamp.desktop.control;

import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;

/** A small lamp. Its states differ in shape and not in colour alone; it always stands beside a word. */
public final class LampGlyph extends Pane {
    private static final double SIZE = 16;
    private static final double RADIUS = 7;

    private LampState state = LampState.UNLIT;

    public LampGlyph() {
        getStyleClass().add("lamp-glyph");
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        setMaxSize(SIZE, SIZE);
        setMouseTransparent(true);
        draw();
    }

    public void setState(LampState value) {
        if (value != state) {
            state = value;
            draw();
        }
    }

    private void draw() {
        Circle ring = new Circle(SIZE / 2, SIZE / 2, RADIUS);
        ring.getStyleClass().addAll("lamp-body", state.id());
        getChildren().setAll(ring);
        if (state == LampState.HALF) {
            Arc half = new Arc(SIZE / 2, SIZE / 2, RADIUS, RADIUS, 180, 180);
            half.setType(ArcType.CHORD);
            add(half, "lamp-half");
        } else if (state == LampState.BARRED) {
            add(new Rectangle(SIZE / 2 - 4, SIZE / 2 - 1.5, 8, 3), "lamp-bar");
        }
    }

    private void add(Node shape, String styleClass) {
        shape.getStyleClass().add(styleClass);
        getChildren().add(shape);
    }
}
