package app.redlamp.desktop.station;

import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.ReadingColumn;
import app.redlamp.desktop.gradual.Sight;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;

/** What every station has: its reading column, and what it tells the shell, kept until it tells something else. */
public abstract class StationBase implements Station {
    private final StationId id;
    private final StationContext context;
    private final ReadingColumn column;
    private final ReadOnlyBooleanWrapper stale = new ReadOnlyBooleanWrapper(true);
    private final ReadOnlyObjectWrapper<Headings> headings = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Standing> standing =
            new ReadOnlyObjectWrapper<>(new Standing(Verdict.unknown(List.of()), false, "", ""));
    private final ReadOnlyObjectWrapper<List<String>> facts = new ReadOnlyObjectWrapper<>(List.of());

    protected StationBase(StationId id, StationParts<?> parts) {
        this.id = id;
        context = parts.context();
        column = new ReadingColumn(parts.bench().glossary());
        column.setId(id.id() + "-reading");
    }

    @Override
    public final void attend() {
        if (stale.get()) {
            stale.set(false);
            draw();
        }
    }

    @Override
    public final ObservableValue<Boolean> stale() {
        return stale.getReadOnlyProperty();
    }

    /** Something has changed: it is drawn at once where somebody looks, and else before somebody does. */
    protected final void redraw() {
        if (Sight.seen(bench())) {
            stale.set(false);
            draw();
        } else {
            stale.set(true);
        }
    }

    /** Draws bench and reading. */
    protected abstract void draw();

    @Override
    public final StationId id() {
        return id;
    }

    @Override
    public final String name() {
        return context.strings().say("station." + id.id());
    }

    @Override
    public final Node reading() {
        return column;
    }

    @Override
    public Optional<Overrule.Station> guards() {
        return Optional.empty();
    }

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

    /** The right column. */
    protected final ReadingColumn column() {
        return column;
    }

    /** Opens the station where a job is begun. */
    protected final void toBrief() {
        context.go().accept(StationId.BRIEF);
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
