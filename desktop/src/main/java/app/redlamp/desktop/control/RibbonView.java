package app.redlamp.desktop.control;

import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The way from mouth to file. What has arrow heads is dragged up and down, or chosen with Left and Right and moved with Up and
 * Down: a step, or a fifth of one with Shift.
 */
public final class RibbonView extends Region {
    private static final double REACH = 40;

    private final RibbonPicture picture = new RibbonPicture();
    private Optional<Ribbon> shown = Optional.empty();
    private Moves moves = new Moves() {};
    private String chosen = "";
    private Optional<Grip> grip = Optional.empty();

    /** Told what the user does. */
    public interface Moves {

        /** @param db by how much the voice was dragged up at a stop, since it was taken hold of */
        default void drag(String id, double db) {}

        default void drop() {}

        default void cancel() {}

        /** @param steps up, above 0, or down; a fifth of a step where it should be fine */
        default void step(String id, double steps) {}
    }

    private record Grip(String id, double fromY) {}

    public RibbonView() {
        getStyleClass().add("room-plan");
        getChildren().add(picture);
        setMinSize(420, 190);
        setPrefSize(820, 330);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> released());
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> {
            setCursor(at(e.getX()).isPresent() ? Cursor.V_RESIZE : null);
            picture.point(near(e.getX(), false).orElse(""));
        });
        addEventHandler(MouseEvent.MOUSE_EXITED, e -> picture.point(""));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, now) -> picture.choose(chosen, now));
    }

    public void show(Optional<Ribbon> ribbon) {
        shown = ribbon;
        picture.show(ribbon);
    }

    public void onMoves(Moves told) {
        moves = told;
    }

    /** Id of what is chosen; empty for nothing. */
    public String chosen() {
        return chosen;
    }

    @Override
    protected void layoutChildren() {
        picture.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    private void choose(String id) {
        chosen = id;
        picture.choose(id, isFocused());
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            grip = at(event.getX()).map(id -> new Grip(id, event.getY()));
            grip.ifPresent(g -> choose(g.id()));
        }
    }

    private void dragged(MouseEvent event) {
        if (grip.isPresent() && shown.isPresent()) {
            moves.drag(
                    grip.get().id(),
                    picture.decibels(shown.get(), event.getY() - grip.get().fromY()));
        }
    }

    private void released() {
        if (grip.isPresent()) {
            grip = Optional.empty();
            moves.drop();
        }
    }

    private void key(KeyEvent event) {
        if (shown.isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        KeyCode code = event.getCode();
        if (code == KeyCode.LEFT || code == KeyCode.RIGHT) {
            next(code == KeyCode.RIGHT ? 1 : -1);
            event.consume();
        } else if ((code == KeyCode.UP || code == KeyCode.DOWN) && !chosen.isEmpty()) {
            double step = event.isShiftDown() ? 0.2 : 1;
            moves.step(chosen, code == KeyCode.UP ? step : -step);
            event.consume();
        } else if (code == KeyCode.ESCAPE && grip.isPresent()) {
            grip = Optional.empty();
            moves.cancel();
            event.consume();
        }
    }

    private void next(int by) {
        List<String> held = shown.orElseThrow().stops().stream()
                .filter(Ribbon.Stop::held)
                .map(Ribbon.Stop::id)
                .toList();
        if (!held.isEmpty()) {
            int at = held.indexOf(chosen);
            int to = at < 0 ? (by > 0 ? 0 : held.size() - 1) : Math.floorMod(at + by, held.size());
            choose(held.get(to));
        }
    }

    /** What can be dragged near a place. */
    private Optional<String> at(double x) {
        return near(x, true);
    }

    private Optional<String> near(double x, boolean held) {
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        List<Ribbon.Stop> stops = shown.get().stops();
        for (int i = 0; i < stops.size(); i++) {
            if ((stops.get(i).held() || !held) && Math.abs(picture.x(shown.get(), i) - x) < REACH) {
                return Optional.of(stops.get(i).id());
            }
        }
        return Optional.empty();
    }
}
