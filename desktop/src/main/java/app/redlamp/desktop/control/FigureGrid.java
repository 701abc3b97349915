package app.redlamp.desktop.control;

import app.redlamp.core.verdict.FigureId;
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
    private final List<Label> hows = new ArrayList<>();
    private List<Reading.Figure> shown = List.of();
    private boolean explaining;

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
        boolean others = !ids(figures).equals(ids(shown));
        shown = List.copyOf(figures);
        if (explaining && others) {
            showHows();
        }
    }

    /** Says below each figure how it is computed, or no longer. */
    void explain(boolean now) {
        explaining = now;
        showHows();
    }

    private void showHows() {
        getChildren().removeAll(hows);
        hows.clear();
        for (int row = 0; explaining && row < shown.size(); row++) {
            Label how = ReadingColumn.wrapped(glossary.how(shown.get(row).id()), "figure-how");
            add(how, 0, line(row) + 1, 2, 1);
            hows.add(how);
        }
    }

    private static List<FigureId> ids(List<Reading.Figure> figures) {
        return figures.stream().map(Reading.Figure::id).toList();
    }

    /** Between two figures there is a line for how the first is computed. */
    private static int line(int row) {
        return 2 * row;
    }

    private Label named(Reading.Figure figure, int row) {
        Label name = ReadingColumn.wrapped(figure.name(), "figure-name");
        GridPane.setValignment(name, VPos.TOP);
        glossary.explain(name, figure.term(), figure.id());
        add(name, 0, line(row));
        return name;
    }

    private Label value(int row) {
        Label value = ReadingColumn.wrapped("", "figure-value");
        GridPane.setHalignment(value, HPos.LEFT);
        add(value, 1, line(row));
        return value;
    }
}
