package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;

/** A night as an outline of its level, with a row below for each thing that was heard, and bars where it was on. */
public final class NightView extends Picture<NightView.Night> {
    private static final double LEFT = 44;
    private static final double RIGHT = 12;
    private static final double TOP = 10;
    private static final double ROW = 18;
    private static final double BOTTOM = 22;
    private static final double LEAST_BAR = 3;
    private static final int MOST_ROWS = 6;

    private int chosen;
    private IntConsumer onChoose = i -> {};

    /**
     * What it shows.
     *
     * @param levelsDb level of each minute
     * @param topsDb loudest in each
     * @param quietDb the quiet
     * @param durationS how long it is
     * @param rows bars of each thing, in seconds
     * @param ticks names of places in time, evenly spread from the beginning to the end
     */
    public record Night(
            List<Double> levelsDb,
            List<Double> topsDb,
            double quietDb,
            double durationS,
            List<Row> rows,
            List<String> ticks) {

        public Night {
            levelsDb = List.copyOf(levelsDb);
            topsDb = List.copyOf(topsDb);
            rows = List.copyOf(rows);
            ticks = List.copyOf(ticks);
        }
    }

    /** What one thing did. */
    public record Row(String name, List<Bar> bars) {
        public Row {
            bars = List.copyOf(bars);
        }
    }

    /** From one second to another. */
    public record Bar(double fromS, double toS) {}

    public NightView() {
        super("night");
        setMinSize(260, 150);
        setPrefSize(600, 260);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            choose((int) Math.floor((e.getY() - rowsTop()) / ROW));
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
                choose(chosen + (e.getCode() == KeyCode.UP ? -1 : 1));
                e.consume();
            }
        });
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    @Override
    public void show(Optional<Night> night) {
        chosen = 0;
        super.show(night);
    }

    /** Told which row is chosen. */
    public void onChoose(IntConsumer told) {
        onChoose = told;
    }

    private void choose(int row) {
        shown().ifPresent(n -> {
            int rows = Math.min(MOST_ROWS, n.rows().size());
            if (row >= 0 && row < rows && row != chosen) {
                chosen = row;
                onChoose.accept(row);
                requestLayout();
            }
        });
    }

    private double rowsTop() {
        int rows = shown().map(n -> Math.min(MOST_ROWS, n.rows().size())).orElse(0);
        return getHeight() - BOTTOM - rows * ROW;
    }

    @Override
    void draw(Night n) {
        double height = rowsTop() - TOP - 10;
        double low = n.quietDb() - 6;
        double high = n.topsDb().stream().mapToDouble(d -> d).max().orElse(low + 30) + 3;
        for (double db = Math.ceil(low / 10) * 10; db <= high; db += 10) {
            double y = Math.round(y(db, low, high, height)) + 0.5;
            back.line("night-grid", LEFT, y, getWidth() - RIGHT, y);
            Text text = front.text("night-scale", "−" + Math.round(Math.abs(db)));
            text.setX(LEFT - 6 - text.getLayoutBounds().getWidth());
            text.setY(y + 4);
        }
        outline("night-tops", n.topsDb(), low, high, height);
        outline("night-levels", n.levelsDb(), low, high, height);
        double quiet = y(n.quietDb(), low, high, height);
        back.line("night-quiet", LEFT, quiet, getWidth() - RIGHT, quiet);
        rows(n);
        for (int i = 0; i < n.ticks().size(); i++) {
            double x = LEFT
                    + (getWidth() - LEFT - RIGHT) * i / Math.max(1, n.ticks().size() - 1);
            Text text = front.text("night-scale", n.ticks().get(i));
            double wide = text.getLayoutBounds().getWidth();
            text.setX(Math.max(LEFT, Math.min(getWidth() - RIGHT - wide, x - wide / 2)));
            text.setY(getHeight() - 5);
        }
    }

    private void rows(Night n) {
        for (int i = 0; i < Math.min(MOST_ROWS, n.rows().size()); i++) {
            double y = rowsTop() + i * ROW;
            if (i == chosen) {
                back.rectangle(
                        isFocused() ? "night-chosen-focused" : "night-chosen",
                        LEFT - 4,
                        y,
                        getWidth() - LEFT - RIGHT + 8,
                        ROW);
            }
            Text number = front.text("night-scale", n.rows().get(i).name());
            number.setX(LEFT - 10 - number.getLayoutBounds().getWidth());
            number.setY(y + 13);
            for (Bar bar : n.rows().get(i).bars()) {
                double from = x(bar.fromS(), n);
                front.rectangle("night-bar", from, y + 4, Math.max(LEAST_BAR, x(bar.toS(), n) - from), ROW - 8);
            }
        }
    }

    private void outline(String style, List<Double> levels, double low, double high, double height) {
        Polygon polygon = back.take(style, Polygon.class, Polygon::new);
        List<Double> points = new ArrayList<>();
        double step = (getWidth() - LEFT - RIGHT) / Math.max(1, levels.size());
        points.add(LEFT);
        points.add(TOP + height);
        for (int i = 0; i < levels.size(); i++) {
            double y = y(levels.get(i), low, high, height);
            points.add(LEFT + i * step);
            points.add(y);
            points.add(LEFT + (i + 1) * step);
            points.add(y);
        }
        points.add(getWidth() - RIGHT);
        points.add(TOP + height);
        polygon.getPoints().setAll(points);
    }

    private double x(double seconds, Night n) {
        return LEFT + (getWidth() - LEFT - RIGHT) * Math.min(1, seconds / n.durationS());
    }

    private static double y(double db, double low, double high, double height) {
        return TOP + height * (1 - Math.max(0, Math.min(1, (db - low) / (high - low))));
    }
}
