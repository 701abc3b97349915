package app.redlamp.desktop.shell;

import javafx.scene.input.KeyCombination;

/** A key, what it does in a few words, and the doing. */
public record KeyBinding(KeyCombination keys, String meaning, Runnable action) {}
