package app.redlamp.desktop.control;

import app.redlamp.core.analysis.Outline;
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
    private OptionalDouble hand = OptionalDouble.empty();

    public Skyline() {
        getStyleClass().add("skyline");
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
        hand = share;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        outline.filter(o -> o.points() > 0).ifPresent(o -> {
            double width = getWidth();
            double height = getHeight();
            Polygon hill = new Polygon();
            hill.getPoints().addAll(0.0, height);
            int columns = (int) Math.max(2, width);
            for (int x = 0; x < columns; x++) {
                double level = loudest(o, x, columns);
                double share = Math.max(0, Math.min(1, (level - LOWEST_DBFS) / -LOWEST_DBFS));
                hill.getPoints().addAll(x * width / (columns - 1), height - 1 - share * (height - FLAG - 1));
            }
            hill.getPoints().addAll(width, height);
            hill.getStyleClass().add("skyline-hill");
            getChildren().add(hill);
            flags.stream().limit(MOST_FLAGS).forEach(f -> flag(f * width));
            hand.ifPresent(share -> {
                Line line = new Line(share * width, 0, share * width, height);
                line.getStyleClass().add("skyline-hand");
                getChildren().add(line);
            });
        });
    }

    private static double loudest(Outline outline, int column, int columns) {
        int from = (int) ((long) column * outline.points() / columns);
        int to = Math.max(from + 1, (int) ((column + 1L) * outline.points() / columns));
        return outline.loudestDbfs(from, to);
    }

    private void flag(double x) {
        Line pole = new Line(x, 0, x, FLAG + 2);
        Polygon cloth = new Polygon(x, 0, x + FLAG, FLAG / 2, x, FLAG);
        pole.getStyleClass().add("skyline-pole");
        cloth.getStyleClass().add("skyline-flag");
        getChildren().addAll(pole, cloth);
    }
}
