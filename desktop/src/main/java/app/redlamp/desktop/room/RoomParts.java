package app.redlamp.desktop.room;

import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.ClapWording;
import app.redlamp.words.Lengths;
import app.redlamp.words.RoomWording;
import java.util.Locale;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What every part of the bench needs. Lengths are said in metres or in feet, and this can change at any time. */
final class RoomParts {
    private final RoomModel model;
    private final ListeningModel listening;
    private final QuietModel quiet;
    private final ShelfModel shelf;
    private final Parts bench;
    private final Locale locale;
    private final ReadOnlyObjectWrapper<RoomWording> rooms = new ReadOnlyObjectWrapper<>();

    RoomParts(RoomStation.Models models, Strings strings, Locale locale, boolean imperial) {
        model = models.room();
        listening = models.listening();
        quiet = models.quiet();
        shelf = models.shelf();
        this.locale = locale;
        bench = Parts.of(strings, locale);
        measure(imperial);
    }

    /** Says lengths in feet and inches, or in metres. */
    void measure(boolean imperial) {
        rooms.set(new RoomWording(locale, new Lengths(locale, imperial)));
    }

    RoomModel model() {
        return model;
    }

    ListeningModel listening() {
        return listening;
    }

    QuietModel quiet() {
        return quiet;
    }

    ShelfModel shelf() {
        return shelf;
    }

    Parts bench() {
        return bench;
    }

    Strings strings() {
        return bench.strings();
    }

    RoomWording rooms() {
        return rooms.get();
    }

    ReadOnlyObjectProperty<RoomWording> wording() {
        return rooms.getReadOnlyProperty();
    }

    Lengths lengths() {
        return rooms.get().lengths();
    }

    ClapWording claps() {
        return new ClapWording(locale, lengths());
    }

    Locale locale() {
        return locale;
    }
}
