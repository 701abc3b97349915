package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.desktop.station.StationParts;
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

    private final StationParts<RoomStation.Models> parts;
    private final GridPane grid = new GridPane();
    private final Map<String, Label> reasons = new HashMap<>();
    /** Held here, because the model only knows it weakly: panes come and go. */
    private final ChangeListener<List<Ranking>> told = (o, was, now) -> tell(now);

    FirstPlacePane(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("start");
        grid.getStyleClass().addAll("room-grid", "first-grid");
        boolean any = parts.models().room().openProduction().production().get() != null;
        Label what = new Label(parts.strings().say(any ? "first.what" : "first.production"));
        what.setWrapText(true);
        what.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(parts.bench().heading("first.heading"), what);
        if (any) {
            List<Spot> all = new ArrayList<>(parts.models().shelf().presets());
            parts.models().shelf().presets().forEach(s -> row(s, "first-"));
            parts.models().shelf().kept().forEach(s -> row(s, "kept-"));
            all.addAll(parts.models().shelf().kept());
            getChildren().add(grid);
            parts.models().room().offers().addListener(new WeakChangeListener<>(told));
            parts.models().room().offer(all);
        }
    }

    private void row(Spot spot, String prefix) {
        Button button = new Button(spot.name());
        button.setId(prefix + spot.id());
        button.getStyleClass().add("start-kind");
        button.setMinWidth(NAME_WIDTH);
        button.setOnAction(e -> parts.models().room().add(spot));
        Label size = new Label(parts.words().rooms().size(spot.room().space()));
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
            label.setText(parts.words().rooms().reason(r));
            return label;
        }));
    }
}
