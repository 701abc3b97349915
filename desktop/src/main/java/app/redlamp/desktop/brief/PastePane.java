package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.WordScan;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Where a script is pasted, or an episode that is spoken freely is planned. */
final class PastePane extends Overlay {
    private static final String USUAL_MINUTES = "30";

    private final TextArea text = new TextArea();

    PastePane(StationParts<BriefStation.Models> parts, Runnable close) {
        super(parts.bench(), "paste.heading", close);
        text.setId("paste-text");
        text.setWrapText(true);
        text.setPromptText(parts.strings().say("paste.prompt"));
        text.setAccessibleText(parts.strings().say("paste.heading"));
        text.getStyleClass().add("specification-document");
        VBox.setVgrow(text, Priority.ALWAYS);
        Label count = new Label();
        count.getStyleClass().add("secondary");
        count.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> text.getText().isBlank()
                                ? ""
                                : parts.strings()
                                        .say(
                                                "paste.words",
                                                parts.words().plans().whole(WordScan.count(text.getText()))),
                        text.textProperty()));
        Button replace = parts.bench().button("paste-replace", "paste.replace", () -> {
            parts.models().brief().script().paste(text.getText(), false);
            close.run();
        });
        Button below = parts.bench().button("paste-below", "paste.below", () -> {
            parts.models().brief().script().paste(text.getText(), true);
            close.run();
        });
        replace.disableProperty()
                .bind(Bindings.createBooleanBinding(() -> text.getText().isBlank(), text.textProperty()));
        below.disableProperty().bind(replace.disableProperty());
        HBox buttons = Parts.line(replace, below, count);
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(text, buttons, episode(parts));
    }

    private static HBox episode(StationParts<BriefStation.Models> parts) {
        TextField title = new TextField();
        title.setId("episode-title");
        title.getStyleClass().add("field");
        title.setPrefColumnCount(24);
        title.setAccessibleText(parts.strings().say("episode.title"));
        TextField length = new TextField(USUAL_MINUTES);
        length.setId("episode-minutes");
        length.getStyleClass().add("field");
        length.setPrefColumnCount(4);
        length.setAccessibleText(parts.strings().say("episode.minutes"));
        Button add = parts.bench()
                .button(
                        "episode-add",
                        "episode.add",
                        () -> parts.models().brief().enter(() -> {
                            parts.models()
                                    .brief()
                                    .script()
                                    .addSpoken(title.getText(), parts.bench().number(length.getText()));
                            title.clear();
                        }));
        Label name = parts.bench().name("episode.title", "");
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = Parts.line(name, title, parts.bench().name("episode.minutes", ""), length, add);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    @Override
    public void begin() {
        text.requestFocus();
    }
}
