package app.redlamp.desktop.deliver;

import app.redlamp.core.measure.analysis.Report;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.ObjDoubleConsumer;
import javafx.beans.value.ChangeListener;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.ListCell;

/** A cell of the docket; follows the recording that it shows. */
final class DocketCell extends ListCell<DocketRow> {
    private final RowFaces faces;
    private final DocketRowView view;
    private final ChangeListener<RowStatus> onStatus = (o, was, now) -> show();
    private final ChangeListener<OptionalDouble> onPlaying = (o, was, now) -> play();
    private DocketRow shown;

    /** @param onSpot told where a recording's skyline was pressed, as a share of its length */
    DocketCell(
            RowFaces faces,
            Consumer<DocketRow> onAction,
            ObjDoubleConsumer<DocketRow> onSpot,
            Function<DocketRow, ContextMenu> menu) {
        this.faces = faces;
        setOnContextMenuRequested(e -> {
            if (shown != null) {
                menu.apply(shown).show(this, e.getScreenX(), e.getScreenY());
            }
        });
        view = new DocketRowView(() -> onAction.accept(shown), share -> onSpot.accept(shown, share));
        getStyleClass().add("docket-cell");
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(DocketRow row, boolean empty) {
        super.updateItem(row, empty);
        if (shown != null) {
            shown.status().removeListener(onStatus);
            shown.playingS().removeListener(onPlaying);
        }
        shown = empty ? null : row;
        if (shown == null) {
            setGraphic(null);
            setAccessibleText(null);
        } else {
            shown.status().addListener(onStatus);
            shown.playingS().addListener(onPlaying);
            setGraphic(view);
            show();
        }
    }

    private void show() {
        RowFace face = faces.of(shown);
        view.show(face, share());
        setAccessibleText(face.title() + ", " + face.note());
    }

    private void play() {
        view.play(share());
    }

    private OptionalDouble share() {
        OptionalDouble at = shown.playingS().get();
        double lengthS =
                shown.report().map(Report::info).map(i -> i.durationS()).orElse(0.0);
        return at.isPresent() && lengthS > 0 ? OptionalDouble.of(at.getAsDouble() / lengthS) : OptionalDouble.empty();
    }
}
