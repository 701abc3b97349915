package app.redlamp.desktop.control;

import app.redlamp.desktop.look.Typeset;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One thing that would help, with a button where the application can do it. */
final class HelpCard extends HBox {
    private final Label title = ReadingColumn.wrapped("", "card-title");
    private final Label detail = ReadingColumn.wrapped("", "card-detail");
    private final Optional<Button> button;

    HelpCard(Reading.Help help) {
        VBox words = new VBox(title);
        if (!help.detail().isEmpty()) {
            words.getChildren().add(detail);
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().add(words);
        getStyleClass().add("card");
        button = help.action().map(a -> {
            Button made = ReadingColumn.button(a);
            made.getStyleClass().add("card-action");
            made.setMinWidth(Region.USE_PREF_SIZE);
            return made;
        });
        button.ifPresent(getChildren()::add);
        show(help);
    }

    /** Whether it can show another without being built anew. */
    boolean takes(Reading.Help help) {
        String id = button.map(Button::getId).orElse("");
        return help.detail().isEmpty() == detail.getText().isEmpty()
                && id.equals(help.action().map(Reading.Action::id).orElse(""));
    }

    void show(Reading.Help help) {
        title.setText(Typeset.units(help.title()));
        detail.setText(Typeset.units(help.detail()));
        button.ifPresent(b -> help.action().ifPresent(a -> {
            b.setText(a.label());
            b.setOnAction(e -> a.run().run());
        }));
    }
}
