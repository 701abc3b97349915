package app.redlamp.desktop.control;

import app.redlamp.desktop.gradual.Piecemeal;
import app.redlamp.desktop.gradual.Sight;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.layout.Region;

/**
 * A picture that is drawn anew whenever it shows something else: what lies behind first, then what lies before it.
 *
 * @param <T> what it shows
 */
abstract class Picture<T> extends Region implements Piecemeal {
    /** New nodes are added for so long in one turn of the interface thread: each must be styled first (ours). */
    private static final long SLICE_NS = 8_000_000;

    final NodePool back = new NodePool();
    final NodePool front = new NodePool();
    private Optional<T> shown = Optional.empty();

    Picture(String styleClass) {
        getStyleClass().add(styleClass);
        getChildren().addAll(back, front);
        Piecemeal.finishWhenSeen(this);
    }

    @Override
    public final boolean pending() {
        return back.lacking() || front.lacking();
    }

    @Override
    public final void next() {
        requestLayout();
        layout();
    }

    /** Shows something, or nothing. */
    public void show(Optional<T> now) {
        shown = now;
        requestLayout();
    }

    /** What is shown. */
    final Optional<T> shown() {
        return shown;
    }

    /** Draws it with what the two layers hold. */
    abstract void draw(T now);

    /** Says why there is nothing to draw. */
    void drawNothing() {}

    @Override
    protected final void layoutChildren() {
        long until = System.nanoTime() + SLICE_NS;
        back.begin(until);
        front.begin(until);
        shown.ifPresentOrElse(this::draw, this::drawNothing);
        back.end();
        front.end();
        if (pending() && Sight.seen(this)) {
            // The rest comes with the next pictures of the window: whoever looks sees it grow within a blink.
            Platform.runLater(this::requestLayout);
        }
    }
}
