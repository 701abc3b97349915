package app.redlamp.desktop.control;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Typeset;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Figures with their names, line by line. As long as there are as many, only their words change. */
final class FigureGrid extends GridPane {
    private static final double NAME_WIDTH = 96;

    private final Glossary glossary;
    private final List<Label> names = new ArrayList<>();
    private final List<Label> values = new ArrayList<>();

    FigureGrid(Glossary glossary) {
        this.glossary = glossary;
        getStyleClass().add("reading-figures");
        ColumnConstraints first = new ColumnConstraints(NAME_WIDTH);
        ColumnConstraints second = new ColumnConstraints();
        second.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(first, second);
    }

    void show(List<Reading.Figure> figures) {
        while (names.size() > figures.size()) {
            int last = names.size() - 1;
            getChildren().removeAll(names.remove(last), values.remove(last));
        }
        for (int row = 0; row < figures.size(); row++) {
            Reading.Figure figure = figures.get(row);
            if (row == names.size()) {
                names.add(named(figure, row));
                values.add(value(row));
            } else if (!names.get(row).getText().equals(Typeset.units(figure.name()))) {
                // Another figure may have no term: the explanation of the one before must not stay.
                getChildren().remove(names.get(row));
                names.set(row, named(figure, row));
            }
            values.get(row).setText(Typeset.units(figure.value()));
        }
    }

    private Label named(Reading.Figure figure, int row) {
        Label name = ReadingColumn.wrapped(figure.name(), "figure-name");
        GridPane.setValignment(name, VPos.TOP);
        glossary.explain(name, figure.term());
        add(name, 0, row);
        return name;
    }

    private Label value(int row) {
        Label value = ReadingColumn.wrapped("", "figure-value");
        GridPane.setHalignment(value, HPos.LEFT);
        add(value, 1, row);
        return value;
    }
}
