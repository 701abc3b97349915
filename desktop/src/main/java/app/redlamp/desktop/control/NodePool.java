package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A layer of a picture that is drawn anew many times a second. It uses its nodes again, because a new node must be
 * styled first, and that takes longer than everything else.
 */
final class NodePool extends Group {
    /** So many new nodes come with every picture, however slow the machine is (ours). */
    private static final int LEAST = 8;

    private final Map<String, List<Node>> nodes = new HashMap<>();
    private final Map<String, Integer> taken = new HashMap<>();
    /** What is drawn into when there is no time for another node. */
    private final Map<Class<?>, Node> unseen = new HashMap<>();

    private long until;
    private boolean hurried;
    private int grown;
    private boolean lacking;

    NodePool() {
        setAutoSizeChildren(false);
        setManaged(false);
        setMouseTransparent(true);
    }

    /** Begins a new picture. */
    void begin() {
        taken.clear();
        hurried = false;
        grown = 0;
        lacking = false;
    }

    /**
     * Begins a new picture that adds nodes to those there are until a point in time, and eight at least; what it lacks then is drawn
     * into nodes nobody sees.
     *
     * @param until as {@link System#nanoTime()} tells it
     */
    void begin(long until) {
        begin();
        hurried = true;
        this.until = until;
    }

    /** Whether the picture wanted more nodes than it might add. */
    boolean lacking() {
        return lacking;
    }

    /** Takes a node of a style for this picture; all of a style must be of one type. */
    <N extends Node> N take(String styleClass, Class<N> type, Supplier<N> make) {
        List<Node> all = nodes.computeIfAbsent(styleClass, s -> new ArrayList<>());
        int index = taken.merge(styleClass, 1, Integer::sum) - 1;
        if (index >= all.size() && (lacking || late())) {
            lacking = true;
            return type.cast(unseen.computeIfAbsent(type, t -> make.get()));
        }
        if (index == all.size()) {
            grown++;
            N made = make.get();
            made.getStyleClass().add(styleClass);
            all.add(made);
            getChildren().add(made);
            made.applyCss();
        }
        N node = type.cast(all.get(index));
        node.setVisible(true);
        return node;
    }

    private boolean late() {
        return hurried && grown >= LEAST && System.nanoTime() - until > 0;
    }

    /** A line from one point to another. */
    Line line(String styleClass, double x, double y, double toX, double toY) {
        Line line = take(styleClass, Line.class, Line::new);
        line.setStartX(x);
        line.setStartY(y);
        line.setEndX(toX);
        line.setEndY(toY);
        return line;
    }

    /** A rectangle; a size below nothing counts as none. */
    Rectangle rectangle(String styleClass, double x, double y, double width, double height) {
        Rectangle rectangle = take(styleClass, Rectangle.class, Rectangle::new);
        rectangle.setX(x);
        rectangle.setY(y);
        rectangle.setWidth(Math.max(0, width));
        rectangle.setHeight(Math.max(0, height));
        return rectangle;
    }

    /** Words that are still to be placed. */
    Text text(String styleClass, String words) {
        Text text = take(styleClass, Text.class, Text::new);
        text.setText(words);
        return text;
    }

    /** Ends the picture: what it did not take disappears. */
    void end() {
        nodes.forEach((style, all) -> {
            for (int i = taken.getOrDefault(style, 0); i < all.size(); i++) {
                all.get(i).setVisible(false);
            }
        });
    }
}
