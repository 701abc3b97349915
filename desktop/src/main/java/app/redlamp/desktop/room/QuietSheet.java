package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.WeekView;
import app.redlamp.desktop.station.StationParts;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The week in half hours: when it is quiet enough for this job, to be handed to the Brief's calendar. */
final class QuietSheet extends VBox implements Desk.Sheet<Study> {
    private final StationParts<RoomStation.Models> parts;
    private final RoomPictures pictures;
    private final WeekView week = new WeekView();
    private final Label line = new Label();
    private final Button hand;
    private Optional<Study> shown = Optional.empty();

    QuietSheet(StationParts<RoomStation.Models> parts, RoomPictures pictures) {
        this.parts = parts;
        this.pictures = pictures;
        getStyleClass().add("desk-sheet");
        week.setId("room-week");
        line.setId("room-week-line");
        line.getStyleClass().add("secondary");
        line.setMinWidth(0);
        hand = parts.bench()
                .button("room-hand-hours", "quiet.hand", parts.models().quiet()::handOn);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = Parts.line(line, gap, hand);
        VBox.setVgrow(week, Priority.ALWAYS);
        getChildren().addAll(head, week);
        week.onChoose(this::say);
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        shown = Optional.of(study);
        boolean known = study.week().isPresent();
        week.setVisible(known);
        week.show(known ? Optional.of(pictures.week(study)) : Optional.empty());
        int days = parts.models().quiet().stretches().size();
        boolean handed = parts.models().quiet().handedOn();
        hand.setDisable(days == 0 || handed);
        hand.setText(parts.strings().say(handed ? "quiet.handed" : "quiet.hand"));
        String limit = parts.bench().figures().whole(study.wanted().noiseDbA());
        line.setText(
                !known
                        ? parts.strings().say("quiet.unknown")
                        : days == 0
                                ? parts.strings().say("quiet.none", limit)
                                : parts.strings().say("quiet.line", limit, String.valueOf(days)));
        week.setAccessibleText(line.getText());
    }

    private void say(WeekView.Chosen chosen) {
        shown.flatMap(Study::week).ifPresent(w -> {
            DayOfWeek day = DayOfWeek.of(chosen.day() + 1);
            LocalTime from = LocalTime.MIDNIGHT.plusMinutes((long) chosen.slot() * WeekNoise.SLOT_MIN);
            line.setText(parts.strings()
                    .say(
                            "quiet.at",
                            pictures.day(day),
                            from,
                            from.plusMinutes(WeekNoise.SLOT_MIN),
                            parts.bench().figures().whole(w.at(day, chosen.slot())),
                            parts.bench()
                                    .figures()
                                    .whole(Math.max(
                                            0,
                                            w.spectrum(shown.get().spot().sources(), day, chosen.slot())
                                                    .noiseRating()))));
        });
    }
}
