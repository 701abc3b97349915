package app.redlamp.desktop.control;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Typeset;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The right column: verdict, figures, what to do next, caution, source. Scrolls where the window is low. */
public final class ReadingColumn extends ScrollPane {
    private static final double NAME_WIDTH = 96;

    private static final PseudoClass GRAVE = PseudoClass.getPseudoClass("grave");

    private final Glossary glossary;
    private final VBox content = new VBox();
    private boolean unfolded;

    public ReadingColumn(Glossary glossary) {
        this.glossary = glossary;
        getStyleClass().add("reading");
        content.getStyleClass().add("reading-content");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    /** Draws what it scrolls itself: a picture kept of it costs the first picture of the window a tenth of a second. */
    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        skin.getNode().lookupAll(".viewport").forEach(viewport -> viewport.setCache(false));
        return skin;
    }

    public void show(Reading reading) {
        content.getChildren().clear();
        Label verdict = wrapped(reading.verdict(), "reading-verdict");
        verdict.setId("verdict");
        content.getChildren().add(verdict);
        if (!reading.figures().isEmpty()) {
            content.getChildren().add(figures(reading.figures()));
        }
        if (!reading.help().isEmpty()) {
            content.getChildren().addAll(rule(), wrapped(reading.helpTitle(), "reading-heading"));
            reading.help().forEach(h -> content.getChildren().add(card(h)));
        }
        reading.primary().ifPresent(a -> {
            Button button = button(a);
            button.getStyleClass().add("primary");
            button.setMaxWidth(Double.MAX_VALUE);
            content.getChildren().add(button);
        });
        if (!reading.heard().isEmpty()) {
            content.getChildren().add(rule());
            content.getChildren().add(wrapped(reading.heardTitle(), "reading-heading"));
            reading.heard().forEach(h -> content.getChildren().add(heard(h)));
        }
        if (!reading.more().title().isEmpty()) {
            content.getChildren().add(more(reading.more()));
        }
        reading.cautions().forEach(c -> content.getChildren().add(wrapped(c, "reading-caution")));
        if (!reading.source().isEmpty()) {
            content.getChildren().add(wrapped(reading.source(), "reading-source"));
        }
    }

    private static Region rule() {
        Region rule = new Region();
        rule.getStyleClass().add("reading-rule");
        return rule;
    }

    /** A sentence, and the places where it can be heard. */
    private static Node heard(Reading.Heard heard) {
        Label text = wrapped(heard.text(), "heard-text");
        VBox box = new VBox(text);
        box.getStyleClass().add("heard");
        box.pseudoClassStateChanged(GRAVE, heard.grave());
        if (!heard.places().isEmpty()) {
            FlowPane places = new FlowPane();
            places.getStyleClass().add("heard-places");
            for (Reading.Action place : heard.places()) {
                Button button = button(place);
                button.setGraphic(new FontIcon(Feather.PLAY));
                button.getStyleClass().add("heard-place");
                button.setAccessibleText(heard.text() + ", " + place.label());
                places.getChildren().add(button);
            }
            box.getChildren().add(places);
        }
        return box;
    }

    /** Folded until it is asked for, and as the user left it from one recording to the next. */
    private Node more(Reading.More more) {
        VBox folded = new VBox();
        folded.getStyleClass().add("reading-more-content");
        more.heard().forEach(h -> folded.getChildren().add(heard(h)));
        folded.getChildren().add(figures(more.figures()));
        ToggleButton fold = new ToggleButton(more.title());
        fold.setId("more");
        fold.getStyleClass().add("reading-more");
        fold.setMaxWidth(Double.MAX_VALUE);
        fold.setAlignment(Pos.CENTER_LEFT);
        fold.setSelected(unfolded);
        fold.graphicProperty()
                .bind(Bindings.when(fold.selectedProperty())
                        .then(new FontIcon(Feather.CHEVRON_DOWN))
                        .otherwise(new FontIcon(Feather.CHEVRON_RIGHT)));
        fold.selectedProperty().addListener((o, was, now) -> unfolded = now);
        folded.visibleProperty().bind(fold.selectedProperty());
        folded.managedProperty().bind(fold.selectedProperty());
        return new VBox(fold, folded);
    }

    private Node figures(List<Reading.Figure> figures) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("reading-figures");
        ColumnConstraints names = new ColumnConstraints(NAME_WIDTH);
        ColumnConstraints values = new ColumnConstraints();
        values.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(names, values);
        for (int row = 0; row < figures.size(); row++) {
            Reading.Figure figure = figures.get(row);
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
