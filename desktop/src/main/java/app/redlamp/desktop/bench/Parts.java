package app.redlamp.desktop.bench;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Figures;
import java.text.NumberFormat;
import java.text.ParseException;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The small things that every bench is made of. */
public record Parts(Strings strings, Figures figures, Glossary glossary) {

    public static Parts of(Strings strings, Locale locale) {
        return new Parts(strings, new Figures(locale), new Glossary(strings));
    }

    public Label heading(String key) {
        Label heading = new Label(strings.say(key));
        heading.getStyleClass().add("heading");
        heading.setMinWidth(Region.USE_PREF_SIZE);
        return heading;
    }

    /** A name in front of a field. */
    public Label name(String key, String term) {
        Label name = new Label(strings.say(key));
        name.getStyleClass().add("field-name");
        name.setMinWidth(Region.USE_PREF_SIZE);
        glossary.explain(name, term);
        return name;
    }

    public Button button(String id, String key, Runnable action) {
        Button button = new Button(strings.say(key));
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    public static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A label that goes on below where it is too long. */
    public static Label wrapped(String text, String style) {
        Label label = label(text, style);
        label.setWrapText(true);
        return label;
    }

    public static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("desk-line");
        return line;
    }

    /** A line that goes on below where it is too long. */
    public static FlowPane wrapping(Node... nodes) {
        FlowPane line = new FlowPane(nodes);
        line.getStyleClass().add("desk-flow");
        return line;
    }

    /**
     * A number as people write it here.
     *
     * @throws IllegalArgumentException with one line, where it is none
     */
    public double number(String written) {
        String text = written.strip().replace('−', '-');
        try {
            return Double.parseDouble(text.replace(',', '.'));
        } catch (NumberFormatException e) {
            return inLanguage(text);
        }
    }

    private double inLanguage(String text) {
        try {
            return NumberFormat.getInstance(strings.locale()).parse(text).doubleValue();
        } catch (ParseException e) {
            throw new IllegalArgumentException(strings.say("entry.number", text), e);
        }
    }

    /** A number without decimals that say nothing. */
    public String plain(double value) {
        return value == Math.rint(value) ? figures.whole(value) : figures.tenths(value);
    }
}
