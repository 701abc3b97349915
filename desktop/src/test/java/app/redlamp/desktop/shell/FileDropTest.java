package app.redlamp.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.Test;

class FileDropTest {
    private final Pane page = new Pane();
    private final List<Path> taken = new ArrayList<>();
    private final FileDrop drop = new FileDrop(page, taken::addAll);
    private final DragEvent event = mock(DragEvent.class);
    private final Dragboard board = mock(Dragboard.class);

    FileDropTest() {
        when(event.getDragboard()).thenReturn(board);
    }

    @Test
    void filesAreTakenInTheirOrder() {
        when(board.hasFiles()).thenReturn(true);
        when(board.getFiles()).thenReturn(List.of(new File("/a/2.wav"), new File("/a/1.wav")));
        drop.over(event);
        verify(event).acceptTransferModes(TransferMode.COPY);
        assertThat(page.getPseudoClassStates()).contains(FileDrop.DROPPING);
        drop.dropped(event);
        verify(event).setDropCompleted(true);
        assertThat(taken).containsExactly(Path.of("/a/2.wav"), Path.of("/a/1.wav"));
        assertThat(page.getPseudoClassStates()).doesNotContain(FileDrop.DROPPING);
    }

    @Test
    void whatIsNoFileIsLeftAlone() {
        drop.over(event);
        verify(event, never()).acceptTransferModes(TransferMode.COPY);
        drop.dropped(event);
        verify(event).setDropCompleted(false);
        assertThat(taken).isEmpty();
    }
}
