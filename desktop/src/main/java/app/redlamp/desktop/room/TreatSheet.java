package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The worst first: what to hang up, in the order of what it brings for its money, and what each step does in every octave and to
 * the loudest echo. Where a step leaves an octave as it was, the table says so.
 */
final class TreatSheet extends VBox implements Desk.Sheet<Study> {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final double SAME = 0.97;

    private final StationParts<RoomStation.Models> parts;
    private final GridPane grid = new GridPane();
    private final Label line = new Label();

    TreatSheet(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        line.getStyleClass().add("secondary");
        line.setWrapText(true);
        line.setMinHeight(Region.USE_PREF_SIZE);
        line.setId("treat-line");
        getChildren().addAll(grid, line);
        parts.models().room().advice().addListener((o, was, now) -> rows());
        rows();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        rows();
    }

    private void rows() {
        Advice advice = parts.models().room().advice().get();
        grid.getChildren().clear();
        if (advice == null) {
            line.setText("");
            return;
        }
        List<TreatmentStep> steps = advice.steps();
        if (steps.isEmpty()) {
            line.setText(parts.strings().say(advice.study().tooLong().isEmpty() ? "treat.nothing" : "treat.helpless"));
            return;
        }
        head();
        Study study = advice.study();
        row(
                1,
                parts.strings().say("treat.now"),
                "",
                Optional.empty(),
                study.decay().seconds(),
                study,
                study.reflections());
        double sum = 0;
        for (int i = 0; i < steps.size(); i++) {
            TreatmentStep step = steps.get(i);
            sum += step.price();
            row(
                    i + 2,
                    parts.words().rooms().step(step),
                    parts.bench().plain(sum),
                    Optional.of(step.before()),
                    step.after(),
                    study,
                    step.echoesAfter());
            grid.add(buttons(steps, i), 10, i + 2);
        }
        line.setText(parts.strings().say("treat.line"));
    }

    private void head() {
        grid.add(parts.bench().name("treat.what", ""), 1, 0);
        grid.add(parts.bench().name("treat.sum", ""), 2, 0);
        for (int b = 0; b < SixBands.COUNT; b++) {
            grid.add(secondary(RoomPictures.shortName(b)), 3 + b, 0);
        }
        grid.add(parts.bench().name("treat.echo", "reflection"), 9, 0);
    }

    private void row(
            int row,
            String what,
            String sum,
            Optional<SixBands> before,
            SixBands after,
            Study study,
            List<Reflection> echoes) {
        if (row > 1) {
            grid.add(secondary(String.valueOf(row - 1)), 0, row);
        }
        Label name = new Label(what);
        name.getStyleClass().add("order-value");
        name.setWrapText(true);
        grid.add(name, 1, row);
        grid.add(secondary(sum), 2, row);
        for (int b = 0; b < SixBands.COUNT; b++) {
            int band = b;
            boolean same = before.map(s -> after.at(band) > SAME * s.at(band)).orElse(false);
            Label seconds = new Label(
                    same
                            ? parts.strings().say("treat.same")
                            : parts.bench().figures().hundredths(after.at(b)));
            seconds.getStyleClass().add("treat-figure");
            seconds.pseudoClassStateChanged(
                    OVER, after.at(b) > study.wanted().decays().at(b));
            seconds.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(seconds, 3 + b, row);
        }
        grid.add(
                secondary(
                        echoes.isEmpty()
                                ? ""
                                : parts.strings()
                                        .say(
                                                "treat.db",
                                                parts.bench()
                                                        .figures()
                                                        .whole(echoes.get(0).levelDb()))),
                9,
                row);
    }

    /** Hangs up all steps up to one: each was counted with those before it. */
    private Button buttons(List<TreatmentStep> steps, int last) {
        Room room = steps.get(last).room();
        return parts.bench()
                .button(
                        "treat-" + (last + 1),
                        last == 0 ? "treat.hang" : "treat.hang.all",
                        () -> parts.models().room().edit("edit.try", r -> room));
    }

    private static Label secondary(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("order-source");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}
