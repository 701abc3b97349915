package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Occurrences;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.control.ListCell;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One paragraph of the script, with pronunciations and voices shown wherever they occur. */
final class BlockCell extends ListCell<Integer> {
    private static final double SIDES = 40;

    private final StationParts<BriefStation.Models> parts;
    private final TextFlow flow = new TextFlow();

    /** A place in the text and what is said about it. */
    private record Mark(int from, int to, String note, boolean voice) {}

    BlockCell(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("list-row");
        flow.prefWidthProperty().bind(widthProperty().subtract(SIDES));
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(Integer index, boolean empty) {
        super.updateItem(index, empty);
        Script script = parts.models().brief().script().script();
        if (empty || index == null || index >= script.text().size()) {
            setGraphic(null);
            return;
        }
        Block block = script.text().blocks().get(index);
        flow.getChildren().clear();
        int at = 0;
        for (Mark mark : marks(block.text(), script)) {
            add(block.text().substring(at, mark.from()), block.isHeading() ? "script-heading" : "script-text");
            add(block.text().substring(mark.from(), mark.to()), mark.voice() ? "script-voice" : "script-said-term");
            if (!mark.note().isEmpty()) {
                add(" [" + mark.note() + "]", "script-note");
            }
            at = mark.to();
        }
        add(block.text().substring(at), block.isHeading() ? "script-heading" : "script-text");
        setGraphic(flow);
    }

    private void add(String words, String style) {
        if (!words.isEmpty()) {
            Text text = new Text(words);
            text.getStyleClass().add(style);
            flow.getChildren().add(text);
        }
    }

    private static List<Mark> marks(String text, Script script) {
        List<Mark> all = new ArrayList<>();
        for (CharacterVoice voice : script.voices()) {
            places(text, voice.name(), voice.voice(), true, all);
        }
        for (Saying saying : script.sayings()) {
            boolean asWritten = saying.said().equals(saying.term());
            places(text, saying.term(), asWritten ? "" : saying.said(), false, all);
        }
        all.sort(Comparator.comparingInt(Mark::from).thenComparing(m -> -m.to()));
        List<Mark> kept = new ArrayList<>();
        int end = 0;
        for (Mark mark : all) {
            if (mark.from() >= end) {
                kept.add(mark);
                end = mark.to();
            }
        }
        return kept;
    }

    private static void places(String text, String term, String note, boolean voice, List<Mark> into) {
        Occurrences.in(text, term).forEach(p -> into.add(new Mark(p.from(), p.to(), note, voice)));
    }
}
