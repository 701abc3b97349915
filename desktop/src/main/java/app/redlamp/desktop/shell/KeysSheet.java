package app.redlamp.desktop.shell;

import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.KeyBinding;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The keys of the open station, laid over the bench; any way of leaving closes it. */
final class KeysSheet extends StackPane {
    private final GridPane grid = new GridPane();
    private final Strings strings;
    private final Button close;

    KeysSheet(Strings strings) {
        this.strings = strings;
        setId("keys-sheet");
        getStyleClass().add("keys-veil");
        grid.getStyleClass().add("keys-grid");
        Label heading = new Label(strings.say("keys.heading"));
        heading.getStyleClass().add("keys-heading");
        close = new Button(strings.say("keys.close"));
        close.setOnAction(e -> setVisible(false));
        VBox sheet = new VBox(heading, grid, close);
        sheet.getStyleClass().add("keys-sheet");
        sheet.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        getChildren().add(sheet);
        setAlignment(Pos.CENTER);
        setVisible(false);
        setOnMouseClicked(e -> setVisible(false));
    }

    void show(List<KeyBinding> bindings) {
        grid.getChildren().clear();
        for (int row = 0; row < bindings.size(); row++) {
            Label key = new Label(bindings.get(row).keys().getDisplayText());
            key.getStyleClass().add("keys-key");
            key.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(row, key, new Label(bindings.get(row).meaning()));
        }
        Label key = new Label(strings.say("keys.this.key"));
        key.getStyleClass().add("keys-key");
        grid.addRow(bindings.size(), key, new Label(strings.say("keys.this")));
        setVisible(true);
        close.requestFocus();
    }
}
