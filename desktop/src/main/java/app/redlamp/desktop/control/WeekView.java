package app.redlamp.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A week in half hours, a row a day: the lighter the louder, quiet stretches framed. A half hour is chosen with the pointer or
 * the arrows.
 */
public final class WeekView extends Picture<WeekView.Week> {
    private static final int DAYS = 7;
    private static final double LEFT = 44;
    private static final double RIGHT = 8;
    private static final double BOTTOM = 20;
    private static final int HOURS = 24;
    private static final int EVERY = 4;
    private static final double SAME = 0.02;

    private int day;
    private int slot = -1;
    private Consumer<Chosen> onChoose = c -> {};

    /**
     * What it shows.
     *
     * @param days names of the days, Monday first
     * @param steps how loud each half hour is, 0 for quiet to 1 for the loudest, Monday 0:00 first
     * @param quiet stretches that are framed
     */
    public record Week(List<String> days, List<Double> steps, List<Frame> quiet) {
        public Week {
            days = List.copyOf(days);
            steps = List.copyOf(steps);
            quiet = List.copyOf(quiet);
        }
    }

    /** Half hours of a day, from one to before another. */
    public record Frame(int day, int from, int to) {}

    /** A half hour. */
    public record Chosen(int day, int slot) {}

    public WeekView() {
        super("week");
        setMinSize(260, 120);
        setPrefSize(600, 132);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> choose(dayAt(e.getY()), slotAt(e.getX())));
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            choose(dayAt(e.getY()), slotAt(e.getX()));
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    /** Told which half hour is looked at. */
    public void onChoose(Consumer<Chosen> told) {
        onChoose = told;
    }

    private void key(KeyEvent event) {
        if (shown().isEmpty()
                || event.isShortcutDown()
                || event.isAltDown()
                || !event.getCode().isArrowKey()) {
            return;
        }
        KeyCode code = event.getCode();
        choose(
                day + (code == KeyCode.UP ? -1 : code == KeyCode.DOWN ? 1 : 0),
                slot + (code == KeyCode.LEFT ? -1 : code == KeyCode.RIGHT ? 1 : 0));
        event.consume();
    }

    private void choose(int newDay, int newSlot) {
        shown().ifPresent(w -> {
            int perDay = w.steps().size() / DAYS;
            int inDay = Math.max(0, Math.min(DAYS - 1, newDay));
            int inSlot = Math.max(0, Math.min(perDay - 1, newSlot));
            if (inDay != day || inSlot != slot) {
                day = inDay;
                slot = inSlot;
                onChoose.accept(new Chosen(day, slot));
                requestLayout();
            }
        });
    }

    private int dayAt(double y) {
        return (int) Math.floor(y / rowHeight());
    }

    private int slotAt(double x) {
        return shown().map(w -> (int) Math.floor((x - LEFT) / step(w))).orElse(-1);
    }

    private double rowHeight() {
        return (getHeight() - BOTTOM) / DAYS;
    }

    private double step(Week w) {
        return (getWidth() - LEFT - RIGHT) / (w.steps().size() / (double) DAYS);
    }

    @Override
    void draw(Week w) {
        int perDay = w.steps().size() / DAYS;
        double step = step(w);
        double row = rowHeight();
        for (int d = 0; d < DAYS; d++) {
            Text name = front.text("week-name", w.days().get(d));
            name.setX(0);
            name.setY(d * row + row / 2 + 4);
            // Half hours that are equally loud are drawn as one: a new node costs more than a wide one.
            int from = 0;
            for (int s = 1; s <= perDay; s++) {
                boolean same = s < perDay
                        && Math.abs(w.steps().get(d * perDay + s) - w.steps().get(d * perDay + from)) < SAME;
                if (!same) {
                    cell(w.steps().get(d * perDay + from), LEFT + from * step, d * row, (s - from) * step, row - 3);
                    from = s;
                }
            }
        }
        for (int hour = 1; hour < HOURS; hour++) {
            double x = LEFT + hour * 2 * step - 1;
            front.line("week-hour", x, 0, x, DAYS * row - 3);
        }
        for (Frame frame : w.quiet()) {
            front.rectangle(
                    "week-quiet",
                    LEFT + frame.from() * step - 1,
                    frame.day() * row - 1,
                    (frame.to() - frame.from()) * step,
                    row - 1);
        }
        if (slot >= 0) {
            front.rectangle(
                    isFocused() ? "week-chosen-focused" : "week-chosen",
                    LEFT + slot * step - 1,
                    day * row - 1,
                    step + 1,
                    row - 1);
        }
        for (int hour = 0; hour <= HOURS; hour += EVERY) {
            Text text = front.text("week-name", String.valueOf(hour));
            text.setX(LEFT + hour * 2 * step - text.getLayoutBounds().getWidth() * (hour == HOURS ? 1 : 0.5));
            text.setY(getHeight() - 4);
        }
    }

    private void cell(double loud, double x, double y, double width, double height) {
        Rectangle cell = back.rectangle("week-cell", x, y, width, height);
        cell.setArcWidth(4);
        cell.setArcHeight(4);
        cell.setOpacity(0.12 + 0.88 * Math.max(0, Math.min(1, loud)));
    }
}
