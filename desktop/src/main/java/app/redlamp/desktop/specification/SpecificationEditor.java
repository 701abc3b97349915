package app.redlamp.desktop.specification;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Where a specification is edited: its fields, or the document that they make; what is wrong; save and cancel. */
public final class SpecificationEditor extends VBox {
    private final SpecificationEdit edit;
    private final Strings strings;
    private final SpecificationForm form;
    private final SpecificationFields fields;
    private final TextArea text = new TextArea();
    private boolean filling;

    /**
     * @param kept takes what was saved
     * @param close takes the editor away again
     */
    public SpecificationEditor(
            SpecificationEdit edit, Consumer<Specification> kept, Strings strings, Glossary glossary, Runnable close) {
        this.edit = edit;
        this.strings = strings;
        form = new SpecificationForm(strings);
        fields = new SpecificationFields(form, strings, glossary);
        getStyleClass().add("specification-editor");
        Label explained = new Label(strings.say("specification.explained"));
        explained.setWrapText(true);
        explained.setMinHeight(Region.USE_PREF_SIZE);
        text.setId("specification-document");
        text.getStyleClass().add("specification-document");
        text.setAccessibleText(strings.say("specification.heading"));
        text.textProperty().bindBidirectional(edit.document());
        form.onChange(this::filledIn);
        getChildren().addAll(heading(), explained, fields, buttons(kept, close));
        showFields();
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                close.run();
            }
        });
    }

    public void focus() {
        fields.focus();
    }

    private HBox heading() {
        Label heading = new Label(strings.say("specification.heading"));
        heading.getStyleClass().add("heading");
        ToggleButton byFields = new ChoiceButton("specification-by-fields", strings.say("specification.fields"));
        ToggleButton byDocument = new ChoiceButton("specification-by-document", strings.say("specification.document"));
        ToggleGroup either = new ToggleGroup();
        either.getToggles().addAll(byFields, byDocument);
        byFields.setSelected(true);
        // What is wrong must be put right where it is wrong.
        byFields.disableProperty().bind(edit.fault().isNotEmpty().and(byDocument.selectedProperty()));
        byDocument.disableProperty().bind(edit.fault().isNotEmpty().and(byFields.selectedProperty()));
        either.selectedToggleProperty().addListener((o, was, now) -> {
            if (now == null) {
                was.setSelected(true);
            } else if (now == byFields) {
                showFields();
            } else {
                show(text);
            }
        });
        HBox line = new HBox(heading, byFields, byDocument);
        line.getStyleClass().add("docket-header");
        return line;
    }

    private HBox buttons(Consumer<Specification> kept, Runnable close) {
        Label fault = new Label();
        fault.setId("specification-fault");
        fault.getStyleClass().add("specification-fault");
        fault.setWrapText(true);
        fault.textProperty().bind(edit.fault());
        HBox.setHgrow(fault, Priority.ALWAYS);
        fault.setMaxWidth(Double.MAX_VALUE);
        Button save = new Button(strings.say("specification.save"));
        save.setId("specification-save");
        save.getStyleClass().add("primary");
        save.setMinWidth(Region.USE_PREF_SIZE);
        save.disableProperty().bind(edit.fault().isNotEmpty());
        save.setOnAction(e -> edit.save(saved -> {
            kept.accept(saved);
            close.run();
        }));
        Button cancel = new Button(strings.say("specification.cancel"));
        cancel.setId("specification-cancel");
        cancel.setMinWidth(Region.USE_PREF_SIZE);
        cancel.setOnAction(e -> close.run());
        HBox buttons = new HBox(fault, cancel, save);
        buttons.getStyleClass().add("specification-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        return buttons;
    }

    private void showFields() {
        edit.read().ifPresent(specification -> {
            filling = true;
            form.show(specification);
            filling = false;
        });
        show(fields);
    }

    private void show(Node content) {
        VBox.setVgrow(content, Priority.ALWAYS);
        getChildren().set(2, content);
    }

    private void filledIn() {
        if (filling) {
            return;
        }
        try {
            edit.write(form.read());
        } catch (IllegalArgumentException e) {
            edit.refuse(e.getMessage());
        }
    }
}
