package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.Mention;
import app.redlamp.core.planning.script.Script;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** One word to decide: what it is, how often it stands there, and how it is said. */
final class MentionCell extends ListCell<Mention> {
    private final StationParts<BriefStation.Models> parts;
    private final Label term = new Label();
    private final Label kind = new Label();
    private final Label said = new Label();
    private final HBox line;

    MentionCell(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("list-row");
        kind.getStyleClass().add("secondary");
        said.getStyleClass().add("order-quote");
        term.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        line = Parts.line(term, kind, gap, said);
    }

    @Override
    protected void updateItem(Mention mention, boolean empty) {
        super.updateItem(mention, empty);
        if (empty || mention == null) {
            setGraphic(null);
            return;
        }
        term.setText(mention.term());
        kind.setText(parts.strings().say("mention." + mention.kind().name().toLowerCase(Locale.ROOT), mention.count()));
        Script script = parts.models().brief().script().script();
        String saying = script.sayings().stream()
                .filter(s -> s.term().equals(mention.term()))
                .map(s -> s.said())
                .findFirst()
                .orElse("");
        String voice = script.voices().stream()
                .filter(v -> v.name().equals(mention.term()))
                .map(v -> v.voice())
                .findFirst()
                .orElse("");
        said.setText(saying + (saying.isEmpty() || voice.isEmpty() ? "" : "  ·  ") + voice);
        setGraphic(line);
    }
}
