package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is there before there is a place: rooms to begin with, and what each would lack for this job. */
final class FirstPlacePane extends VBox {
    private static final double NAME_WIDTH = 230;

    private final RoomParts parts;
    private final GridPane grid = new GridPane();
    private final Map<String, Label> reasons = new HashMap<>();
    /** Held here, because the model only knows it weakly: panes come and go. */
    private final ChangeListener<List<Ranking>> told = (o, was, now) -> tell(now);

    FirstPlacePane(RoomParts parts) {
        this.parts = parts;
        getStyleClass().add("start");
        grid.getStyleClass().addAll("room-grid", "first-grid");
        boolean any = parts.model().open().production().get() != null;
        Label what = new Label(parts.strings().say(any ? "first.what" : "first.production"));
        what.setWrapText(true);
        what.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(parts.bench().heading("first.heading"), what);
        if (any) {
            List<Spot> all = new ArrayList<>(parts.shelf().presets());
            parts.shelf().presets().forEach(s -> row(s, "first-"));
            parts.shelf().kept().forEach(s -> row(s, "kept-"));
            all.addAll(parts.shelf().kept());
            getChildren().add(grid);
            parts.model().offers().addListener(new WeakChangeListener<>(told));
            parts.model().offer(all);
        }
    }

    private void row(Spot spot, String prefix) {
        Button button = new Button(spot.name());
        button.setId(prefix + spot.id());
        button.getStyleClass().add("start-kind");
        button.setMinWidth(NAME_WIDTH);
        button.setOnAction(e -> parts.model().add(spot));
        Label size = new Label(parts.rooms().size(spot.room().space()));
        size.getStyleClass().add("order-source");
        size.setMinWidth(Region.USE_PREF_SIZE);
        Label reason = new Label();
        reason.getStyleClass().add("order-value");
        reason.setWrapText(true);
        reasons.put(spot.id(), reason);
        grid.addRow(grid.getRowCount(), button, size, reason);
    }

    private void tell(List<Ranking> rankings) {
        rankings.forEach(r -> reasons.computeIfPresent(r.study().spot().id(), (id, label) -> {
            label.setText(parts.rooms().reason(r));
            return label;
        }));
    }
}
