package app.redlamp.desktop.brief;

import app.redlamp.core.text.Figures;
import app.redlamp.core.text.OrderWording;
import app.redlamp.core.text.PlanWording;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.text.NumberFormat;
import java.text.ParseException;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** What every part of the bench needs, and the small things that they are made of. */
record BriefParts(
        BriefModel model,
        Strings strings,
        PlanWording plans,
        OrderWording orders,
        Figures figures,
        Glossary glossary,
        BriefStation.Doors doors) {

    static BriefParts of(BriefModel model, Strings strings, Locale locale, BriefStation.Doors doors) {
        return new BriefParts(
                model,
                strings,
                new PlanWording(locale),
                new OrderWording(locale),
                new Figures(locale),
                new Glossary(strings),
                doors);
    }

    Label heading(String key) {
        Label heading = new Label(strings.say(key));
        heading.getStyleClass().add("heading");
        heading.setMinWidth(Region.USE_PREF_SIZE);
        return heading;
    }

    /** A name in front of a field. */
    Label name(String key, String term) {
        Label name = new Label(strings.say(key));
        name.getStyleClass().add("field-name");
        name.setMinWidth(Region.USE_PREF_SIZE);
        glossary.explain(name, term);
        return name;
    }

    Button button(String id, String key, Runnable action) {
        Button button = new Button(strings.say(key));
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("desk-line");
        return line;
    }

    /** A line that goes on below where it is too long. */
    static FlowPane wrapping(Node... nodes) {
        FlowPane line = new FlowPane(nodes);
        line.getStyleClass().add("desk-flow");
        return line;
    }

    /**
     * A number as people write it here.
     *
     * @throws IllegalArgumentException with one line, where it is none
     */
    double number(String written) {
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
    String plain(double value) {
        return value == Math.rint(value) ? figures.whole(value) : figures.tenths(value);
    }
}
