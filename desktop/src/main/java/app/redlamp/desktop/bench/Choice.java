package app.redlamp.desktop.bench;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/** One of a few, chosen from a list; what is chosen is taken at once. */
public final class Choice<T> extends ComboBox<T> {
    private final Supplier<T> shown;
    private boolean showing;

    /**
     * @param name for those who cannot see what stands beside it
     * @param words what each is called
     * @param shown what holds now
     * @param commit takes another
     */
    public Choice(
            String id, String name, List<T> all, Function<T, String> words, Supplier<T> shown, Consumer<T> commit) {
        this.shown = shown;
        setId(id);
        setAccessibleText(name);
        getItems().setAll(all);
        setConverter(new StringConverter<>() {
            @Override
            public String toString(T one) {
                return one == null ? "" : words.apply(one);
            }

            @Override
            public T fromString(String text) {
                return all.stream()
                        .filter(t -> words.apply(t).equals(text))
                        .findFirst()
                        .orElse(null);
            }
        });
        setVisibleRowCount(14);
        valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null && !now.equals(shown.get())) {
                commit.accept(now);
            }
        });
        refresh();
    }

    /** Shows what holds now. */
    public void refresh() {
        showing = true;
        setValue(shown.get());
        showing = false;
    }
}
