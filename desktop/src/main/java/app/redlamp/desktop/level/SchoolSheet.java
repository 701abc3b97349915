package app.redlamp.desktop.level;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Whose window: the schools, with what each gives and what it costs. */
final class SchoolSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private final StationParts<LevelStation.Models> parts;
    private final Map<GainSchool, RadioButton> buttons = new EnumMap<>(GainSchool.class);

    SchoolSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("room-grid");
        ToggleGroup group = new ToggleGroup();
        int row = 0;
        for (GainSchool school : GainSchool.values()) {
            RadioButton button = new RadioButton(parts.words().level().school(school));
            button.setId("school-" + school.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> parts.models().level().choose(school));
            buttons.put(school, button);
            Label gives =
                    Parts.wrapped(parts.say("school.gives." + school.name().toLowerCase(Locale.ROOT)), "order-source");
            Label why = Parts.label(parts.words().level().schoolWhy(school), "order-value");
            why.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(row, button, why, gives);
            row++;
        }
        getChildren().addAll(grid);
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        setDisable(parts.models().level().school().isEmpty());
        parts.models().level().school().ifPresent(s -> buttons.get(s).setSelected(true));
    }
}
