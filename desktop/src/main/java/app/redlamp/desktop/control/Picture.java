package app.redlamp.desktop.control;

import app.redlamp.desktop.gradual.OutOfSight;
import app.redlamp.desktop.gradual.Piecemeal;
import java.util.Optional;
import javafx.scene.layout.Region;

/**
 * A picture that is drawn anew whenever it shows something else: what lies behind first, then what lies before it.
 *
 * @param <T> what it shows
 */
abstract class Picture<T> extends Region implements Piecemeal {
    /** New nodes of a piece, each to be styled: some 10 ms (common practice, no source). */
    private static final int PIECE = 30;

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
        int most = OutOfSight.holds(this) ? PIECE : Integer.MAX_VALUE;
        back.begin(most);
        front.begin(most);
        shown.ifPresentOrElse(this::draw, this::drawNothing);
        back.end();
        front.end();
    }
}
