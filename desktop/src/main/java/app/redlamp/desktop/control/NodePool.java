package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Group;
import javafx.scene.Node;

/**
 * A layer of a picture that is drawn anew many times a second. It uses its nodes again, because a new node must be
 * styled first, and that takes longer than everything else.
 */
final class NodePool extends Group {
    private final Map<String, List<Node>> nodes = new HashMap<>();
    private final Map<String, Integer> taken = new HashMap<>();

    NodePool() {
        setAutoSizeChildren(false);
        setManaged(false);
        setMouseTransparent(true);
    }

    /** Begins a new picture. */
    void begin() {
        taken.clear();
    }

    /** Takes a node of a style for this picture; all of a style must be of one type. */
    <N extends Node> N take(String styleClass, Class<N> type, Supplier<N> make) {
        List<Node> all = nodes.computeIfAbsent(styleClass, s -> new ArrayList<>());
        int index = taken.merge(styleClass, 1, Integer::sum) - 1;
        if (index == all.size()) {
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

    /** Ends the picture: what it did not take disappears. */
    void end() {
        nodes.forEach((style, all) -> {
            for (int i = taken.getOrDefault(style, 0); i < all.size(); i++) {
                all.get(i).setVisible(false);
            }
        });
    }
}
