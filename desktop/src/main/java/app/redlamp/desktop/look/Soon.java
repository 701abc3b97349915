package app.redlamp.desktop.look;

import javafx.application.Platform;

/**
 * Something that is done on the interface thread soon after it was asked for, once for all that asked meanwhile: three
 * hundred results may arrive in a second. Ask on the interface thread only.
 */
public final class Soon {
    private final Runnable action;
    private boolean asked;

    public Soon(Runnable action) {
        this.action = action;
    }

    public void ask() {
        if (!asked) {
            asked = true;
            Platform.runLater(() -> {
                asked = false;
                action.run();
            });
        }
    }
}
