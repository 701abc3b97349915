package app.redlamp.desktop.level;

import app.redlamp.core.port.Capture;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.CardWording;
import app.redlamp.words.ChainWording;
import app.redlamp.words.Lengths;
import app.redlamp.words.LevelWording;
import app.redlamp.words.PlaceWording;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** What every part of the bench needs. Lengths are said in metres or in feet, and this can change at any time. */
final class LevelParts {
    private final LevelStation.Models models;
    private final Parts bench;
    private final Locale locale;
    private final ReadOnlyObjectWrapper<Lengths> lengths = new ReadOnlyObjectWrapper<>();

    LevelParts(LevelStation.Models models, Strings strings, Locale locale, boolean imperial) {
        this.models = models;
        this.locale = locale;
        bench = Parts.of(strings, locale);
        measure(imperial);
    }

    /** Says lengths in feet and inches, or in metres. */
    void measure(boolean imperial) {
        lengths.set(new Lengths(locale, imperial));
    }

    LevelModel model() {
        return models.level();
    }

    InputModel input() {
        return models.level().input();
    }

    CardModel cards() {
        return models.cards();
    }

    WatchModel watch() {
        return models.watch();
    }

    MonitorModel monitor() {
        return models.monitor();
    }

    /** What is wrong with what is monitored, and what to do. */
    String monitorWarning() {
        MonitorModel.Warning now = monitor().warning().get();
        if (now.howlHz().isPresent()) {
            return say("monitor.howl", bench.figures().whole(now.howlHz().getAsDouble()));
        }
        return now.echo()
                .map(e -> say(
                        "monitor.echo",
                        bench.figures().whole(1000 * e.delayS()),
                        bench.figures().whole(-e.levelDb())))
                .orElse("");
    }

    Parts bench() {
        return bench;
    }

    String say(String key, Object... values) {
        return bench.strings().say(key, values);
    }

    ReadOnlyObjectProperty<Lengths> lengths() {
        return lengths.getReadOnlyProperty();
    }

    LevelWording words() {
        return new LevelWording(lengths.get(), bench.figures());
    }

    CardWording cardWords() {
        return new CardWording(lengths.get(), bench.figures());
    }

    PlaceWording places() {
        return new PlaceWording(lengths.get(), bench.figures());
    }

    ChainWording chains() {
        return new ChainWording(lengths.get(), bench.figures());
    }

    Optional<LevelVerdict> verdict() {
        return Optional.ofNullable(model().verdict().get());
    }

    /** Why the input cannot be listened to. */
    String deviceFault() {
        Capture.Format format = input().format().get();
        return words().device(input().fault().get().id(), format.sampleRateHz(), format.bits(), format.channels());
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
