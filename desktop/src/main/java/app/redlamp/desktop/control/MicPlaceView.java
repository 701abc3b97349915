package app.redlamp.desktop.control;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/**
 * A microphone before a mouth. It is dragged in both views; Left and Right move it nearer and further, Up and Down beside, with
 * Shift above and below.
 */
public final class MicPlaceView extends Region {
    private static final double REACH = 34;
    private static final double STEP_M = 0.01;
    private static final double STEP_DEG = 5;

    private final MicPlacePicture picture = new MicPlacePicture();
    private Optional<MicPlace> shown = Optional.empty();
    private Moves moves = new Moves() {};
    /** Which view is dragged in: true for that from the side. */
    private Optional<Boolean> grip = Optional.empty();

    /** Told where the microphone goes. */
    public interface Moves {
        /** @param sideDeg beside the line out of the mouth, 0 or more */
        default void above(double distanceM, double sideDeg) {}

        default void beside(double distanceM, double raisedDeg) {}

        default void drop() {}

        default void cancel() {}
    }

    public MicPlaceView() {
        getStyleClass().add("room-plan");
        getChildren().add(picture);
        Rectangle edge = new Rectangle();
        edge.widthProperty().bind(widthProperty());
        edge.heightProperty().bind(heightProperty());
        setClip(edge);
        setMinSize(380, 180);
        setPrefSize(560, 420);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            if (grip.isPresent()) {
                grip = Optional.empty();
                moves.drop();
            }
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> setCursor(at(e).isPresent() ? Cursor.HAND : null));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    public void show(Optional<MicPlace> place) {
        shown = place;
        picture.show(place);
    }

    public void onMoves(Moves told) {
        moves = told;
    }

    @Override
    protected void layoutChildren() {
        picture.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    private Optional<Boolean> at(MouseEvent event) {
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        for (boolean side : new boolean[] {false, true}) {
            double dx = event.getX() - picture.microphoneX(shown.get(), side);
            double dy = event.getY() - picture.microphoneY(shown.get(), side);
            if (Math.hypot(dx, dy) < REACH) {
                return Optional.of(side);
            }
        }
        return Optional.empty();
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            grip = at(event);
        }
    }

    private void dragged(MouseEvent event) {
        if (grip.isEmpty() || shown.isEmpty()) {
            return;
        }
        MicPlace p = shown.get();
        boolean side = grip.get();
        double dx = event.getX() - picture.lipsX(p, side);
        double dy = picture.lipsY(p) - event.getY();
        double distance = Math.hypot(dx, dy) / picture.scale(p);
        double angle = Math.toDegrees(Math.atan2(dy, dx));
        if (side) {
            moves.beside(distance, angle);
        } else {
            moves.above(distance, Math.abs(angle));
        }
    }

    private void key(KeyEvent event) {
        if (shown.isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        MicPlace p = shown.get();
        KeyCode code = event.getCode();
        if (code == KeyCode.ESCAPE && grip.isPresent()) {
            grip = Optional.empty();
            moves.cancel();
            event.consume();
        } else if (code == KeyCode.LEFT || code == KeyCode.RIGHT) {
            moves.above(p.distanceM() + (code == KeyCode.RIGHT ? STEP_M : -STEP_M), p.sideDeg());
            moves.drop();
            event.consume();
        } else if (code == KeyCode.UP || code == KeyCode.DOWN) {
            double by = code == KeyCode.UP ? STEP_DEG : -STEP_DEG;
            if (event.isShiftDown()) {
                moves.beside(p.distanceM(), p.raisedDeg() + by);
            } else {
                moves.above(p.distanceM(), Math.max(0, p.sideDeg() + by));
            }
            moves.drop();
            event.consume();
        }
    }
}
