package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;

/** Steps one after the other on a line, each with its lamp, its name and a figure; each can be pressed to take it. */
public final class StepLine extends Region {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final double HEIGHT = 74;

    private final Line line = new Line();
    private final Line done = new Line();
    private final List<Stop> stops = new ArrayList<>();
    private double share;
    private int running = -1;

    /** One step. */
    public record Step(LampState lamp, String name, String figure, boolean now) {}

    private record Stop(LampGlyph glyph, Button name, Label figure) {}

    /**
     * @param ids of the buttons
     * @param onPress told which was pressed
     */
    public StepLine(List<String> ids, IntConsumer onPress) {
        getStyleClass().add("step-line");
        line.getStyleClass().add("step-cord");
        done.getStyleClass().add("step-done");
        line.setManaged(false);
        done.setManaged(false);
        getChildren().addAll(line, done);
        for (int i = 0; i < ids.size(); i++) {
            int index = i;
            Stop stop = new Stop(new LampGlyph(), new Button(), new Label());
            stop.name().setId(ids.get(i));
            stop.name().getStyleClass().add("step-name");
            stop.name().setOnAction(e -> onPress.accept(index));
            stop.figure().getStyleClass().add("step-figure");
            stops.add(stop);
            getChildren().addAll(stop.glyph(), stop.name(), stop.figure());
        }
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
    }

    /** Shows all steps. */
    public void show(List<Step> steps) {
        for (int i = 0; i < stops.size(); i++) {
            Stop stop = stops.get(i);
            Step step = steps.get(i);
            stop.glyph().setState(step.lamp());
            stop.name().setText(step.name());
            stop.name().pseudoClassStateChanged(NOW, step.now());
            stop.name().setAccessibleText(step.name() + ", " + step.figure());
            stop.figure().setText(step.figure());
        }
        requestLayout();
    }

    /**
     * Shows how far a step is.
     *
     * @param index which; −1 for none
     * @param part 0 to 1
     */
    public void progress(int index, double part) {
        running = index;
        share = part;
        draw();
    }

    private double x(int index) {
        return getWidth() * (index + 0.5) / stops.size();
    }

    private void draw() {
        done.setVisible(running >= 0);
        if (running >= 0) {
            double half = getWidth() / stops.size() / 2 - 14;
            done.setStartX(x(running) - half);
            done.setEndX(x(running) - half + 2 * half * share);
            done.setStartY(HEIGHT - 3);
            done.setEndY(HEIGHT - 3);
        }
    }

    @Override
    protected void layoutChildren() {
        line.setStartX(x(0));
        line.setEndX(x(stops.size() - 1));
        line.setStartY(12);
        line.setEndY(12);
        for (int i = 0; i < stops.size(); i++) {
            Stop stop = stops.get(i);
            stop.glyph().resizeRelocate(x(i) - 8, 4, 16, 16);
            double width = stop.name().prefWidth(-1);
            stop.name().resizeRelocate(x(i) - width / 2, 24, width, 26);
            double figure = Math.min(getWidth() / stops.size(), stop.figure().prefWidth(-1));
            stop.figure().resizeRelocate(x(i) - figure / 2, 50, figure, 18);
        }
        draw();
    }
}
