package app.redlamp.desktop.control;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A calendar with the hours of each day: when the room is quiet, what is read in it, what is kept for corrections, when it is
 * due. A day is chosen with the pointer or the arrows, and turned on and off with a press or the space bar.
 */
public final class EveningsView extends Picture<Evenings> {
    private static final double LEFT = 50;
    private static final double RIGHT = 14;
    private static final double TOP = 24;
    private static final double BOTTOM = 44;
    private static final double WIDEST_BAR = 24;
    private static final double NAMED = 17;
    private static final double EDITING = 5;
    private static final double LEAST_HOUR = 17;
    private static final double LEAST_HEIGHT = 136;
    private static final double HEIGHT = 150;

    private int chosen = -1;
    private Consumer<Evenings.Day> onChoose = day -> {};
    private Consumer<Evenings.Day> onTurn = day -> {};

    public EveningsView() {
        super("evenings");
        setMinSize(200, LEAST_HEIGHT);
        setPrefSize(600, HEIGHT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> choose(at(e.getX())));
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            requestFocus();
            choose(at(e.getX()));
            turn();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    @Override
    public void show(Optional<Evenings> evenings) {
        chosen = Math.min(chosen, evenings.map(e -> e.days().size()).orElse(0) - 1);
        super.show(evenings);
    }

    /** Told which day is looked at. */
    public void onChoose(Consumer<Evenings.Day> told) {
        onChoose = told;
    }

    /** Told which day is to be taken off or given back. */
    public void onTurn(Consumer<Evenings.Day> told) {
        onTurn = told;
    }

    private void key(KeyEvent event) {
        if (shown().isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
            choose(Math.max(0, chosen + (event.getCode() == KeyCode.LEFT ? -1 : 1)));
            event.consume();
        } else if (event.getCode() == KeyCode.SPACE) {
            turn();
            event.consume();
        }
    }

    private void choose(int index) {
        shown().ifPresent(e -> {
            int within = Math.min(index, e.days().size() - 1);
            if (within != chosen && within >= 0) {
                chosen = within;
                onChoose.accept(e.days().get(within));
                requestLayout();
            }
        });
    }

    private void turn() {
        shown().filter(e -> chosen >= 0 && chosen < e.days().size())
                .ifPresent(e -> onTurn.accept(e.days().get(chosen)));
    }

    private int at(double x) {
        double step = step();
        return step <= 0 ? -1 : (int) Math.floor((x - LEFT) / step);
    }

    private double step() {
        return shown().map(
                        e -> (getWidth() - LEFT - RIGHT) / Math.max(1, e.days().size()))
                .orElse(0.0);
    }

    @Override
    void draw(Evenings e) {
        double height = getHeight() - TOP - BOTTOM;
        hours(e, height);
        double step = step();
        double named = LEFT;
        for (int i = 0; i < e.days().size(); i++) {
            Evenings.Day day = e.days().get(i);
            double middle = LEFT + (i + 0.5) * step;
            if (i == chosen) {
                back.rectangle(
                        isFocused() ? "evening-chosen-focused" : "evening-chosen",
                        middle - step / 2,
                        TOP - 6,
                        step,
                        height + BOTTOM + 2);
            }
            if (!day.week().isEmpty()) {
                vertical("evening-week", Math.round(middle - step / 2) + 0.5, TOP - 8, TOP + height);
                if (middle - step / 2 >= named) {
                    double end = words("evening-date", day.week(), middle - step / 2 + 4, getHeight() - 6, false);
                    named = end + 8;
                }
            }
            if (step >= NAMED) {
                words(day.off() ? "evening-off" : "evening-name", day.name(), middle, getHeight() - BOTTOM + 18, true);
            }
            day(e, day, middle, Math.min(WIDEST_BAR, step * 0.78), height);
        }
        due(e, step, height);
    }

    private void hours(Evenings e, double height) {
        int count = e.toHour() - e.fromHour();
        int every = 1;
        while (height / count * every < LEAST_HOUR) {
            every++;
        }
        for (int hour = e.fromHour(); hour <= e.toHour(); hour += every) {
            double y = Math.round(TOP + e.share(hour) * height) + 0.5;
            Line line = back.take("evening-hour", Line.class, Line::new);
            line.setStartX(LEFT);
            line.setEndX(getWidth() - RIGHT);
            line.setStartY(y);
            line.setEndY(y);
            words("evening-clock", String.format("%02d:00", hour % 24), 8, y + 4, false);
        }
    }

    private void day(Evenings e, Evenings.Day day, double middle, double width, double height) {
        double left = Math.round(middle - width / 2);
        day.quiet().ifPresent(q -> bar(e, day.off() ? "evening-quiet-off" : "evening-quiet", q, left, width, height));
        day.work().ifPresent(w -> {
            bar(e, style(w), w.stretch(), left, width, height);
            for (double at : w.breaks()) {
                double y = Math.round(TOP + e.share(at) * height) + 0.5;
                Line line = front.take("evening-break", Line.class, Line::new);
                line.setStartX(left);
                line.setEndX(left + width);
                line.setStartY(y);
                line.setEndY(y);
            }
            double top = TOP + e.share(w.stretch().from()) * height;
            Text text = front.text(w.corrections() ? "evening-correction-words" : "evening-words", w.words());
            double wide = text.getLayoutBounds().getWidth();
            // What does not fit into the bar stands above it, where there is room for it.
            double barHeight = (e.share(w.stretch().to()) - e.share(w.stretch().from())) * height;
            boolean inside = wide <= width - 2 && barHeight >= 16;
            text.setVisible(inside);
            text.setX(middle - wide / 2);
            text.setY(top + 14);
            if (!inside && wide <= step() + 6) {
                Text above = front.text("evening-words-above", w.words());
                above.setX(middle - above.getLayoutBounds().getWidth() / 2);
                above.setY(top - 4);
            }
        });
        if (day.editing() > 0) {
            double wide = width * day.editing();
            front.rectangle("evening-editing", left, getHeight() - BOTTOM - EDITING + 2, wide, EDITING - 1);
        }
    }

    private static String style(Evenings.Work work) {
        if (work.corrections()) {
            return work.late() ? "evening-corrections-late" : "evening-corrections";
        }
        return work.late() ? "evening-session-late" : "evening-session";
    }

    private void due(Evenings e, double step, double height) {
        e.due().ifPresent(index -> {
            double x = Math.round(LEFT + (index + 1) * step) - 0.5;
            vertical("evening-due", x, 4, TOP + height);
            Text text = front.text("evening-due-words", e.dueWords());
            double wide = text.getLayoutBounds().getWidth() + 12;
            double side = x + wide > getWidth() ? -1 : 1;
            Polygon flag = back.take("evening-flag", Polygon.class, Polygon::new);
            flag.getPoints()
                    .setAll(x, 3.0, x + side * wide, 3.0, x + side * (wide - 6), 11.0, x + side * wide, 19.0, x, 19.0);
            text.setX(side > 0 ? x + 5 : x - wide + 7);
            text.setY(15.5);
            e.done().ifPresent(done -> spare(e, done, index, step, height));
        });
    }

    /** The days between the end of the work and the deadline. */
    private void spare(Evenings e, int done, int due, double step, double height) {
        if (due <= done || e.spareWords().isEmpty()) {
            return;
        }
        double from = LEFT + (done + 1) * step;
        double to = LEFT + (due + 1) * step - 3;
        double y = TOP + height - 14;
        Line line = front.take("evening-spare", Line.class, Line::new);
        line.setStartX(from);
        line.setEndX(to);
        line.setStartY(y);
        line.setEndY(y);
        Text text = front.text("evening-spare-words", e.spareWords());
        double wide = text.getLayoutBounds().getWidth();
        text.setX(Math.max(LEFT, Math.min(to - wide, (from + to - wide) / 2)));
        text.setY(y - 5);
    }

    private void bar(Evenings e, String style, Evenings.Stretch stretch, double left, double width, double height) {
        double top = TOP + e.share(stretch.from()) * height;
        double end = TOP + e.share(stretch.to()) * height;
        Rectangle bar = back.rectangle(style, left, top, width, Math.max(2, end - top));
        bar.setArcWidth(5);
        bar.setArcHeight(5);
    }

    private void vertical(String style, double x, double from, double to) {
        Line line = back.take(style, Line.class, Line::new);
        line.setStartX(x);
        line.setEndX(x);
        line.setStartY(from);
        line.setEndY(to);
    }

    /** Returns where the words end. */
    private double words(String style, String words, double x, double y, boolean centred) {
        Text text = front.text(style, words);
        double wide = text.getLayoutBounds().getWidth();
        double left = centred ? x - wide / 2 : x;
        text.setX(left);
        text.setY(y);
        boolean fits = left + wide <= getWidth();
        text.setVisible(fits);
        return left + wide;
    }
}
