package app.redlamp.desktop.control;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Typeset;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The right column: verdict, figures, what to do next, caution, source. Scrolls where the window is low. */
public final class ReadingColumn extends ScrollPane {
    private static final double NAME_WIDTH = 96;

    private final Glossary glossary;
    private final VBox content = new VBox();

    public ReadingColumn(Glossary glossary) {
        this.glossary = glossary;
        getStyleClass().add("reading");
        content.getStyleClass().add("reading-content");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    public void show(Reading reading) {
        content.getChildren().clear();
        Label verdict = wrapped(reading.verdict(), "reading-verdict");
        verdict.setId("verdict");
        content.getChildren().add(verdict);
        if (!reading.figures().isEmpty()) {
            content.getChildren().add(figures(reading));
        }
        if (!reading.help().isEmpty()) {
            Region rule = new Region();
            rule.getStyleClass().add("reading-rule");
            content.getChildren().addAll(rule, wrapped(reading.helpTitle(), "reading-heading"));
            reading.help().forEach(h -> content.getChildren().add(card(h)));
        }
        reading.primary().ifPresent(a -> {
            Button button = button(a);
            button.getStyleClass().add("primary");
            button.setMaxWidth(Double.MAX_VALUE);
            content.getChildren().add(button);
        });
        reading.cautions().forEach(c -> content.getChildren().add(wrapped(c, "reading-caution")));
        if (!reading.source().isEmpty()) {
            content.getChildren().add(wrapped(reading.source(), "reading-source"));
        }
    }

    private Node figures(Reading reading) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("reading-figures");
        ColumnConstraints names = new ColumnConstraints(NAME_WIDTH);
        ColumnConstraints values = new ColumnConstraints();
        values.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(names, values);
        for (int row = 0; row < reading.figures().size(); row++) {
            Reading.Figure figure = reading.figures().get(row);
            Label name = wrapped(figure.name(), "figure-name");
            Label value = wrapped(figure.value(), "figure-value");
            glossary.explain(name, figure.term());
            GridPane.setValignment(name, VPos.TOP);
            GridPane.setHalignment(value, HPos.LEFT);
            grid.addRow(row, name, value);
        }
        return grid;
    }

    private static Node card(Reading.Help help) {
        VBox words = new VBox(wrapped(help.title(), "card-title"));
        if (!help.detail().isEmpty()) {
            words.getChildren().add(wrapped(help.detail(), "card-detail"));
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox card = new HBox(words);
        card.getStyleClass().add("card");
        help.action().ifPresent(a -> {
            Button button = button(a);
            button.getStyleClass().add("card-action");
            button.setMinWidth(Region.USE_PREF_SIZE);
            card.getChildren().add(button);
        });
        return card;
    }

    private static Button button(Reading.Action action) {
        Button button = new Button(action.label());
        button.setId(action.id());
        button.setMnemonicParsing(false);
        button.setOnAction(e -> action.run().run());
        return button;
    }

    private static Label wrapped(String text, String styleClass) {
        Label label = new Label(Typeset.units(text));
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(styleClass);
        return label;
    }
}
