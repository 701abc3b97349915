package app.redlamp.desktop.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** What can be undone and redone, newest first. */
public final class UndoHistory {
    private static final int DEPTH = 200;

    private final Deque<Edit> done = new ArrayDeque<>();
    private final Deque<Edit> undone = new ArrayDeque<>();
    private final ReadOnlyStringWrapper undoName = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoName = new ReadOnlyStringWrapper("");

    /**
     * A change of what the user has set up.
     *
     * @param name what it was, for the button's hint
     */
    public record Edit(String name, Runnable doIt, Runnable undoIt) {}

    /** Does an edit and remembers it; what had been undone is forgotten. */
    public void perform(Edit edit) {
        edit.doIt().run();
        done.push(edit);
        if (done.size() > DEPTH) {
            done.removeLast();
        }
        undone.clear();
        update();
    }

    /** Undoes the newest edit; does nothing where there is none. */
    public void undo() {
        if (!done.isEmpty()) {
            Edit edit = done.pop();
            edit.undoIt().run();
            undone.push(edit);
            update();
        }
    }

    /** Does the edit undone last again; does nothing where there is none. */
    public void redo() {
        if (!undone.isEmpty()) {
            Edit edit = undone.pop();
            edit.doIt().run();
            done.push(edit);
            update();
        }
    }

    /** Forgets everything: what was changed is no longer here. */
    public void forget() {
        done.clear();
        undone.clear();
        update();
    }

    /** Name of what {@link #undo} would undo; empty for nothing. */
    public ReadOnlyStringProperty undoName() {
        return undoName.getReadOnlyProperty();
    }

    /** Name of what {@link #redo} would do; empty for nothing. */
    public ReadOnlyStringProperty redoName() {
        return redoName.getReadOnlyProperty();
    }

    private void update() {
        undoName.set(done.isEmpty() ? "" : done.peek().name());
        redoName.set(undone.isEmpty() ? "" : undone.peek().name());
    }
}
