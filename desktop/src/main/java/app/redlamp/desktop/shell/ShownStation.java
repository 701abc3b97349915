package app.redlamp.desktop.shell;

import java.util.List;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;

/** What every station tells the shell, kept until it tells something else. */
public abstract class ShownStation implements Station {
    private final ReadOnlyObjectWrapper<Headings> headings = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Standing> standing = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<String>> facts = new ReadOnlyObjectWrapper<>(List.of());

    @Override
    public final ObservableValue<Headings> headings() {
        return headings.getReadOnlyProperty();
    }

    @Override
    public final ObservableValue<Standing> standing() {
        return standing.getReadOnlyProperty();
    }

    @Override
    public final ObservableValue<List<String>> facts() {
        return facts.getReadOnlyProperty();
    }

    protected final void tell(Headings now) {
        headings.set(now);
    }

    protected final void tell(Standing now) {
        standing.set(now);
    }

    protected final void tell(List<String> now) {
        facts.set(List.copyOf(now));
    }
}
