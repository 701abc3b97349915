package app.redlamp.desktop.kit;

import app.redlamp.core.chain.choose.WiringStep;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The kit is put together step by step; what is done is ticked. Ticks are for the hour and are not kept. */
final class WireSheet extends VBox implements Desk.Sheet<Kit> {
    private final StationParts<KitStation.Models> parts;
    private final Label caution;
    private final VBox steps = new VBox();
    private final Set<WiringStep> done = new HashSet<>();
    private List<String> shown = List.of();

    /** @param print writes a table where the user wants it */
    WireSheet(StationParts<KitStation.Models> parts, Consumer<PrintedTable> print) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        steps.getStyleClass().add("kit-steps");
        caution = Parts.wrapped(parts.say("wire.caution"), "reading-caution");
        getChildren()
                .addAll(
                        caution,
                        steps,
                        Parts.line(parts.bench().button("wire-write", "wire.write", () -> print.accept(table()))));
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Kit kit) {
        List<WiringStep> all = WiringStep.of(kit);
        List<String> words =
                parts.words().fits().steps(all, parts.models().kit().several());
        if (words.equals(shown)) {
            return;
        }
        shown = words;
        steps.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            WiringStep step = all.get(i);
            CheckBox box = new CheckBox(parts.say("wire.step", i + 1, words.get(i)));
            box.setId("wire-" + (i + 1));
            box.setWrapText(true);
            box.setMinHeight(Region.USE_PREF_SIZE);
            box.setSelected(done.contains(step));
            box.selectedProperty().addListener((o, was, now) -> {
                if (now) {
                    done.add(step);
                } else {
                    done.remove(step);
                }
            });
            steps.getChildren().add(box);
        }
    }

    private PrintedTable table() {
        List<PrintedTable.Row> rows = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            rows.add(new PrintedTable.Row(List.of(parts.say("wire.step", i + 1, shown.get(i)), "☐")));
        }
        return new PrintedTable(
                parts.say("wire.title", parts.models().kit().kit().get().name()),
                caution.getText(),
                List.of(parts.say("wire.column"), parts.say("wire.done")),
                rows);
    }
}
