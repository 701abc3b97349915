package app.redlamp.desktop.control;

import java.util.ArrayList;
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
 * A room from above. Everything in it is dragged, or chosen with Page down and pushed with the arrows: 5 cm, or 1 cm with Shift.
 */
public final class RoomPlanView extends Region {
    private static final double PUSH_M = 0.05;
    private static final double NUDGE_M = 0.01;
    private static final double REACH = 13;

    private final RoomPlanPicture picture = new RoomPlanPicture();
    private Optional<RoomPlan> shown = Optional.empty();
    private String selected = "";
    private Moves moves = new Moves() {};
    private Optional<Grip> grip = Optional.empty();

    /** Told what the user does; places are those of the thing's left front corner, or of its middle for reader and microphone. */
    public interface Moves {
        default void select(String id) {}

        default void drag(String id, double x, double y) {}

        default void drop() {}

        default void cancel() {}

        default void remove() {}
    }

    /** What is held, and where in it. */
    private record Grip(String id, double offsetX, double offsetY) {}

    public RoomPlanView() {
        getStyleClass().add("room-plan");
        getChildren().add(picture);
        setMinSize(260, 200);
        setPrefSize(520, 400);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> released());
        addEventHandler(
                MouseEvent.MOUSE_MOVED, e -> setCursor(at(e.getX(), e.getY()).isPresent() ? Cursor.HAND : null));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    public void show(Optional<RoomPlan> plan) {
        shown = plan;
        requestLayout();
    }

    public void select(String id) {
        selected = id;
        requestLayout();
    }

    public void onMoves(Moves told) {
        moves = told;
    }

    @Override
    protected void layoutChildren() {
        picture.draw(shown, selected, isFocused(), getWidth(), getHeight());
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (event.getButton() != MouseButton.PRIMARY || shown.isEmpty()) {
            return;
        }
        Optional<String> hit = at(event.getX(), event.getY());
        String id = hit.orElse("");
        grip = hit.map(h -> {
            double[] place = place(shown.get(), h);
            return new Grip(h, place[0] - picture.metresX(event.getX()), place[1] - picture.metresY(event.getY()));
        });
        moves.select(id);
    }

    private void dragged(MouseEvent event) {
        grip.ifPresent(g -> moves.drag(
                g.id(), picture.metresX(event.getX()) + g.offsetX(), picture.metresY(event.getY()) + g.offsetY()));
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
        if (code == KeyCode.PAGE_DOWN) {
            next();
            event.consume();
        } else if (code == KeyCode.ESCAPE && grip.isPresent()) {
            grip = Optional.empty();
            moves.cancel();
            event.consume();
        } else if (code == KeyCode.DELETE || code == KeyCode.BACK_SPACE) {
            moves.remove();
            event.consume();
        } else if (code.isArrowKey() && !selected.isEmpty()) {
            push(code, event.isShiftDown() ? NUDGE_M : PUSH_M);
            event.consume();
        }
    }

    private void push(KeyCode code, double by) {
        double[] place = place(shown.orElseThrow(), selected);
        double dx = code == KeyCode.LEFT ? -by : code == KeyCode.RIGHT ? by : 0;
        double dy = code == KeyCode.UP ? -by : code == KeyCode.DOWN ? by : 0;
        moves.drag(selected, place[0] + dx, place[1] + dy);
        moves.drop();
    }

    private void next() {
        List<String> all = new ArrayList<>();
        all.add(shown.orElseThrow().readerId());
        all.add(shown.orElseThrow().microphoneId());
        shown.orElseThrow().shapes().forEach(s -> all.add(s.id()));
        moves.select(all.get((all.indexOf(selected) + 1) % all.size()));
    }

    /** What lies uppermost at a point of the picture. */
    private Optional<String> at(double x, double y) {
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        RoomPlan plan = shown.get();
        if (near(x, y, plan.microphoneX(), plan.microphoneY())) {
            return Optional.of(plan.microphoneId());
        }
        if (near(x, y, plan.mouthX(), plan.mouthY())) {
            return Optional.of(plan.readerId());
        }
        List<RoomPlan.Shape> shapes = plan.shapes();
        for (int i = shapes.size() - 1; i >= 0; i--) {
            RoomPlan.Shape s = shapes.get(i);
            // What hangs overhead or lies on the floor is taken by its edge, so that what is between can be reached.
            boolean edgeOnly = s.look() == RoomPlan.Look.OVERHEAD;
            if (picture.covers(s, x, y) && !(edgeOnly && picture.deepInside(s, x, y))) {
                return Optional.of(s.id());
            }
        }
        return Optional.empty();
    }

    private boolean near(double x, double y, double atX, double atY) {
        return Math.hypot(x - picture.x(atX), y - picture.y(atY)) < REACH;
    }

    private static double[] place(RoomPlan plan, String id) {
        if (id.equals(plan.readerId())) {
            return new double[] {plan.mouthX(), plan.mouthY()};
        }
        if (id.equals(plan.microphoneId())) {
            return new double[] {plan.microphoneX(), plan.microphoneY()};
        }
        return plan.shapes().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(s -> new double[] {s.x(), s.y()})
                .orElse(new double[] {0, 0});
    }
}
