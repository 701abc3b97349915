package app.redlamp.desktop.kit;

import app.redlamp.core.chain.fit.Mend;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.verdict.Severity;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.KitAdvice;
import app.redlamp.desktop.station.StationParts;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Whether everything fits together: what happens where it does not, what it costs, and a button that mends it. */
final class TogetherSheet extends VBox implements Desk.Sheet<Kit> {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final StationParts<KitStation.Models> parts;
    private final Label verdict = Parts.wrapped("", "order-name");
    private final GridPane grid = new GridPane();

    TogetherSheet(StationParts<KitStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        verdict.setId("fit-verdict");
        ColumnConstraints how = new ColumnConstraints();
        how.setMinWidth(Region.USE_PREF_SIZE);
        ColumnConstraints what = new ColumnConstraints();
        what.setHgrow(Priority.ALWAYS);
        ColumnConstraints cost = new ColumnConstraints(200);
        grid.getColumnConstraints().addAll(how, what, cost);
        getChildren().addAll(verdict, grid);
        parts.models().kit().advice().addListener((o, was, now) -> rows());
        rows();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Kit kit) {
        rows();
    }

    private void rows() {
        grid.getChildren().clear();
        KitAdvice advice = parts.models().kit().advice().get();
        verdict.setText(
                advice == null
                        ? parts.say("kit.counting")
                        : parts.words().fits().verdict(advice.fit()));
        if (advice == null) {
            return;
        }
        int row = 0;
        for (Miss miss : advice.fit().misses()) {
            Label severity = Parts.label(parts.words().fits().severity(miss.severity()), "treat-figure");
            severity.setMinWidth(Region.USE_PREF_SIZE);
            severity.pseudoClassStateChanged(OVER, miss.severity() != Severity.ADVISES);
            grid.addRow(
                    row,
                    severity,
                    Parts.wrapped(
                            parts.words().fits().miss(miss, parts.models().kit().several()), "order-value"),
                    Parts.wrapped(parts.words().fits().cost(miss), "order-source"));
            Optional<Kit> mended = Mend.of(advice.kit(), miss);
            if (mended.isPresent()) {
                grid.add(
                        parts.bench()
                                .button(
                                        "mend-" + row,
                                        "kit.mend",
                                        () -> parts.models().kit().edit("edit.mend", k -> mended.get())),
                        3,
                        row);
            }
            row++;
        }
    }
}
