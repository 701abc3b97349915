package app.redlamp.desktop.specification;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.util.List;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;

/** Rows of named fields, their figures under each other; a field that is wrong has a ring. */
final class FieldGrid extends GridPane {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final double NAME_WIDTH = 104;
    private static final double NUMBER_WIDTH = 66;
    private static final double TO_WIDTH = 16;
    private static final double GAP = 7;

    private final SpecificationForm form;
    private final Strings strings;
    private final Glossary glossary;

    FieldGrid(SpecificationForm form, Strings strings, Glossary glossary) {
        this.form = form;
        this.strings = strings;
        this.glossary = glossary;
        getStyleClass().add("specification-grid");
        ColumnConstraints names = new ColumnConstraints(NAME_WIDTH);
        ColumnConstraints fields = new ColumnConstraints();
        fields.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(names, fields);
    }

    /**
     * Adds a row.
     *
     * @param key name of the field; empty where it belongs to the row above
     * @param term what is said of it where the pointer rests; empty for nothing
     */
    void row(String key, String term, Node field) {
        Label name = new Label(key.isEmpty() ? "" : strings.say(key));
        name.getStyleClass().add("field-name");
        glossary.explain(name, term);
        addRow(getRowCount(), name, field);
    }

    HBox window(SpecificationField low, SpecificationField high, Label unit) {
        Label to = new Label(strings.say("field.to"));
        to.setMinWidth(TO_WIDTH);
        to.setAlignment(Pos.CENTER);
        HBox line = new HBox(GAP, number(low), to, number(high), unit);
        line.getStyleClass().add("field-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    Label unit(String key) {
        return new Label(strings.say(key));
    }

    /** A unit that goes with what is measured; none where nothing is. */
    static <M> Label unit(ObjectProperty<M> measure, Function<M, String> of) {
        Label unit = new Label();
        unit.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> measure.get() == null ? "" : of.apply(measure.get()), measure));
        return unit;
    }

    /** The highest stands under the highest of a window. */
    HBox most(SpecificationField field, String unitKey) {
        return bounded(field, "field.most", unitKey);
    }

    HBox atLeast(SpecificationField field, String unitKey) {
        return bounded(field, "field.at-least", unitKey);
    }

    private HBox bounded(SpecificationField field, String boundKey, String unitKey) {
        Label bound = new Label(strings.say(boundKey));
        bound.setMinWidth(NUMBER_WIDTH + GAP + TO_WIDTH);
        bound.setAlignment(Pos.CENTER_RIGHT);
        HBox line = line(number(field), unitKey);
        line.getChildren().add(0, bound);
        return line;
    }

    HBox least(SpecificationField field, String unitKey) {
        HBox line = line(number(field), "field.least");
        line.getChildren().add(unit(unitKey));
        return line;
    }

    HBox line(Node field, String unitKey) {
        HBox line = new HBox(GAP, field, unit(unitKey));
        line.getStyleClass().add("field-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    static Node off(Node node, ObservableBooleanValue when) {
        node.disableProperty().bind(when);
        return node;
    }

    TextField number(SpecificationField field) {
        TextField written = text(field);
        written.setPrefWidth(NUMBER_WIDTH);
        written.setMaxWidth(NUMBER_WIDTH);
        written.setAlignment(Pos.CENTER_RIGHT);
        return written;
    }

    TextField text(SpecificationField field) {
        TextField written = new TextField();
        written.setId("field-" + field.name());
        written.setMinWidth(NUMBER_WIDTH);
        written.setAccessibleText(strings.say(field.key()));
        written.textProperty().bindBidirectional(form.text(field));
        form.wrong().addListener((o, was, now) -> written.pseudoClassStateChanged(WRONG, now == field));
        return written;
    }

    CheckBox check(String id, String key, BooleanProperty chosen) {
        CheckBox box = new CheckBox(strings.say(key));
        box.setId("field-" + id);
        box.selectedProperty().bindBidirectional(chosen);
        return box;
    }

    static <T> ComboBox<T> choice(ObjectProperty<T> chosen, List<T> values, Function<T, String> name) {
        ComboBox<T> box = new ComboBox<>();
        box.getItems().setAll(values);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return name.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException(text);
            }
        });
        box.valueProperty().bindBidirectional(chosen);
        return box;
    }
}
