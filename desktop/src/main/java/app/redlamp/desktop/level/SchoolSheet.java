package app.redlamp.desktop.level;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.desktop.bench.Desk;
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
final class SchoolSheet extends VBox implements Desk.Sheet<LevelParts> {
    private final LevelParts parts;
    private final Map<GainSchool, RadioButton> buttons = new EnumMap<>(GainSchool.class);

    SchoolSheet(LevelParts parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("room-grid");
        ToggleGroup group = new ToggleGroup();
        int row = 0;
        for (GainSchool school : GainSchool.values()) {
            RadioButton button = new RadioButton(parts.words().school(school));
            button.setId("school-" + school.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> parts.model().choose(school));
            buttons.put(school, button);
            Label gives = LevelParts.wrapped(
                    parts.say("school.gives." + school.name().toLowerCase(Locale.ROOT)), "order-source");
            Label why = LevelParts.label(parts.words().schoolWhy(school), "order-value");
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
    public void show(LevelParts now) {
        setDisable(parts.model().school().isEmpty());
        parts.model().school().ifPresent(s -> buttons.get(s).setSelected(true));
    }
}
