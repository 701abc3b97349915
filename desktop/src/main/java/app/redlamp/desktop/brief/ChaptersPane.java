package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.Count;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.planning.script.SplitRule;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The chapters and their text: split anew, joined, parted, called otherwise, moved. */
final class ChaptersPane extends Overlay {
    private static final double LIST_WIDTH = 330;

    private final StationParts<BriefStation.Models> parts;
    private final ListView<Integer> list = new ListView<>();
    private final ListView<Integer> text = new ListView<>();
    private final Label figures = new Label();
    private final CommitField title;
    private boolean showing;

    ChaptersPane(StationParts<BriefStation.Models> parts, Runnable close) {
        super(parts.bench(), "chapters.heading", close);
        this.parts = parts;
        ScriptModel script = parts.models().brief().script();
        tool(rules());
        list.setId("chapters");
        list.setAccessibleText(parts.strings().say("chapters.heading"));
        list.getStyleClass().add("docket");
        list.setPrefWidth(LIST_WIDTH);
        list.setMinWidth(200);
        list.setCellFactory(view -> new ChapterCell(parts));
        list.getSelectionModel().selectedIndexProperty().addListener((o, was, now) -> {
            if (!showing && now.intValue() >= 0) {
                script.selected().set(now.intValue());
                showText();
            }
        });
        text.setId("chapter-text");
        text.setAccessibleText(parts.strings().say("chapters.text"));
        text.getStyleClass().add("docket");
        text.setCellFactory(view -> new BlockCell(parts));
        text.setPlaceholder(new Label(parts.strings().say("chapters.spoken")));
        title = new CommitField(
                "chapter-title",
                parts.strings().say("chapters.title"),
                () -> script.selectedPiece().map(Piece::title).orElse(""),
                w -> parts.models()
                        .brief()
                        .enter(() -> script.rename(script.selected().get(), w)));
        figures.setId("chapter-figures");
        figures.getStyleClass().add("secondary");
        figures.setWrapText(true);
        figures.setMinHeight(Region.USE_PREF_SIZE);
        HBox halves = new HBox(left(script), right(script));
        halves.getStyleClass().add("mail-halves");
        VBox.setVgrow(halves, Priority.ALWAYS);
        getChildren().add(halves);
        refresh();
    }

    @Override
    public void begin() {
        list.requestFocus();
    }

    @Override
    public void refresh() {
        int count = parts.models().brief().script().pieces().size();
        showing = true;
        List<Integer> indices = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            indices.add(i);
        }
        list.getItems().setAll(indices);
        list.getSelectionModel()
                .clearAndSelect(parts.models().brief().script().selected().get());
        list.refresh();
        showing = false;
        showText();
    }

    private VBox left(ScriptModel script) {
        HBox moves = Parts.line(
                parts.bench()
                        .button(
                                "chapter-up",
                                "chapters.up",
                                () -> script.move(script.selected().get(), -1)),
                parts.bench()
                        .button(
                                "chapter-down",
                                "chapters.down",
                                () -> script.move(script.selected().get(), 1)),
                parts.bench()
                        .button(
                                "chapter-merge",
                                "chapters.merge",
                                () -> script.merge(script.selected().get())),
                parts.bench()
                        .button(
                                "chapter-remove",
                                "chapters.remove",
                                () -> script.remove(script.selected().get())));
        VBox left = new VBox(list, moves);
        left.getStyleClass().add("overlay-half");
        VBox.setVgrow(list, Priority.ALWAYS);
        left.setMinWidth(LIST_WIDTH);
        left.setMaxWidth(LIST_WIDTH);
        return left;
    }

    private VBox right(ScriptModel script) {
        HBox.setHgrow(title, Priority.ALWAYS);
        HBox name = Parts.line(parts.bench().name("chapters.title", ""), title);
        name.setAlignment(Pos.CENTER_LEFT);
        HBox part = Parts.line(parts.bench().button("chapter-split", "chapters.split", () -> {
            Integer block = text.getSelectionModel().getSelectedItem();
            if (block != null) {
                script.splitBefore(script.selected().get(), block);
            }
        }));
        VBox right = new VBox(name, figures, text, part);
        right.getStyleClass().add("overlay-half");
        VBox.setVgrow(text, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        return right;
    }

    private MenuButton rules() {
        MenuButton menu = new MenuButton(parts.strings().say("chapters.rule"));
        menu.setId("split-rule");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        for (SplitRule rule : SplitRule.values()) {
            MenuItem item =
                    new MenuItem(parts.strings().say("split." + rule.name().toLowerCase(Locale.ROOT)));
            item.setOnAction(e -> parts.models().brief().script().split(rule));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void showText() {
        title.setText(parts.models()
                .brief()
                .script()
                .selectedPiece()
                .map(Piece::title)
                .orElse(""));
        Script script = parts.models().brief().script().script();
        List<Integer> blocks = new ArrayList<>();
        Optional<Piece> piece = parts.models().brief().script().selectedPiece();
        for (Span span : piece.map(Piece::spans).orElse(List.of())) {
            for (int i = span.from(); i < span.to(); i++) {
                if (script.text().blocks().get(i).kind() != Block.Kind.PAGE_BREAK) {
                    blocks.add(i);
                }
            }
        }
        text.getItems().setAll(blocks);
        figures.setText(figures());
    }

    private String figures() {
        int at = parts.models().brief().script().selected().get();
        Optional<Planned> planned = parts.models()
                .brief()
                .planned()
                .filter(p -> at >= 0 && at < p.plan().counts().size());
        if (planned.isEmpty()) {
            return "";
        }
        Count count = planned.get().plan().counts().get(at);
        if (count.words() == 0) {
            return parts.words()
                    .plans()
                    .seconds(planned.get().plan().pieces().get(at).finishedS());
        }
        return parts.strings()
                .say(
                        "chapters.figures",
                        parts.words().plans().whole(count.words()),
                        parts.words()
                                .plans()
                                .seconds(planned.get().plan().pieces().get(at).finishedS()),
                        count.sentences(),
                        count.longestSentence(),
                        Math.round(100 * count.dialogueShare()));
    }
}
