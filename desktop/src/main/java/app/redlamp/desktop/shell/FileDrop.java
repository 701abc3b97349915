package app.redlamp.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Takes files that are dragged onto a node; while they hover, the node has the state {@code dropping}. */
final class FileDrop {
    static final PseudoClass DROPPING = PseudoClass.getPseudoClass("dropping");

    private final Node target;
    private final Consumer<List<Path>> taker;

    FileDrop(Node target, Consumer<List<Path>> taker) {
        this.target = target;
        this.taker = taker;
        target.setOnDragOver(this::over);
        target.setOnDragDropped(this::dropped);
        target.setOnDragExited(e -> target.pseudoClassStateChanged(DROPPING, false));
    }

    void over(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
            target.pseudoClassStateChanged(DROPPING, true);
        }
        event.consume();
    }

    void dropped(DragEvent event) {
        List<File> files = event.getDragboard().getFiles();
        boolean any = files != null && !files.isEmpty();
        if (any) {
            taker.accept(files.stream().map(File::toPath).toList());
        }
        target.pseudoClassStateChanged(DROPPING, false);
        event.setDropCompleted(any);
        event.consume();
    }
}
