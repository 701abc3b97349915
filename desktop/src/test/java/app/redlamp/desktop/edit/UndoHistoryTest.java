package app.redlamp.desktop.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class UndoHistoryTest {
    private final UndoHistory history = new UndoHistory();
    private final List<Integer> list = new ArrayList<>();

    @Test
    void undoAndRedoGoBackAndForth() {
        add(1);
        add(2);
        assertThat(history.undoName().get()).isEqualTo("add 2");
        history.undo();
        assertThat(list).containsExactly(1);
        assertThat(history.redoName().get()).isEqualTo("add 2");
        history.undo();
        assertThat(list).isEmpty();
        history.redo();
        history.redo();
        assertThat(list).containsExactly(1, 2);
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        add(1);
        history.undo();
        add(2);
        history.redo();
        assertThat(list).containsExactly(2);
        assertThat(history.redoName().get()).isEmpty();
    }

    @Test
    void withNothingThereNothingHappens() {
        history.undo();
        history.redo();
        assertThat(history.undoName().get()).isEmpty();
        assertThat(list).isEmpty();
    }

    @Test
    void theOldestEditsAreForgotten() {
        for (int i = 0; i < 500; i++) {
            add(i);
        }
        for (int i = 0; i < 500; i++) {
            history.undo();
        }
        assertThat(list).hasSize(300);
    }

    private void add(int number) {
        history.perform(
                new UndoHistory.Edit("add " + number, () -> list.add(number), () -> list.remove((Integer) number)));
    }
}
