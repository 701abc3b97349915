package app.redlamp.desktop.control;

import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;

/** One of a few views or ways to choose from, underlined while chosen. */
public final class ChoiceButton extends ToggleButton {
    public ChoiceButton(String id, String words) {
        super(words);
        setId(id);
        getStyleClass().add("choice");
        setMinWidth(Region.USE_PREF_SIZE);
    }
}
