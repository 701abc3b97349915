package app.redlamp.desktop.room;

import app.redlamp.core.spot.Spot;
import app.redlamp.desktop.bench.Parts;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is there before there is a place: rooms to begin with. */
final class FirstPlacePane extends VBox {

    FirstPlacePane(RoomParts parts) {
        getStyleClass().add("start");
        boolean any = parts.model().open().production().get() != null;
        getChildren().add(parts.bench().heading("first.heading"));
        Label what = new Label(parts.strings().say(any ? "first.what" : "first.production"));
        what.setWrapText(true);
        what.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().add(what);
        if (any) {
            FlowPane presets = Parts.wrapping();
            presets.getStyleClass().add("start-kinds");
            parts.shelf().presets().forEach(p -> presets.getChildren().add(place(parts, p, "first-")));
            getChildren().add(presets);
            if (!parts.shelf().kept().isEmpty()) {
                FlowPane kept = Parts.wrapping();
                kept.getStyleClass().add("start-kinds");
                parts.shelf().kept().forEach(p -> kept.getChildren().add(place(parts, p, "kept-")));
                getChildren().addAll(parts.bench().heading("first.kept"), kept);
            }
        }
    }

    private static Button place(RoomParts parts, Spot spot, String prefix) {
        Button button =
                new Button(spot.name() + "\n" + parts.rooms().size(spot.room().space()));
        button.setId(prefix + spot.id());
        button.getStyleClass().add("start-kind");
        button.setOnAction(e -> parts.model().add(spot));
        return button;
    }
}
