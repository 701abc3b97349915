package app.redlamp.desktop.control;

import java.util.List;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** How long a room rings in each octave: a post a band, the wanted part shaded, a lozenge for now and a ring for before. */
public final class BandsView extends Picture<BandsView.Bands> {
    private static final double TOP = 20;
    private static final double BOTTOM = 24;
    private static final double LEFT = 34;
    private static final double RIGHT = 10;
    private static final double WIDE = 26;
    private static final double LOZENGE = 6;
    private static final double HEADROOM = 1.12;

    /**
     * What it shows.
     *
     * @param names of the bands, lowest first
     * @param now seconds in each; NaN for none
     * @param before seconds before the last change; empty for none, NaN in bands without
     * @param most longest that is wanted in each; empty for no limit
     * @param words now in words
     * @param faint bands that are only good to compare by
     */
    public record Bands(
            List<String> names,
            List<Double> now,
            List<Double> before,
            List<Double> most,
            List<String> words,
            List<Boolean> faint) {

        public Bands {
            names = List.copyOf(names);
            now = List.copyOf(now);
            before = List.copyOf(before);
            most = List.copyOf(most);
            words = List.copyOf(words);
            faint = List.copyOf(faint);
        }

        double highest() {
            double top = 0.1;
            for (List<Double> all : List.of(now, before, most)) {
                for (double s : all) {
                    top = Double.isNaN(s) ? top : Math.max(top, s);
                }
            }
            return top * HEADROOM;
        }
    }

    public BandsView() {
        super("bands");
        setMinSize(180, 110);
        setPrefSize(300, 170);
    }

    @Override
    void draw(Bands b) {
        double height = getHeight() - TOP - BOTTOM;
        double most = b.highest();
        double step = (getWidth() - LEFT - RIGHT) / b.names().size();
        scale(most, height);
        for (int i = 0; i < b.names().size(); i++) {
            double middle = Math.round(LEFT + (i + 0.5) * step);
            Rectangle post = back.rectangle("bands-post", middle - WIDE / 2, TOP, WIDE, height);
            post.setArcWidth(5);
            post.setArcHeight(5);
            if (!b.most().isEmpty()) {
                double allowed = y(b.most().get(i), most, height);
                Rectangle inside =
                        back.rectangle("bands-wanted", middle - WIDE / 2, allowed, WIDE, TOP + height - allowed);
                inside.setArcWidth(5);
                inside.setArcHeight(5);
                back.line("bands-limit", middle - WIDE / 2 - 5, allowed, middle + WIDE / 2 + 5, allowed);
            }
            marks(b, i, middle, most, height);
            Text name = front.text(
                    b.faint().get(i) ? "bands-name-faint" : "bands-name",
                    b.names().get(i));
            name.setX(middle - name.getLayoutBounds().getWidth() / 2);
            name.setY(getHeight() - 7);
        }
    }

    private void marks(Bands b, int i, double middle, double most, double height) {
        double now = b.now().get(i);
        if (Double.isNaN(now)) {
            return;
        }
        double atNow = y(now, most, height);
        if (!b.before().isEmpty() && !Double.isNaN(b.before().get(i))) {
            double atBefore = y(b.before().get(i), most, height);
            back.line("bands-change", middle, atBefore, middle, atNow);
            Circle ring = back.take("bands-before", Circle.class, Circle::new);
            ring.setCenterX(middle);
            ring.setCenterY(atBefore);
            ring.setRadius(4.5);
        }
        boolean over = !b.most().isEmpty() && now > b.most().get(i);
        Polygon lozenge = front.take(over ? "bands-over" : "bands-now", Polygon.class, Polygon::new);
        lozenge.getPoints()
                .setAll(
                        middle,
                        atNow - LOZENGE,
                        middle + LOZENGE,
                        atNow,
                        middle,
                        atNow + LOZENGE,
                        middle - LOZENGE,
                        atNow);
        Text words = front.text("bands-words", b.words().get(i));
        words.setX(middle - words.getLayoutBounds().getWidth() / 2);
        words.setY(Math.max(12, atNow - LOZENGE - 4));
    }

    private void scale(double most, double height) {
        double step = most > 1.6 ? 0.5 : most > 0.7 ? 0.2 : most > 0.3 ? 0.1 : 0.05;
        for (double s = 0; s <= most; s += step) {
            double at = Math.round(y(s, most, height)) + 0.5;
            back.line("bands-grid", LEFT - 4, at, getWidth() - RIGHT, at);
            Text text =
                    front.text("bands-scale", String.format(java.util.Locale.ROOT, step < 0.1 ? "%.2f" : "%.1f", s));
            text.setX(LEFT - 8 - text.getLayoutBounds().getWidth());
            text.setY(at + 4);
        }
    }

    private static double y(double seconds, double most, double height) {
        return TOP + height * (1 - Math.min(1, seconds / most));
    }
}
