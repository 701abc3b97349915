package app.redlamp.desktop.station;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** A key, what it does in a few words, and the doing. */
public record KeyBinding(KeyCombination keys, String meaning, Runnable action) {

    /** A key without any modifier. */
    public static KeyBinding plain(KeyCode key, String meaning, Runnable action) {
        return new KeyBinding(new KeyCodeCombination(key), meaning, action);
    }

    /** A key with the platform's command key, and with shift where that is wanted. */
    public static KeyBinding shortcut(KeyCode key, boolean shift, String meaning, Runnable action) {
        return new KeyBinding(
                shift
                        ? new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN)
                        : new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN),
                meaning,
                action);
    }
}
