package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;

/** Levels over frequency: one or two curves, and marks on what matters. */
public final class CurveView extends Picture<CurveView.Curves> {
    private static final double LEFT = 38;
    private static final double RIGHT = 12;
    private static final double TOP = 26;
    private static final double BOTTOM = 24;

    /**
     * What it shows.
     *
     * @param lines curves, the one that matters most last
     * @param ticksHz frequencies that are named
     * @param lowDb lower end of the scale
     * @param highDb upper end
     * @param marks what stands out
     */
    public record Curves(List<Curve> lines, List<Double> ticksHz, double lowDb, double highDb, List<Mark> marks) {

        public Curves {
            lines = List.copyOf(lines);
            ticksHz = List.copyOf(ticksHz);
            marks = List.copyOf(marks);
        }
    }

    /** What a curve is of. */
    public enum Look {
        NOW,
        BEFORE,
        NOISE_NOW,
        NOISE_BEFORE
    }

    /**
     * One curve.
     *
     * @param hz frequencies, rising, at least two
     * @param db level at each
     */
    public record Curve(Look look, List<Double> hz, List<Double> db) {
        public Curve {
            hz = List.copyOf(hz);
            db = List.copyOf(db);
        }
    }

    /** A frequency that stands out. */
    public record Mark(double hz, double db, String words, boolean loud) {}

    public CurveView() {
        super("curves");
        setMinSize(180, 100);
        setPrefSize(300, 160);
    }

    @Override
    void draw(Curves c) {
        if (c.lines().isEmpty() || c.lines().get(0).hz().size() < 2) {
            return;
        }
        grid(c);
        c.lines().forEach(line -> curve(c, line));
        double free = LEFT;
        for (Mark mark : c.marks()) {
            double x = x(c, mark.hz());
            back.line(mark.loud() ? "curve-mark-loud" : "curve-mark", x, y(c, mark.db()), x, getHeight() - BOTTOM);
            Text text = front.text(mark.loud() ? "curve-words-loud" : "curve-words", mark.words());
            double wide = text.getLayoutBounds().getWidth();
            double at = Math.max(free, Math.min(getWidth() - wide - 4, x - wide / 2));
            text.setX(at);
            text.setY(Math.max(13, y(c, mark.db()) - 6));
            text.setVisible(at + wide <= getWidth());
            free = at + wide + 10;
        }
    }

    private void grid(Curves c) {
        double step = c.highDb() - c.lowDb() > 45 ? 20 : 10;
        for (double db = Math.ceil(c.lowDb() / step) * step; db <= c.highDb(); db += step) {
            double at = Math.round(y(c, db)) + 0.5;
            back.line(db == 0 ? "curve-zero" : "curve-grid", LEFT, at, getWidth() - RIGHT, at);
            Text text = front.text("curve-scale", (db < 0 ? "−" : "") + Math.round(Math.abs(db)));
            text.setX(LEFT - 6 - text.getLayoutBounds().getWidth());
            text.setY(at + 4);
        }
        for (double hz : c.ticksHz()) {
            String name = hz >= 1000
                    ? Math.round(hz / 1000) + "k"
                    : hz == Math.rint(hz) ? String.valueOf(Math.round(hz)) : String.valueOf(hz);
            Text text = front.text("curve-scale", name);
            text.setX(x(c, hz) - text.getLayoutBounds().getWidth() / 2);
            text.setY(getHeight() - 7);
        }
    }

    private void curve(Curves c, Curve curve) {
        String style = "curve-" + curve.look().name().toLowerCase(Locale.ROOT).replace('_', '-');
        Polyline line = front.take(style, Polyline.class, Polyline::new);
        List<Double> points = new ArrayList<>();
        for (int i = 0; i < Math.min(curve.db().size(), curve.hz().size()); i++) {
            points.add(x(c, curve.hz().get(i)));
            points.add(y(c, curve.db().get(i)));
        }
        line.getPoints().setAll(points);
    }

    private double x(Curves c, double hz) {
        List<Double> all = c.lines().get(0).hz();
        double low = Math.log(all.get(0));
        double high = Math.log(all.get(all.size() - 1));
        return LEFT + (getWidth() - LEFT - RIGHT) * (Math.log(hz) - low) / (high - low);
    }

    private double y(Curves c, double db) {
        double share = (db - c.lowDb()) / (c.highDb() - c.lowDb());
        return TOP + (getHeight() - TOP - BOTTOM) * (1 - Math.max(0, Math.min(1, share)));
    }
}
