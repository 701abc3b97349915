package app.redlamp.desktop.control;

import app.redlamp.core.measure.analysis.Outline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;

/** A recording as a one-sided outline of its level over time, with flags, and a hand where it is playing. */
public final class Skyline extends Region {
    private static final double LOWEST_DBFS = -60;
    private static final double FLAG = 7;
    private static final int MOST_FLAGS = 40;

    private Optional<Outline> outline = Optional.empty();
    private List<Double> flags = List.of();
    private final NodePool layer = new NodePool();
    private final Line hand = new Line();
    private OptionalDouble handShare = OptionalDouble.empty();

    public Skyline() {
        getStyleClass().add("skyline");
        hand.getStyleClass().add("skyline-hand");
        hand.setManaged(false);
        getChildren().addAll(layer, hand);
        setMinSize(30, 20);
        setPrefSize(96, 32);
    }

    /** Shows an outline with flags at shares of its length, 0 to 1. */
    public void show(Optional<Outline> shown, List<Double> flagShares) {
        outline = shown;
        flags = flagShares;
        requestLayout();
    }

    /** Tells about presses: the place pressed as a share of the length, drawn to a flag that is near. */
    public void onSpot(DoubleConsumer listener) {
        setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY && outline.isPresent() && getWidth() > 0) {
                double share = e.getX() / getWidth();
                listener.accept(flags.stream()
                        .filter(f -> Math.abs(f - share) * getWidth() <= FLAG)
                        .min(Comparator.comparingDouble(f -> Math.abs(f - share)))
                        .orElse(share));
            }
        });
    }

    /** Puts the hand at a share of the length, 0 to 1; takes it away where absent. */
    public void playAt(OptionalDouble share) {
        handShare = share;
        placeHand();
    }

    @Override
    protected void layoutChildren() {
        layer.begin();
        outline.filter(o -> o.points() > 0).ifPresent(this::draw);
        layer.end();
        placeHand();
    }

    private void draw(Outline o) {
        double width = getWidth();
        double height = getHeight();
        double[] levels = o.loudestDbfs(0, o.points(), (int) Math.max(2, width));
        List<Double> points = new ArrayList<>(2 * levels.length + 4);
        points.add(0.0);
        points.add(height);
        for (int x = 0; x < levels.length; x++) {
            double share = Math.max(0, Math.min(1, (levels[x] - LOWEST_DBFS) / -LOWEST_DBFS));
            points.add(x * width / (levels.length - 1));
            points.add(height - 1 - share * (height - FLAG - 1));
        }
        points.add(width);
        points.add(height);
        layer.take("skyline-hill", Polygon.class, Polygon::new).getPoints().setAll(points);
        flags.stream().limit(MOST_FLAGS).forEach(f -> flag(f * width));
    }

    private void placeHand() {
        hand.setVisible(handShare.isPresent() && outline.isPresent());
        hand.setStartX(handShare.orElse(0) * getWidth());
        hand.setEndX(handShare.orElse(0) * getWidth());
        hand.setEndY(getHeight());
    }

    private void flag(double x) {
        layer.take("skyline-pole", Line.class, () -> new Line(0, 0, 0, FLAG + 2))
                .setTranslateX(x);
        layer.take("skyline-flag", Polygon.class, () -> new Polygon(0, 0, FLAG, FLAG / 2, 0, FLAG))
                .setTranslateX(x);
    }
}
