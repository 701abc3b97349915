package app.redlamp.desktop.control;

import app.redlamp.core.signal.LevelHistogram;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * Where a recording's levels lie, moment by moment: noise is one hill, voice another; what the specification allows is
 * drawn into the same picture, and a thin line shows both hills after finishing.
 */
public final class Hills extends Picture<HillsPicture> {
    private static final double LOWEST_DBFS = -90;
    private static final double STEP_DB = 10;
    private static final double SIDE = 28;
    private static final double HEAD = 44;
    private static final double FOOT = 30;

    /** Height at which a name is written, as a share of the hill. */
    private static final double NAME_SHARE = 0.2;

    /** Room for a name between the arrow and the top of a hill. */
    private static final double NAME_GAP = 24;

    private String words = "";

    public Hills() {
        super("hills");
        setMinSize(200, 90);
        setPrefSize(600, 90);
    }

    /** Shows a picture, or where there is none the words that say why. */
    public void show(Optional<HillsPicture> shown, String otherwise) {
        words = otherwise;
        show(shown);
    }

    @Override
    void drawNothing() {
        text(words, getWidth() / 2, getHeight() / 2, 0.5, "hills-note");
    }

    @Override
    void draw(HillsPicture p) {
        double bottom = getHeight() - FOOT;
        HillCurve noise = new HillCurve(p.noise());
        HillCurve voice = new HillCurve(p.voice());
        // Always taken, so that it lies behind the hills; without limits nobody sees it.
        Rectangle window = back.rectangle("hills-window", 0, 0, 0, 0);
        p.loudness().ifPresent(limits -> {
            double from = x(limits.low().orElse(LOWEST_DBFS));
            double to = x(limits.high().orElse(0));
            window.setX(from);
            window.setY(HEAD - 14);
            window.setWidth(to - from);
            window.setHeight(bottom - HEAD + 14);
            text(p.words().loudness(), (from + to) / 2, 14, 0.5, "hills-note");
        });
        hill(noise, bottom, "hills-noise");
        hill(voice, bottom, "hills-voice");
        p.shiftDb().ifPresent(shift -> {
            after(noise, shift, bottom);
            after(voice, shift, bottom);
            arrow(p, noise.highest() > 0 ? noise : voice, shift);
        });
        p.floorDbfs().ifPresent(limit -> {
            front.line(p.floorBroken() ? "hills-limit-broken" : "hills-limit", x(limit), 22, x(limit), bottom);
            text(p.words().floor(), x(limit) - 6, 14, 1, "hills-note");
        });
        name(noise, p.words().noise(), bottom);
        name(voice, p.words().voice(), bottom);
        axis(p, bottom);
    }

    private void hill(HillCurve curve, double bottom, String styleClass) {
        List<Double> points = new ArrayList<>();
        if (curve.highest() > 0) {
            points.addAll(List.of(x(LOWEST_DBFS), bottom));
            for (int bin = 0; bin < LevelHistogram.BINS; bin++) {
                double level = LevelHistogram.levelOf(bin);
                if (level >= LOWEST_DBFS) {
                    points.addAll(List.of(x(level), y(curve, bin, bottom)));
                }
            }
            points.addAll(List.of(x(0), bottom));
        }
        back.take(styleClass, Polygon.class, Polygon::new).getPoints().setAll(points);
    }

    private void after(HillCurve curve, double shift, double bottom) {
        if (curve.highest() > 0) {
            List<Double> points = new ArrayList<>();
            for (int bin = 0; bin < LevelHistogram.BINS; bin++) {
                double level = LevelHistogram.levelOf(bin) + shift;
                if (level >= LOWEST_DBFS && level <= 0 && curve.height(bin) > curve.highest() / 200) {
                    points.addAll(List.of(x(level), y(curve, bin, bottom)));
                }
            }
            front.take("hills-after", Polyline.class, Polyline::new).getPoints().setAll(points);
        }
    }

    private void arrow(HillsPicture p, HillCurve curve, double shift) {
        double from = x(curve.topDbfs());
        double to = x(curve.topDbfs() + shift);
        double y = HEAD - 2;
        double head = shift > 0 ? -6 : 6;
        if (Math.abs(to - from) > 8) {
            front.line("hills-arrow", from, y, to, y);
            front.take("hills-arrow-head", Polygon.class, Polygon::new)
                    .getPoints()
                    .setAll(to, y, to + head, y - 4, to + head, y + 4);
        }
        text(p.words().shift(), (from + to) / 2, y - 9, 0.5, "hills-shift");
    }

    /** Writes into the hill where it is wide enough there, above it otherwise. */
    private void name(HillCurve curve, String word, double bottom) {
        if (curve.highest() > 0) {
            HillCurve.Foot foot = curve.foot(NAME_SHARE);
            Text text = text(word, x(curve.topDbfs()), bottom - 14, 0.5, "hills-name");
            double half = text.getLayoutBounds().getWidth() / 2 + 4;
            if (x(curve.topDbfs()) - half < x(foot.fromDbfs()) || x(curve.topDbfs()) + half > x(foot.toDbfs())) {
                text.setVisible(false);
                text(word, x(curve.topDbfs()), HEAD + NAME_GAP / 2, 0.5, "hills-name-above");
            }
        }
    }

    private void axis(HillsPicture p, double bottom) {
        front.line("hills-axis", x(LOWEST_DBFS), bottom, x(0), bottom);
        for (int i = 0; i < p.words().axis().size(); i++) {
            double x = x(LOWEST_DBFS + i * STEP_DB);
            front.line("hills-axis", x, bottom, x, bottom + 4);
            boolean last = i == p.words().axis().size() - 1;
            text(p.words().axis().get(i), last ? x + SIDE - 4 : x, bottom + 15, last ? 1 : 0.5, "hills-note");
        }
        if (p.shiftDb().isPresent()) {
            text(p.words().after(), x(0) + SIDE - 4, HEAD + 10, 1, "hills-note");
        }
    }

    private double x(double dbfs) {
        return SIDE + (dbfs - LOWEST_DBFS) / -LOWEST_DBFS * (getWidth() - 2 * SIDE);
    }

    /** Each hill fills the height by itself: what matters is where it lies, not how long the pauses are. */
    private double y(HillCurve curve, int bin, double bottom) {
        return bottom - curve.height(bin) / curve.highest() * (bottom - HEAD - NAME_GAP);
    }

    private Text text(String words, double x, double y, double anchor, String styleClass) {
        Text text = front.text(styleClass, words);
        text.setTextOrigin(VPos.CENTER);
        double width = text.getLayoutBounds().getWidth();
        double left = Math.max(4, Math.min(getWidth() - width - 4, x - width * anchor));
        text.relocate(left, y - text.getLayoutBounds().getHeight() / 2);
        return text;
    }
}
