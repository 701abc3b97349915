package app.redlamp.desktop.brief;

import app.redlamp.core.planning.script.Piece;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** One chapter: its number, its title and its length. */
final class ChapterCell extends ListCell<Integer> {
    private final StationParts<BriefStation.Models> parts;
    private final Label number = new Label();
    private final Label title = new Label();
    private final Label length = new Label();
    private final HBox line;

    ChapterCell(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("list-row");
        number.getStyleClass().add("secondary");
        number.setMinWidth(26);
        title.setMinWidth(0);
        length.getStyleClass().add("secondary");
        length.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        line = Parts.line(number, title, gap, length);
    }

    @Override
    protected void updateItem(Integer index, boolean empty) {
        super.updateItem(index, empty);
        List<Piece> pieces = empty || index == null
                ? List.of()
                : parts.models().brief().script().pieces();
        if (index == null || index >= pieces.size()) {
            setGraphic(null);
            return;
        }
        number.setText(String.valueOf(index + 1));
        title.setText(pieces.get(index).title());
        Optional<Planned> planned = parts.models()
                .brief()
                .planned()
                .filter(p -> index < p.plan().pieces().size());
        length.setText(planned.map(p -> parts.words()
                        .plans()
                        .seconds(p.plan().pieces().get(index).finishedS()))
                .orElse(""));
        setGraphic(line);
    }
}
