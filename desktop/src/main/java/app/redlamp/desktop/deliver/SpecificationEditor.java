package app.redlamp.desktop.deliver;

import app.redlamp.desktop.look.Strings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Where a specification is edited: its document, what is wrong with it, save and cancel. */
final class SpecificationEditor extends VBox {

    /** @param close takes the editor away again */
    SpecificationEditor(SpecificationEdit edit, DeliverModel model, Strings strings, Runnable close) {
        getStyleClass().add("specification-editor");
        Label heading = new Label(strings.say("specification.heading"));
        heading.getStyleClass().add("heading");
        Label explained = new Label(strings.say("specification.explained"));
        explained.setWrapText(true);
        TextArea text = new TextArea();
        text.setId("specification-document");
        text.getStyleClass().add("specification-document");
        text.setAccessibleText(strings.say("specification.heading"));
        text.textProperty().bindBidirectional(edit.document());
        VBox.setVgrow(text, Priority.ALWAYS);
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
            model.choose(saved);
            close.run();
        }));
        Button cancel = new Button(strings.say("specification.cancel"));
        cancel.setId("specification-cancel");
        cancel.setMinWidth(Region.USE_PREF_SIZE);
        cancel.setOnAction(e -> close.run());
        HBox buttons = new HBox(fault, cancel, save);
        buttons.getStyleClass().add("specification-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(heading, explained, text, buttons);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                close.run();
            }
        });
    }

    void focus() {
        lookup("#specification-document").requestFocus();
    }
}
