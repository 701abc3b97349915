package app.redlamp.desktop.kit;

import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.ChainWording;
import app.redlamp.words.ChoiceWording;
import app.redlamp.words.FitWording;
import app.redlamp.words.KitWording;
import app.redlamp.words.Lengths;
import app.redlamp.words.PlaceWording;
import app.redlamp.words.SheetWording;
import java.util.Locale;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** What every part of the bench needs. Lengths are said in metres or in feet, and this can change at any time. */
final class KitParts {
    private final KitStation.Models models;
    private final Parts bench;
    private final Locale locale;
    private final ReadOnlyObjectWrapper<Lengths> lengths = new ReadOnlyObjectWrapper<>();

    KitParts(KitStation.Models models, Strings strings, Locale locale, boolean imperial) {
        this.models = models;
        this.locale = locale;
        bench = Parts.of(strings, locale);
        measure(imperial);
    }

    /** Says lengths in feet and inches, or in metres. */
    void measure(boolean imperial) {
        lengths.set(new Lengths(locale, imperial));
    }

    KitModel model() {
        return models.kit();
    }

    PartsModel shelf() {
        return models.parts();
    }

    TakesModel takes() {
        return models.takes();
    }

    Parts bench() {
        return bench;
    }

    Strings strings() {
        return bench.strings();
    }

    String say(String key, Object... values) {
        return bench.strings().say(key, values);
    }

    ReadOnlyObjectProperty<Lengths> lengths() {
        return lengths.getReadOnlyProperty();
    }

    ChainWording chains() {
        return new ChainWording(lengths.get(), bench.figures());
    }

    KitWording kits() {
        return new KitWording(lengths.get(), bench.figures());
    }

    FitWording fits() {
        return new FitWording(lengths.get(), bench.figures());
    }

    ChoiceWording choices() {
        return new ChoiceWording(lengths.get(), bench.figures());
    }

    PlaceWording places() {
        return new PlaceWording(lengths.get(), bench.figures());
    }

    SheetWording sheets() {
        return new SheetWording(bench.figures());
    }

    /** Whether it must be said whom something is about. */
    boolean several() {
        return model().kit().get() != null && model().kit().get().seats().size() > 1;
    }

    static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    static Label wrapped(String text, String style) {
        Label label = label(text, style);
        label.setWrapText(true);
        return label;
    }
}
