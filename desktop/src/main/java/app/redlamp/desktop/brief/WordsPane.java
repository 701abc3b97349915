package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.Mention;
import app.redlamp.core.planning.script.Occurrences;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What has to be decided before reading: how names, figures, abbreviations and foreign words are said, and who has which voice. */
final class WordsPane extends Overlay {
    private final StationParts<BriefStation.Models> parts;
    private final ListView<Mention> list = new ListView<>();
    private final ToggleGroup kinds = new ToggleGroup();
    private final Label where = new Label();
    private final TextField said = new TextField();
    private final TextField voice = new TextField();
    private final Label term = new Label();

    WordsPane(StationParts<BriefStation.Models> parts, Runnable close) {
        super(parts.bench(), "words.heading", close);
        this.parts = parts;
        list.setId("mentions");
        list.getStyleClass().add("docket");
        list.setAccessibleText(parts.strings().say("words.heading"));
        list.setCellFactory(view -> new MentionCell(parts));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> showChosen(now));
        list.setPlaceholder(new Label(parts.strings().say("words.none")));
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(choices(), list, editor());
        refresh();
        list.getSelectionModel().selectFirst();
    }

    @Override
    public void begin() {
        list.requestFocus();
    }

    @Override
    public void refresh() {
        Mention chosen = list.getSelectionModel().getSelectedItem();
        List<Mention> shown = parts.models().brief().planned().map(this::shown).orElse(List.of());
        list.getItems().setAll(shown);
        Optional<Mention> again = shown.stream()
                .filter(m -> chosen != null && m.term().equals(chosen.term()) && m.kind() == chosen.kind())
                .findFirst();
        again.ifPresentOrElse(list.getSelectionModel()::select, list.getSelectionModel()::selectFirst);
        list.refresh();
    }

    private List<Mention> shown(Planned planned) {
        Object kind = kinds.getSelectedToggle().getUserData();
        return planned.mentions().stream()
                .filter(m ->
                        kind.equals("open") ? !planned.isDecided(m) : m.kind().equals(kind))
                .toList();
    }

    private HBox choices() {
        HBox line = new HBox(
                choice("words-open", "words.open", "open"),
                choice("words-names", "words.names", Mention.Kind.NAME),
                choice("words-numbers", "words.numbers", Mention.Kind.NUMBER),
                choice("words-short", "words.short", Mention.Kind.ABBREVIATION),
                choice("words-foreign", "words.foreign", Mention.Kind.FOREIGN));
        kinds.getToggles().get(0).setSelected(true);
        kinds.selectedToggleProperty().addListener((o, was, now) -> {
            if (now == null) {
                was.setSelected(true);
            } else {
                refresh();
                list.getSelectionModel().selectFirst();
            }
        });
        return line;
    }

    private ToggleButton choice(String id, String key, Object kind) {
        ToggleButton button = new ChoiceButton(id, parts.strings().say(key));
        button.setUserData(kind);
        button.setToggleGroup(kinds);
        return button;
    }

    private GridPane editor() {
        term.setId("word-term");
        term.getStyleClass().add("heading");
        where.setId("word-where");
        where.getStyleClass().add("secondary");
        where.setWrapText(true);
        where.setMinHeight(Region.USE_PREF_SIZE);
        said.setId("word-said");
        said.setPromptText(parts.strings().say("words.said.prompt"));
        voice.setId("word-voice");
        voice.setPromptText(parts.strings().say("words.voice.prompt"));
        for (TextField field : List.of(said, voice)) {
            field.getStyleClass().add("field");
            field.setPrefColumnCount(30);
            field.setOnAction(e -> keep());
            GridPane.setHgrow(field, Priority.ALWAYS);
        }
        Button keep = parts.bench().button("word-keep", "words.keep", this::keep);
        Button as = parts.bench().button("word-as-written", "words.as-written", () -> {
            said.setText(term.getText());
            keep();
        });
        HBox buttons = Parts.line(keep, as);
        buttons.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("job-grid");
        grid.add(term, 0, 0, 2, 1);
        grid.add(where, 0, 1, 2, 1);
        grid.addRow(2, parts.bench().name("words.said", "pronunciation"), said);
        grid.addRow(3, parts.bench().name("words.voice", "character-voice"), voice);
        grid.add(buttons, 1, 4);
        return grid;
    }

    private void showChosen(Mention mention) {
        term.setText(mention == null ? "" : mention.term());
        Script script = parts.models().brief().script().script();
        said.setText(
                mention == null
                        ? ""
                        : script.sayings().stream()
                                .filter(s -> s.term().equals(mention.term()))
                                .map(s -> s.said())
                                .findFirst()
                                .orElse(""));
        voice.setText(
                mention == null
                        ? ""
                        : script.voices().stream()
                                .filter(v -> v.name().equals(mention.term()))
                                .map(v -> v.voice())
                                .findFirst()
                                .orElse(""));
        voice.setDisable(mention == null || mention.kind() != Mention.Kind.NAME);
        where.setText(mention == null ? "" : where(mention.term(), script));
    }

    /** Chapters in which a term occurs, and how often. */
    private String where(String wanted, Script script) {
        List<String> places = new ArrayList<>();
        for (int i = 0; i < script.pieces().size(); i++) {
            Piece piece = script.pieces().get(i);
            int count = Occurrences.count(wanted, script.text(), piece);
            if (count > 0) {
                places.add(parts.strings().say("words.place", i + 1, piece.title(), count));
            }
        }
        return places.isEmpty() ? parts.strings().say("words.nowhere") : String.join("  ·  ", places);
    }

    private void keep() {
        Mention mention = list.getSelectionModel().getSelectedItem();
        if (mention != null) {
            int at = list.getSelectionModel().getSelectedIndex();
            String wantedVoice = voice.getText();
            parts.models().brief().script().say(mention.term(), said.getText());
            if (mention.kind() == Mention.Kind.NAME) {
                parts.models().brief().script().voice(mention.term(), wantedVoice);
            }
            list.getSelectionModel().select(Math.min(at, list.getItems().size() - 1));
        }
    }
}
