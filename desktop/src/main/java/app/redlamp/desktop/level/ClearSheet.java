package app.redlamp.desktop.level;

import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.verdict.Problem;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.LampGlyph;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.VerdictWording;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What stands between here and the lamp: each guard with its answer; whoever knows better overrules it with a reason. */
final class ClearSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private final StationParts<LevelStation.Models> parts;
    private final Clearance clearance;
    private final GridPane grid = new GridPane();
    private final Label fault = Parts.wrapped("", "specification-fault");
    private final VerdictWording verdicts;
    private List<Clearance.Row> shown = List.of();

    ClearSheet(StationParts<LevelStation.Models> parts, Clearance clearance) {
        this.parts = parts;
        this.clearance = clearance;
        verdicts = new VerdictWording(parts.bench().strings().locale());
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        getChildren().addAll(Parts.wrapped(parts.say("clear.what"), "order-value"), grid, fault);
        clearance.now().addListener((o, was, now) -> show(parts));
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        List<Clearance.Row> rows = clearance.now().get().rows();
        if (rows.equals(shown)) {
            return;
        }
        shown = rows;
        grid.getChildren().clear();
        for (int i = 0; i < rows.size(); i++) {
            row(i, rows.get(i));
        }
    }

    private void row(int index, Clearance.Row row) {
        Overrule.Station id = row.guard().id();
        LampGlyph lamp = new LampGlyph();
        lamp.setState(row.clear() ? LampState.LIT : row.standing().lamp());
        Label name = Parts.label(row.guard().station().name(), "level-part");
        name.setMinWidth(Region.USE_PREF_SIZE);
        if (row.overrule().isPresent()) {
            Button trust = parts.bench()
                    .button(
                            "trust-" + id.id(),
                            "clear.trust",
                            () -> parts.models().cards().trust(id));
            grid.addRow(
                    index,
                    lamp,
                    name,
                    Parts.wrapped(parts.say("clear.reason", row.overrule().get().reason()), "order-value"),
                    new Region(),
                    trust);
            return;
        }
        Label answer = Parts.wrapped(
                row.standing().first().isBlank()
                        ? row.standing().answer()
                        : parts.say(
                                "clear.answer",
                                row.standing().answer(),
                                row.standing().first()),
                "order-value");
        if (row.clear()) {
            GridPane.setHgrow(answer, Priority.ALWAYS);
            grid.addRow(index, lamp, name, answer);
            return;
        }
        VBox told = new VBox(answer);
        GridPane.setHgrow(told, Priority.ALWAYS);
        row.standing()
                .verdict()
                .first()
                .ifPresent(p -> told.getChildren()
                        .add(Parts.wrapped(
                                parts.say(
                                        "clear.cost",
                                        verdicts.cost(p.cost()),
                                        p.mends().stream().map(verdicts::mend).collect(Collectors.joining(", "))),
                                "order-source")));
        TextField reason = new TextField();
        reason.setId("reason-" + id.id());
        reason.setPromptText(parts.say("clear.prompt"));
        reason.setAccessibleText(parts.say("clear.prompt"));
        reason.setMinWidth(120);
        reason.setPrefWidth(240);
        reason.setOnAction(e -> overrule(row, reason));
        Button button = parts.bench().button("overrule-" + id.id(), "clear.overrule", () -> overrule(row, reason));
        grid.addRow(index, lamp, name, told, reason, button);
    }

    private void overrule(Clearance.Row row, TextField reason) {
        try {
            fault.setText("");
            parts.models()
                    .cards()
                    .overrule(
                            row.guard().id(),
                            reason.getText(),
                            row.standing().verdict().holding().stream()
                                    .map(Problem::id)
                                    .toList());
        } catch (IllegalArgumentException e) {
            fault.setText(e.getMessage());
        }
    }
}
