package app.redlamp.desktop.control;

import java.util.Optional;
import javafx.scene.layout.Region;

/**
 * A picture that is drawn anew whenever it shows something else: what lies behind first, then what lies before it.
 *
 * @param <T> what it shows
 */
abstract class Picture<T> extends Region {
    final NodePool back = new NodePool();
    final NodePool front = new NodePool();
    private Optional<T> shown = Optional.empty();

    Picture(String styleClass) {
        getStyleClass().add(styleClass);
        getChildren().addAll(back, front);
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

    @Override
    protected final void layoutChildren() {
        back.begin();
        front.begin();
        shown.ifPresent(this::draw);
        back.end();
        front.end();
    }
}
