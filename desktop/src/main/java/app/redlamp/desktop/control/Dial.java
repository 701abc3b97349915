package app.redlamp.desktop.control;

import java.util.Optional;
import javafx.scene.layout.Region;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Line;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Text;
import javafx.scene.transform.Rotate;

/**
 * How loud it is against where it is wanted: peaks from −24 to 0 dBFS round a half open ring, the window as an opening in it. A
 * needle follows what is heard, a notch stays at the loudest. The needle alone moves many times a second.
 */
public final class Dial extends Region {
    private static final double LOWEST_DBFS = -24;
    private static final double SWEEP_DEG = 240;
    private static final double FROM_DEG = 210;
    private static final double RING = 22;
    private static final double EDGE = 34;
    private static final double FOOT = 30;

    /** In a smaller ring the words would lie over it. */
    private static final double ROOM_FOR_WORDS = 95;

    private static final double STEP_DB = 3;

    private final NodePool pool = new NodePool();
    private final Line needle = new Line();
    private final Rotate turned = new Rotate();
    private final Line highest = new Line();
    private final Rotate highestTurned = new Rotate();
    private Optional<DialPicture> picture = Optional.empty();

    public Dial() {
        getStyleClass().add("dial");
        needle.getStyleClass().add("dial-needle");
        needle.setStrokeLineCap(StrokeLineCap.ROUND);
        needle.getTransforms().add(turned);
        highest.getStyleClass().add("dial-highest");
        highest.getTransforms().add(highestTurned);
        needle.setManaged(false);
        highest.setManaged(false);
        getChildren().addAll(pool, highest, needle);
        setMinSize(180, 120);
        setPrefSize(320, 220);
    }

    /** Shows a picture, or nothing. */
    public void show(Optional<DialPicture> now) {
        picture = now;
        requestLayout();
    }

    /**
     * Follows what is heard, without a new layout.
     *
     * @param dbfs level of the moment
     * @param mostDbfs highest so far
     */
    public void follow(double dbfs, double mostDbfs) {
        turned.setAngle(degrees(dbfs));
        highestTurned.setAngle(degrees(mostDbfs));
        highest.setVisible(mostDbfs > LOWEST_DBFS);
    }

    /** Clockwise from the left end of the ring. */
    private static double degrees(double dbfs) {
        double share = (Math.max(LOWEST_DBFS, Math.min(0, dbfs)) - LOWEST_DBFS) / -LOWEST_DBFS;
        return share * SWEEP_DEG;
    }

    private double radius() {
        return Math.max(30, Math.min(getWidth() / 2 - EDGE, (getHeight() - EDGE / 1.4 - FOOT) / 1.55));
    }

    @Override
    protected void layoutChildren() {
        double x = getWidth() / 2;
        double r = radius();
        double y = EDGE / 1.4 + r;
        pool.begin();
        picture.ifPresent(p -> draw(p, x, y, r));
        pool.end();
        place(needle, turned, x, y, r - RING - 6, r - RING + 14);
        place(highest, highestTurned, x, y, r - RING, r);
        needle.setVisible(picture.isPresent());
        highest.setVisible(picture.isPresent() && highestTurned.getAngle() > 0);
    }

    /** A line along the radius, at the left end of the ring for an angle of 0. */
    private static void place(Line line, Rotate rotate, double x, double y, double from, double to) {
        double angle = Math.toRadians(FROM_DEG);
        line.setStartX(x + from * Math.cos(angle));
        line.setStartY(y - from * Math.sin(angle));
        line.setEndX(x + to * Math.cos(angle));
        line.setEndY(y - to * Math.sin(angle));
        rotate.setPivotX(x);
        rotate.setPivotY(y);
    }

    private void draw(DialPicture p, double x, double y, double r) {
        arc("dial-ring", x, y, r - RING / 2, LOWEST_DBFS, 0);
        arc("dial-window", x, y, r - RING / 2, p.lowDbfs(), p.highDbfs());
        tick("dial-edge", x, y, r, p.lowDbfs());
        tick("dial-edge", x, y, r, p.highDbfs());
        tick("dial-aim", x, y, r, p.aimDbfs());
        for (int i = 0; i < p.scale().size(); i++) {
            double db = LOWEST_DBFS + i * STEP_DB * 2;
            Text text = pool.text("dial-note", p.scale().get(i));
            put(text, x + (r + 16) * cos(db), y - (r + 14) * sin(db));
        }
        Text big = pool.text("dial-figure", p.figure());
        put(big, x, y - 8);
        if (r >= ROOM_FOR_WORDS) {
            Text below = pool.text("dial-words", p.words());
            put(below, x, y + 26);
        }
        Text last = pool.text("dial-note", p.marks());
        put(last, x, y + r * 0.55 + 16);
    }

    private static double cos(double db) {
        return Math.cos(Math.toRadians(FROM_DEG - degrees(db)));
    }

    private static double sin(double db) {
        return Math.sin(Math.toRadians(FROM_DEG - degrees(db)));
    }

    private void arc(String style, double x, double y, double r, double fromDb, double toDb) {
        Arc arc = pool.take(style, Arc.class, Arc::new);
        arc.setType(ArcType.OPEN);
        arc.setCenterX(x);
        arc.setCenterY(y);
        arc.setRadiusX(r);
        arc.setRadiusY(r);
        arc.setStartAngle(FROM_DEG - degrees(toDb));
        arc.setLength(degrees(toDb) - degrees(fromDb));
    }

    private void tick(String style, double x, double y, double r, double db) {
        pool.line(
                style,
                x + (r - RING - 2) * cos(db),
                y - (r - RING - 2) * sin(db),
                x + (r + 2) * cos(db),
                y - (r + 2) * sin(db));
    }

    private static void put(Text text, double x, double y) {
        double width = text.getLayoutBounds().getWidth();
        text.relocate(x - width / 2, y - text.getLayoutBounds().getHeight() / 2);
    }
}
