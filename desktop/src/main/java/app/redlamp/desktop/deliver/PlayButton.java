package app.redlamp.desktop.deliver;

import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Figures;
import java.util.OptionalDouble;
import javafx.beans.value.ChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Plays and stops the selected recording, and shows how far it is. */
final class PlayButton extends Button {
    private final PlayModel player;
    private final Strings strings;
    private final Figures figures;
    private final FontIcon icon = new FontIcon(Feather.PLAY);
    private final ChangeListener<OptionalDouble> onMoved = (o, was, now) -> show();
    private DocketRow row;

    PlayButton(PlayModel player, Strings strings, Figures figures) {
        this.player = player;
        this.strings = strings;
        this.figures = figures;
        setId("play");
        getStyleClass().add("play-button");
        setGraphic(icon);
        setMinWidth(Region.USE_PREF_SIZE);
        setTooltip(new Tooltip(strings.say("caution.headphones")));
        setOnAction(e -> player.toggle(row));
        player.playing().addListener((o, was, now) -> show());
        player.turnedUp().addListener((o, was, now) -> show());
        follow(null);
    }

    /** Serves another recording; null for none. */
    void follow(DocketRow now) {
        if (row != null) {
            row.playingS().removeListener(onMoved);
        }
        row = now;
        if (row != null) {
            row.playingS().addListener(onMoved);
        }
        show();
    }

    private void show() {
        setVisible(row != null && row.report().isPresent());
        if (isVisible()) {
            boolean playing =
                    row == player.playing().get() && !player.turnedUp().get();
            icon.setIconCode(playing ? Feather.SQUARE : Feather.PLAY);
            String length = figures.clock(row.report().orElseThrow().info().durationS());
            setText(
                    playing
                            ? strings.say(
                                    "play.stop",
                                    figures.clock(row.playingS().get().orElse(0)),
                                    length)
                            : strings.say("play.play"));
        }
    }
}
