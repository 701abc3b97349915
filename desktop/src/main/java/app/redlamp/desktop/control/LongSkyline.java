package app.redlamp.desktop.control;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A recording's level over time, however long it is: a part of it large, all of it small below with a frame around the
 * part. Scrolls and zooms by wheel, by keys where it has the focus, and by pressing in the small one.
 */
public final class LongSkyline extends Region {
    private static final double LOWEST_DBFS = -80;
    private static final double LEVEL_STEP_DB = 20;
    private static final String UNIT = "dBFS";
    private static final double SIDE = 40;
    private static final double RIGHT = 12;
    private static final double HEAD = 26;
    private static final double RULER = 24;
    private static final double SMALL = 26;
    private static final double GAP = 8;
    private static final double FLAG = 7;
    private static final double NEAR = 6;
    private static final double RULER_ROOM = 76;
    private static final double CLOSER = 0.8;
    private static final double STEP = 0.15;
    private static final double WHEEL_STEP = 40;

    private final NodePool back = new NodePool();
    private final NodePool hills = new NodePool();
    private final NodePool small = new NodePool();
    private final NodePool front = new NodePool();
    private final Line hand = new Line();
    private Optional<Course> course = Optional.empty();
    private String words = "";
    private DoubleFunction<String> clock = Double::toString;
    private TimeWindow window = TimeWindow.whole(0);
    private OptionalDouble handS = OptionalDouble.empty();
    private DoubleConsumer onSpot = atS -> {};
    private boolean smallDrawn;

    public LongSkyline() {
        getStyleClass().add("long-skyline");
        hand.getStyleClass().add("skyline-hand");
        hand.setManaged(false);
        getChildren().addAll(back, hills, small, front, hand);
        setMinSize(200, 90);
        setPrefSize(600, 90);
        setFocusTraversable(true);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnScroll(this::scrolled);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        layoutBoundsProperty().addListener((o, was, now) -> smallDrawn = false);
    }

    /**
     * Shows a recording, all of it.
     *
     * @param otherwise what is said where there is none
     * @param clockOf how a time in seconds is written below the ruler; asked with fractions only where they matter
     */
    public void show(Optional<Course> shown, String otherwise, DoubleFunction<String> clockOf) {
        course = shown;
        words = otherwise;
        clock = clockOf;
        window = TimeWindow.whole(shown.map(c -> c.outline().lengthS()).orElse(0.0));
        handS = OptionalDouble.empty();
        smallDrawn = false;
        requestLayout();
    }

    /** Tells about places pressed, in seconds, drawn to a flag that is near. */
    public void onSpot(DoubleConsumer listener) {
        onSpot = listener;
    }

    /** Puts the hand at a place in seconds and keeps it in view; takes it away where absent. */
    public void playAt(OptionalDouble placeS) {
        handS = placeS;
        if (placeS.isPresent() && !window.holds(placeS.getAsDouble())) {
            look(window.centredOn(placeS.getAsDouble() + window.lengthS() / 3));
        }
        placeHand();
    }

    /** Closer, around the hand where it is in view, else around the middle. */
    public void closer() {
        look(window.zoomed(CLOSER * CLOSER, focus()));
    }

    /** Further away. */
    public void further() {
        look(window.zoomed(1 / (CLOSER * CLOSER), focus()));
    }

    TimeWindow window() {
        return window;
    }

    private double focus() {
        return handS.isPresent() && window.holds(handS.getAsDouble()) ? handS.getAsDouble() : window.at(0.5);
    }

    private void look(TimeWindow now) {
        if (!now.equals(window)) {
            window = now;
            requestLayout();
        }
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        if (e.getButton() != MouseButton.PRIMARY || course.isEmpty()) {
            return;
        }
        if (inSmall(e)) {
            look(window.centredOn(smallAt(e.getX())));
        } else {
            double share = (e.getX() - SIDE) / width();
            onSpot.accept(course.get().flags().stream()
                    .map(Course.Flag::atS)
                    .filter(atS -> Math.abs(window.shareOf(atS) - share) * width() <= NEAR)
                    .findFirst()
                    .orElse(window.at(Math.max(0, Math.min(1, share)))));
        }
        e.consume();
    }

    private boolean inSmall(MouseEvent e) {
        return course.isPresent() && !window.isWhole() && e.getY() >= smallTop();
    }

    private void dragged(MouseEvent e) {
        if (inSmall(e)) {
            look(window.centredOn(smallAt(e.getX())));
        }
    }

    private void scrolled(ScrollEvent e) {
        double turn = Math.abs(e.getDeltaX()) > Math.abs(e.getDeltaY()) ? e.getDeltaX() : e.getDeltaY();
        if (e.isShortcutDown()) {
            look(window.zoomed(Math.pow(CLOSER, turn / WHEEL_STEP), window.at((e.getX() - SIDE) / width())));
        } else {
            look(window.moved(-turn / WHEEL_STEP * STEP));
        }
        e.consume();
    }

    private void key(KeyEvent e) {
        TimeWindow now = switch (e.getCode()) {
            case LEFT -> window.moved(-STEP);
            case RIGHT -> window.moved(STEP);
            case PAGE_UP -> window.moved(-1);
            case PAGE_DOWN -> window.moved(1);
            case HOME -> window.centredOn(0);
            case END -> window.centredOn(window.totalS());
            case UP -> window.zoomed(CLOSER, focus());
            case DOWN -> window.zoomed(1 / CLOSER, focus());
            default -> null;
        };
        if (now != null && !e.isShortcutDown() && !e.isAltDown()) {
            look(now);
            e.consume();
        }
    }

