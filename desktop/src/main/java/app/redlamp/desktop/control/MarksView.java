package app.redlamp.desktop.control;

import java.util.List;
import java.util.Optional;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;

/** What a knob or a slider does: level over its marks, as far as it was heard, and where it stands and belongs. */
public final class MarksView extends Picture<MarksView.Marks> {
    private static final double LEFT = 38;
    private static final double RIGHT = 14;
    private static final double TOP = 20;
    private static final double BOTTOM = 22;
    private static final double DOT = 3.5;

    /** Lines of the grid are so far apart, in dB (ours). */
    private static final double GRID_DB = 20;

    /**
     * What it shows.
     *
     * @param title what it is of
     * @param low lower end of the scale, and what is written there
     * @param high upper end
     * @param lowDb level at the foot, dBFS
     * @param highDb level at the top
     * @param curve what was learnt, from the left; empty for nothing
     * @param lines what was heard
     * @param wanted where it belongs
     */
    public record Marks(
            String title,
            End low,
            End high,
            double lowDb,
            double highDb,
            List<Point> curve,
            List<Line> lines,
            Optional<End> wanted) {
        public Marks {
            curve = List.copyOf(curve);
            lines = List.copyOf(lines);
        }
    }

    /** A mark and what is written there. */
    public record End(double mark, String words) {}

    /** A level at a mark. */
    public record Point(double mark, double db) {}

    /** One line that was heard; cut off or lost where it is not plain. */
    public record Line(double mark, double db, boolean plain) {}

    public MarksView() {
        super("marks");
        setMinSize(120, 110);
        setPrefSize(150, 150);
    }

    @Override
    void draw(Marks m) {
        for (double db = Math.ceil(m.lowDb() / GRID_DB) * GRID_DB; db <= m.highDb(); db += GRID_DB) {
            double at = Math.round(y(m, db)) + 0.5;
            back.line("curve-grid", LEFT, at, getWidth() - RIGHT, at);
            Text text = front.text("curve-scale", (db < 0 ? "−" : "") + Math.round(Math.abs(db)));
            text.setX(LEFT - 6 - text.getLayoutBounds().getWidth());
            text.setY(at + 4);
        }
        Text title = front.text("curve-words", m.title());
        title.setX(LEFT);
        title.setY(13);
        foot(m, m.low(), "curve-scale");
        foot(m, m.high(), "curve-scale");
        m.wanted().ifPresent(w -> {
            back.line("marks-wanted", x(m, w.mark()), TOP, x(m, w.mark()), getHeight() - BOTTOM);
            foot(m, w, "curve-words-wanted");
        });
        Polyline line = front.take("curve-now", Polyline.class, Polyline::new);
        line.getPoints().clear();
        m.curve().forEach(p -> line.getPoints().addAll(x(m, p.mark()), y(m, p.db())));
        for (Line heard : m.lines()) {
            Circle dot = front.take(heard.plain() ? "marks-plain" : "marks-lost", Circle.class, Circle::new);
            dot.setRadius(DOT);
            dot.setCenterX(x(m, heard.mark()));
            dot.setCenterY(y(m, heard.db()));
        }
    }

    /** Words at the foot, within the picture; the ends give way to where it belongs. */
    private void foot(Marks m, End end, String style) {
        Text text = front.text(style, end.words());
        double wide = text.getLayoutBounds().getWidth();
        double at = Math.max(LEFT - 6, Math.min(getWidth() - wide - 2, x(m, end.mark()) - wide / 2));
        text.setX(at);
        text.setY(getHeight() - 6);
        boolean wanted = m.wanted().filter(end::equals).isPresent();
        text.setVisible(wanted
                || m.wanted()
                        .filter(w -> Math.abs(x(m, w.mark()) - x(m, end.mark())) < wide + 14)
                        .isEmpty());
    }

    private double x(Marks m, double mark) {
        double share = (mark - m.low().mark()) / (m.high().mark() - m.low().mark());
        return LEFT + (getWidth() - LEFT - RIGHT) * share;
    }

    private double y(Marks m, double db) {
        double share = (db - m.lowDb()) / (m.highDb() - m.lowDb());
        return TOP + (getHeight() - TOP - BOTTOM) * (1 - Math.max(0, Math.min(1, share)));
    }
}
