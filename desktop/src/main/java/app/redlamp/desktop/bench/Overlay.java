package app.redlamp.desktop.bench;

import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.WeakInvalidationListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Something that lies over the bench until it is closed, with a button or with Escape. */
public class Overlay extends VBox {
    private final HBox head;
    /** Held here, because what it follows only knows it weakly: overlays come and go. */
    private final InvalidationListener refreshing = o -> refresh();

    public Overlay(Parts parts, String heading, Runnable close) {
        getStyleClass().addAll("specification-editor", "overlay");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button done = parts.button("overlay-close", "overlay.close", close);
        head = Parts.line(parts.heading(heading), gap, done);
        getChildren().add(head);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                close.run();
            }
        });
    }

    /** Puts something beside the heading. */
    public final void tool(Node node) {
        head.getChildren().add(head.getChildren().size() - 1, node);
    }

    /** Refreshes itself whenever a value changes, for as long as it is shown. */
    protected final void follow(Observable value) {
        value.addListener(new WeakInvalidationListener(refreshing));
    }

    /** Puts the focus where work begins. */
    public void begin() {}

    /** Shows what has changed. */
    public void refresh() {}
}