    @Override
    protected void layoutChildren() {
        Optional<Course> drawn = course.filter(c -> c.outline().points() > 0 && width() > 2);
        hills.setVisible(drawn.isPresent());
        front.setVisible(drawn.isPresent());
        small.setVisible(drawn.isPresent() && !window.isWhole());
        drawn.ifPresentOrElse(this::draw, () -> {
            back.begin();
            text(back, words, getWidth() / 2, getHeight() / 2, 0.5, getWidth() - 4);
            back.end();
        });
        placeHand();
    }

    private void draw(Course c) {
        double bottom = bottom();
        LongSkylineHill hill = new LongSkylineHill(c, LOWEST_DBFS);
        hill.draw(hills, window, SIDE, width(), HEAD, bottom);
        TimeWindow whole = TimeWindow.whole(window.totalS());
        if (!smallDrawn && !window.isWhole()) {
            hill.draw(small, whole, SIDE, width(), smallTop(), smallTop() + SMALL);
            smallDrawn = true;
        }
        back.begin();
        levels(bottom);
        ruler(bottom);
        back.end();
        front.begin();
        flags(c, bottom);
        if (!window.isWhole()) {
            Rectangle frame = front.take("long-skyline-frame", Rectangle.class, Rectangle::new);
            frame.setX(SIDE + whole.shareOf(window.fromS()) * width());
            frame.setY(smallTop() - 2);
            frame.setWidth(Math.max(4, window.lengthS() / window.totalS() * width()));
            frame.setHeight(SMALL + 3);
        }
        front.end();
    }

    private void levels(double bottom) {
        text(back, UNIT, SIDE - 6, HEAD - 16, 1, SIDE - 2);
        for (double level = LOWEST_DBFS; level <= 0; level += LEVEL_STEP_DB) {
            double y = bottom - (level - LOWEST_DBFS) / -LOWEST_DBFS * (bottom - HEAD);
            line(back, "long-skyline-level", SIDE, y, SIDE + width(), y);
            String words = level == 0 ? "0" : "−" + (int) -level;
            text(back, words, SIDE - 6, y, 1, SIDE - 6);
        }
    }

    private void ruler(double bottom) {
        double step = window.stepS(width() / RULER_ROOM);
        for (long n = (long) Math.ceil(window.fromS() / step); n * step <= window.toS() + 1e-9; n++) {
            double x = SIDE + window.shareOf(n * step) * width();
            line(back, "hills-axis", x, bottom, x, bottom + 4);
            text(back, clock.apply(n * step), x, bottom + 14, 0.5, getWidth() - 4);
        }
    }

    /** Each flag in view, and its name where there is room for it before the next name. */
    private void flags(Course c, double bottom) {
        double free = SIDE;
        for (Course.Flag flag : c.flags()) {
            double x = SIDE + window.shareOf(flag.atS()) * width();
            if (window.holds(flag.atS())) {
                line(front, "long-skyline-pole", x, 6, x, bottom);
                front.take("skyline-flag", Polygon.class, () -> new Polygon(0, 6, FLAG, 6 + FLAG / 2, 0, 6 + FLAG))
                        .setTranslateX(x);
                if (x >= free) {
                    free = text(front, flag.name(), x + FLAG + 3, 6 + FLAG / 2, 0, getWidth() - 4) + 6;
                }
            }
        }
    }

    private void placeHand() {
        hand.setVisible(handS.isPresent() && course.isPresent() && window.holds(handS.getAsDouble()));
        if (hand.isVisible()) {
            double x = SIDE + window.shareOf(handS.getAsDouble()) * width();
            hand.setStartX(x);
            hand.setEndX(x);
            hand.setStartY(HEAD - 10);
            hand.setEndY(bottom());
        }
    }

    private double width() {
        return getWidth() - SIDE - RIGHT;
    }

    private double smallTop() {
        return getHeight() - SMALL - GAP / 2;
    }

    /** Where the large picture stands; while it shows everything it has the room of the small one too. */
    private double bottom() {
        return (window.isWhole() ? getHeight() : smallTop() - GAP + 4) - RULER;
    }

    private double smallAt(double x) {
        return (x - SIDE) / width() * window.totalS();
    }

    /** Writes so that it ends before {@code most}; gives where it ends. */
    private static double text(NodePool layer, String words, double x, double y, double anchor, double most) {
        Text text = layer.take("hills-note", Text.class, Text::new);
        text.setTextOrigin(VPos.CENTER);
        text.setText(words);
        double wide = text.getLayoutBounds().getWidth();
        double left = Math.max(2, Math.min(most - wide, x - wide * anchor));
        text.relocate(left, y - text.getLayoutBounds().getHeight() / 2);
        return left + wide;
    }

    private static void line(NodePool layer, String styleClass, double fromX, double fromY, double toX, double toY) {
        Line line = layer.take(styleClass, Line.class, Line::new);
        line.setStartX(fromX);
        line.setStartY(fromY);
        line.setEndX(toX);
        line.setEndY(toY);
    }
}
