package app.redlamp.desktop.deliver;

import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.station.StationParts;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the bench shows of recordings: the docket, and below it the selected one. */
final class RecordingsPane extends VBox {
    private static final double BESIDE_DOCKET = 236;

    private final DeliverModel model;
    private final Docket docket;
    private final SelectedPanel selected;

    RecordingsPane(StationParts<DeliverStation.Models> parts) {
        model = parts.models().deliver();
        docket = new Docket(parts);
        selected = new SelectedPanel(
                parts.strings(), parts.words().recordings(), parts.models().player());
        getStyleClass().add("recordings-pane");
        Gradual.fill(this, docket, selected);
        VBox.setVgrow(this, Priority.ALWAYS);
        heightProperty().addListener((o, was, now) -> fit());
        model.rows().addListener((ListChangeListener<DocketRow>) c -> fit());
        fit();
    }

    Docket docket() {
        return docket;
    }

    SelectedPanel selected() {
        return selected;
    }

    void refresh() {
        docket.name(model.specification().get());
        selected.show(model.selected().get());
    }

    /** The hills keep their room. */
    private void fit() {
        docket.fit(getHeight() - BESIDE_DOCKET);
    }

    /** What has the focus while one goes through the recordings. */
    Node list() {
        return docket.list();
    }
}
