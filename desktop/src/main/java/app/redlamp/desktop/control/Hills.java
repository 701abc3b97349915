package app.redlamp.desktop.control;

import app.redlamp.core.signal.LevelHistogram;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * Where a recording's levels lie, moment by moment: noise is one hill, voice another; what the specification allows is
 * drawn into the same picture, and a thin line shows both hills after finishing.
 */
public final class Hills extends Region {
    private static final double LOWEST_DBFS = -90;
    private static final double STEP_DB = 10;
    private static final double SIDE = 28;
    private static final double HEAD = 44;
    private static final double FOOT = 30;

    /** Height at which a name is written, as a share of the hill. */
    private static final double NAME_SHARE = 0.2;

    /** Room for a name between the arrow and the top of a hill. */
    private static final double NAME_GAP = 24;

    private Optional<HillsPicture> picture = Optional.empty();
    private String words = "";

    public Hills() {
        getStyleClass().add("hills");
        setMinSize(200, 90);
        setPrefSize(600, 90);
    }

    /** Shows a picture, or where there is none the words that say why. */
    public void show(Optional<HillsPicture> shown, String otherwise) {
        picture = shown;
        words = otherwise;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        picture.ifPresentOrElse(this::draw, () -> text(words, getWidth() / 2, getHeight() / 2, 0.5, "hills-note"));
    }

    private void draw(HillsPicture p) {
        double bottom = getHeight() - FOOT;
        HillCurve noise = new HillCurve(p.noise());
        HillCurve voice = new HillCurve(p.voice());
        p.loudness().ifPresent(limits -> {
            double from = x(limits.low().orElse(LOWEST_DBFS));
            double to = x(limits.high().orElse(0));
            add(new Rectangle(from, HEAD - 14, to - from, bottom - HEAD + 14), "hills-window");
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
            add(new Line(x(limit), 22, x(limit), bottom), p.floorBroken() ? "hills-limit-broken" : "hills-limit");
            text(p.words().floor(), x(limit) - 6, 14, 1, "hills-note");
        });
        name(noise, p.words().noise(), bottom);
        name(voice, p.words().voice(), bottom);
        axis(p, bottom);
    }

    private void hill(HillCurve curve, double bottom, String styleClass) {
        if (curve.highest() > 0) {
            Polygon polygon = new Polygon();
            polygon.getPoints().addAll(x(LOWEST_DBFS), bottom);
            for (int bin = 0; bin < LevelHistogram.BINS; bin++) {
                double level = LevelHistogram.levelOf(bin);
                if (level >= LOWEST_DBFS) {
                    polygon.getPoints().addAll(x(level), y(curve, bin, bottom));
                }
            }
            polygon.getPoints().addAll(x(0), bottom);
            add(polygon, styleClass);
        }
    }

    private void after(HillCurve curve, double shift, double bottom) {
        if (curve.highest() > 0) {
            Polyline line = new Polyline();
            for (int bin = 0; bin < LevelHistogram.BINS; bin++) {
                double level = LevelHistogram.levelOf(bin) + shift;
                if (level >= LOWEST_DBFS && level <= 0 && curve.height(bin) > curve.highest() / 200) {
                    line.getPoints().addAll(x(level), y(curve, bin, bottom));
                }
            }
            add(line, "hills-after");
        }
    }

    private void arrow(HillsPicture p, HillCurve curve, double shift) {
        double from = x(curve.topDbfs());
        double to = x(curve.topDbfs() + shift);
        double y = HEAD - 2;
        double head = shift > 0 ? -6 : 6;
        if (Math.abs(to - from) > 8) {
            add(new Line(from, y, to, y), "hills-arrow");
            add(new Polygon(to, y, to + head, y - 4, to + head, y + 4), "hills-arrow-head");
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
                getChildren().remove(text);
                text(word, x(curve.topDbfs()), HEAD + NAME_GAP / 2, 0.5, "hills-name-above");
            }
        }
    }

    private void axis(HillsPicture p, double bottom) {
        add(new Line(x(LOWEST_DBFS), bottom, x(0), bottom), "hills-axis");
        for (int i = 0; i < p.words().axis().size(); i++) {
            double x = x(LOWEST_DBFS + i * STEP_DB);
            add(new Line(x, bottom, x, bottom + 4), "hills-axis");
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
        Text text = new Text(words);
        text.getStyleClass().add(styleClass);
        text.setTextOrigin(VPos.CENTER);
        getChildren().add(text);
        text.applyCss();
        double width = text.getLayoutBounds().getWidth();
        double left = Math.max(4, Math.min(getWidth() - width - 4, x - width * anchor));
        text.relocate(left, y - text.getLayoutBounds().getHeight() / 2);
        return text;
    }

    private void add(Node node, String styleClass) {
        node.getStyleClass().add(styleClass);
        getChildren().add(node);
    }
}
