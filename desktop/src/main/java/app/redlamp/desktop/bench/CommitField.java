package app.redlamp.desktop.bench;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A field that takes what is written when Enter is pressed or it is left, and gives it up for Escape. */
public final class CommitField extends TextField {
    private static final double LEAST_WIDTH = 48;

    private final Supplier<String> shown;
    private final Consumer<String> commit;

    /**
     * @param name for those who cannot see what stands beside it
     * @param shown what it says while nobody writes
     * @param commit takes what was written, where that is something else
     */
    public CommitField(String id, String name, Supplier<String> shown, Consumer<String> commit) {
        this.shown = shown;
        this.commit = commit;
        setId(id);
        setAccessibleText(name);
        getStyleClass().add("field");
        setOnAction(e -> take());
        focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                take();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && !getText().equals(shown.get())) {
                setText(shown.get());
                e.consume();
            }
        });
    }

    public CommitField wide(double width) {
        setPrefWidth(width);
        setMinWidth(Math.min(width, LEAST_WIDTH));
        return this;
    }

    /** Shows what holds now, unless somebody is writing. */
    public void refresh() {
        if (!isFocused() && !getText().equals(shown.get())) {
            setText(shown.get());
        }
    }

    private void take() {
        if (!getText().equals(shown.get())) {
            commit.accept(getText());
            // What could not be taken is shown as it was; the line below says why.
            setText(shown.get());
        }
    }
}
