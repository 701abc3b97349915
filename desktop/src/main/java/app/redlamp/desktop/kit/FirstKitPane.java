package app.redlamp.desktop.kit;

import app.redlamp.core.chain.kit.Kit;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What is there before there is a kit: what comes into question for this job, and kits that were kept. */
final class FirstKitPane extends VBox {

    FirstKitPane(StationParts<KitStation.Models> parts) {
        getStyleClass().add("start");
        boolean any = parts.models().kit().openProduction().production().get() != null;
        getChildren()
                .addAll(
                        parts.bench().heading("kit.first.heading"),
                        Parts.wrapped(parts.say(any ? "kit.first.what" : "kit.first.production"), "order-value"));
        if (any) {
            FlowPane kept = Parts.wrapping();
            for (Kit kit : parts.models().shelf().kept()) {
                Button button = new Button(kit.name());
                button.setId("kept-" + kit.id());
                button.getStyleClass().add("start-kind");
                button.setOnAction(e -> parts.models().kit().change("edit.kit", k -> k.with(kit)));
                kept.getChildren().add(button);
            }
            getChildren().addAll(kept, new ChoiceTable(parts, () -> {}));
            parts.models().kit().choose();
        }
    }
}
