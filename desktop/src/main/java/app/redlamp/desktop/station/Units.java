package app.redlamp.desktop.station;

import app.redlamp.words.Lengths;
import app.redlamp.words.Words;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** In what lengths are said everywhere in the window, and all wordings that go by it. */
public final class Units {
    private final Locale locale;
    private final BooleanSupplier turn;
    private final ReadOnlyObjectWrapper<Words> words = new ReadOnlyObjectWrapper<>();

    /**
     * @param imperial whether lengths are in feet and inches
     * @param turn changes that and remembers it; returns whether it is feet now
     */
    public Units(Locale locale, boolean imperial, BooleanSupplier turn) {
        this.locale = locale;
        this.turn = turn;
        words.set(new Words(locale, new Lengths(locale, imperial)));
    }

    /** All wordings as they are now. */
    public ReadOnlyObjectProperty<Words> words() {
        return words.getReadOnlyProperty();
    }

    /** Changes between metres and feet. */
    public void turn() {
        words.set(new Words(locale, new Lengths(locale, turn.getAsBoolean())));
    }
}
