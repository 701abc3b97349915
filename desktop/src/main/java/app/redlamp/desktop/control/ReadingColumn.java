package app.redlamp.desktop.control;

import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Typeset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The right column: verdict, figures, what to do next, caution, source. Scrolls where the window is low. */
public final class ReadingColumn extends ScrollPane {
    private static final PseudoClass GRAVE = PseudoClass.getPseudoClass("grave");

    private final VBox content = new VBox();
    private final Label verdict = wrapped("", "reading-verdict");
    private final FigureGrid figures;
    private final FigureGrid folded;
    private final List<HelpCard> cards = new ArrayList<>();
    private Runnable built = () -> {};
    private Optional<Reading> shown = Optional.empty();
    private boolean unfolded;
    private boolean explaining;

    public ReadingColumn(Glossary glossary) {
        figures = new FigureGrid(glossary);
        folded = new FigureGrid(glossary);
        verdict.setId("verdict");
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

    /** Shows a reading. While somebody drags it comes many times a second: only what has changed is built anew. */
    public void show(Reading reading) {
        boolean other = shown.filter(was -> alike(was, reading)).isEmpty();
        if (other) {
            build(reading);
        }
        shown = Optional.of(reading);
        verdict.setText(Typeset.units(reading.verdict()));
        figures.show(reading.figures());
        for (int i = 0; i < cards.size(); i++) {
            cards.get(i).show(reading.help().get(i));
        }
        if (unfolded) {
            folded.show(reading.more().figures());
        }
        if (other) {
            built.run();
        }
    }

    /** Told whenever what can be pressed in it is other than before. */
    public void whenBuilt(Runnable then) {
        built = then;
    }

    /** Says below each figure how it is computed and by what, or no longer. */
    public void explain() {
        explaining = !explaining;
        figures.explain(explaining);
        folded.explain(explaining);
    }

    /** Whether the same nodes can show both: what can be pressed in the recording, and what is rare, is always built anew. */
    private boolean alike(Reading was, Reading now) {
        boolean cardsFit = now.help().size() == cards.size();
        for (int i = 0; cardsFit && i < cards.size(); i++) {
            cardsFit = cards.get(i).takes(now.help().get(i));
        }
        return cardsFit
                && was.figures().isEmpty() == now.figures().isEmpty()
                && was.helpTitle().equals(now.helpTitle())
                && was.primary().isEmpty()
                && now.primary().isEmpty()
                && was.heard().isEmpty()
                && now.heard().isEmpty()
                && was.more().title().equals(now.more().title())
                && was.more().heard().isEmpty()
                && now.more().heard().isEmpty()
                && was.cautions().equals(now.cautions())
                && was.source().equals(now.source());
    }

    private void build(Reading reading) {
        List<Node> parts = new ArrayList<>();
        cards.clear();
        figures.setManaged(!reading.figures().isEmpty());
        figures.setVisible(!reading.figures().isEmpty());
        parts.add(verdict);
        parts.add(figures);
        if (!reading.help().isEmpty()) {
            parts.add(rule());
            parts.add(wrapped(reading.helpTitle(), "reading-heading"));
            reading.help().forEach(h -> cards.add(new HelpCard(h)));
            parts.addAll(cards);
        }
        reading.primary().ifPresent(a -> {
            Button button = button(a);
            button.getStyleClass().add("primary");
            button.setMaxWidth(Double.MAX_VALUE);
            parts.add(button);
        });
        if (!reading.heard().isEmpty()) {
            parts.add(rule());
            parts.add(wrapped(reading.heardTitle(), "reading-heading"));
            reading.heard().forEach(h -> parts.add(heard(h)));
        }
        if (!reading.more().title().isEmpty()) {
            parts.add(more(reading.more()));
        }
        reading.cautions().forEach(c -> parts.add(wrapped(c, "reading-caution")));
        if (!reading.source().isEmpty()) {
            parts.add(wrapped(reading.source(), "reading-source"));
        }
        content.getChildren().clear();
        Gradual.fill(content, parts.toArray(Node[]::new));
    }

    private static Region rule() {
        Region rule = new Region();
        rule.getStyleClass().add("reading-rule");
        return rule;
    }

    /** A sentence, and the places where it can be heard. */
    private static Node heard(Reading.Remark heard) {
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

    /** Folded until it is asked for, and as the user left it from one recording to the next. What is folded is not filled. */
    private Node more(Reading.More more) {
        VBox inside = new VBox();
        inside.getStyleClass().add("reading-more-content");
        more.heard().forEach(h -> inside.getChildren().add(heard(h)));
        inside.getChildren().add(folded);
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
        fold.selectedProperty().addListener((o, was, now) -> {
            unfolded = now;
            shown.ifPresent(r -> folded.show(now ? r.more().figures() : List.of()));
        });
        inside.visibleProperty().bind(fold.selectedProperty());
        inside.managedProperty().bind(fold.selectedProperty());
        return new VBox(fold, inside);
    }

    static Button button(Reading.Action action) {
        Button button = new Button(action.label());
        button.setId(action.id());
        button.setMnemonicParsing(false);
        button.setOnAction(e -> action.run().run());
        return button;
    }

    static Label wrapped(String text, String styleClass) {
        Label label = new Label(Typeset.units(text));
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(styleClass);
        return label;
    }
}
