package app.redlamp.desktop.shell;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The key that has given a command and is still down. A command is given once, however long its key is held; and where it puts the
 * focus into a text, what the keyboard goes on sending for the same key (its character, its repeats) must not be written there.
 */
final class HeldCommand {
    private KeyCode key;

    /** The key has given a command. */
    void given(KeyCode pressed) {
        key = pressed;
    }

    /** Whether this key has given a command and was not let go since: the keyboard repeats it. */
    boolean isHeld(KeyCode pressed) {
        return pressed == key;
    }

    /** Forgets it: another window may be told that it was let go. */
    void forget() {
        key = null;
    }

    /** A key was let go. */
    void released(KeyCode released) {
        if (released == key) {
            key = null;
        }
    }

    /** Takes an event away from a text where it still belongs to the command; any other key ends that. */
    void keepFromText(KeyEvent event) {
        if (event.getEventType() == KeyEvent.KEY_PRESSED && event.getCode() != key) {
            key = null;
        }
        if (key != null) {
            event.consume();
        }
    }
}
