package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** All places, the best for this job first, each with its reason; the one that is recorded in is chosen here. */
final class PlacesSheet extends VBox implements Desk.Sheet<Study> {
    private static final double NAME = 210;

    private final StationParts<RoomStation.Models> parts;
    private final GridPane grid = new GridPane();
    private final CommitField name;

    PlacesSheet(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        name = new CommitField(
                        "place-name",
                        parts.strings().say("places.name"),
                        () -> parts.models().room().spot().get().name(),
                        w -> parts.models().room().editSpot("edit.place.name", s -> s.called(w.strip())))
                .wide(NAME);
        getChildren()
                .addAll(
                        Parts.wrapping(
                                add(),
                                parts.bench()
                                        .button(
                                                "place-keep",
                                                "places.keep",
                                                () -> parts.models()
                                                        .shelf()
                                                        .keep(parts.models()
                                                                .room()
                                                                .spot()
                                                                .get())),
                                Parts.line(parts.bench().name("places.name", ""), name)),
                        grid);
        parts.models().room().ranking().addListener((o, was, now) -> rows());
        rows();
    }

    private MenuButton add() {
        MenuButton menu = new MenuButton(parts.strings().say("places.add"));
        menu.setId("place-add");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        menu.getItems().add(new MenuItem(""));
        menu.showingProperty().addListener((o, was, now) -> {
            if (now) {
                menu.getItems().clear();
                parts.models().shelf().presets().forEach(s -> menu.getItems().add(item(s)));
                List<Spot> kept = parts.models().shelf().kept();
                if (!kept.isEmpty()) {
                    menu.getItems().add(new SeparatorMenuItem());
                    kept.forEach(s -> menu.getItems().add(item(s)));
                }
            }
        });
        return menu;
    }

    private MenuItem item(Spot spot) {
        MenuItem item = new MenuItem(spot.name());
        item.setOnAction(e -> parts.models().room().add(spot));
        return item;
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        name.refresh();
        rows();
    }

    private void rows() {
        grid.getChildren().clear();
        List<Ranking> all = parts.models().room().ranking().get();
        for (int i = 0; i < all.size(); i++) {
            row(all.get(i), i);
        }
    }

    private void row(Ranking ranking, int row) {
        Spot spot = ranking.study().spot();
        boolean chosen = spot.id().equals(parts.models().room().spots().chosen());
        Label number = new Label(String.valueOf(row + 1));
        number.getStyleClass().add("order-name");
        Label called = new Label(spot.name());
        called.getStyleClass().add("order-name");
        called.setMinWidth(Region.USE_PREF_SIZE);
        Label reason = new Label(parts.words().rooms().reason(ranking));
        reason.getStyleClass().add("order-value");
        reason.setWrapText(true);
        Label known = new Label(parts.strings().say(spot.measured().isPresent() ? "places.measured" : "places.drawn"));
        known.getStyleClass().add("order-source");
        known.setMinWidth(Region.USE_PREF_SIZE);
        Button choose = parts.bench()
                .button(
                        "place-choose-" + (row + 1),
                        chosen ? "places.chosen" : "places.choose",
                        () -> parts.models().room().choose(spot.id()));
        choose.setDisable(chosen);
        Button remove = parts.bench()
                .button(
                        "place-remove-" + (row + 1),
                        "places.remove",
                        () -> parts.models().room().remove(spot.id()));
        grid.addRow(row, number, called, reason, known, choose, remove);
    }
}
