package app.redlamp.desktop.deliver;

import app.redlamp.desktop.look.Strings;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Lets a pause of the selected recording be heard, turned up, and says to start low. */
final class SilenceButton extends Button {
    private final PlayModel player;
    private final Strings strings;
    private final FontIcon icon = new FontIcon(Feather.VOLUME_2);
    private DocketRow row;

    SilenceButton(PlayModel player, Strings strings) {
        this.player = player;
        this.strings = strings;
        setId("hear-silence");
        getStyleClass().add("play-button");
        setGraphic(icon);
        setMinWidth(Region.USE_PREF_SIZE);
        setTooltip(new Tooltip(strings.say("silence.tip")));
        setOnAction(e -> player.toggleSilence(row));
        player.turnedUp().addListener((o, was, now) -> show());
        player.playing().addListener((o, was, now) -> show());
        follow(null);
    }

    /** Serves another recording; null for none. */
    void follow(DocketRow now) {
        row = now;
        show();
    }

    private void show() {
        boolean heard = row != null
                && row == player.playing().get()
                && player.turnedUp().get();
        setVisible(row != null && row.report().isPresent());
        setDisable(!PlayModel.hasSilence(row));
        icon.setIconCode(heard ? Feather.SQUARE : Feather.VOLUME_2);
        setText(strings.say(heard ? "silence.stop" : "silence.hear"));
    }
}
