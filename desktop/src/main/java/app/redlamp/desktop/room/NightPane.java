package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.NightView;
import app.redlamp.desktop.production.Hearing;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A night: its level over the hours, what rose out of the quiet, and a name for each thing. */
final class NightPane extends Overlay {
    private static final int TICKS = 7;
    private static final int MOST_GROUPS = 6;
    private static final double NAME = 190;

    private final StationParts<RoomStation.Models> parts;
    private final NightView picture = new NightView();
    private final Label verdict = wrapped("overlay-verdict");
    private final GridPane rows = new GridPane();
    private final Button load;
    private final CommitField begins;

    NightPane(StationParts<RoomStation.Models> parts, Runnable close) {
        super(parts.bench(), "night.heading", close);
        this.parts = parts;
        load = parts.bench()
                .button(
                        "night-load",
                        "night.load",
                        () -> parts.doors()
                                .open(Doors.Kind.RECORDING)
                                .ifPresent(parts.models().listening()::listen));
        begins = new CommitField(
                        "night-begins", parts.strings().say("night.begins"), () -> start().toString(), this::begin)
                .wide(64);
        begins.refresh();
        tool(Parts.line(parts.bench().name("night.begins", ""), begins));
        tool(load);
        verdict.setId("night-verdict");
        picture.setId("night-picture");
        rows.getStyleClass().add("room-grid");
        VBox.setVgrow(picture, Priority.ALWAYS);
        getChildren().addAll(verdict, picture, rows);
        follow(parts.models().listening().diary());
        refresh();
    }

    private void begin(String written) {
        try {
            String time = written.strip();
            parts.models().listening().begins().set(LocalTime.parse(time.length() == 4 ? "0" + time : time));
            refresh();
        } catch (DateTimeParseException e) {
            verdict.setText(parts.strings().say("hours.wrong", written));
        }
    }

    private LocalTime start() {
        return parts.models().listening().begins().get();
    }

    @Override
    public void begin() {
        load.requestFocus();
    }

    @Override
    public void refresh() {
        begins.refresh();
        Hearing.Outcome<Diary> heard = parts.models().listening().diary().get();
        boolean known = heard != null && heard.result().isPresent();
        picture.setVisible(known);
        if (heard == null) {
            verdict.setText(parts.strings().say("night.none"));
        } else if (heard.result().isEmpty()) {
            verdict.setText(parts.strings().say("clap.fault", heard.name(), heard.fault()));
        } else {
            Diary diary = heard.result().get();
            verdict.setText(parts.words().claps().diary(diary));
            picture.show(Optional.of(night(diary)));
            picture.setAccessibleText(verdict.getText());
            groups(diary);
        }
        if (!known) {
            rows.getChildren().clear();
        }
    }

    private NightView.Night night(Diary diary) {
        List<NightView.Row> bars = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST_GROUPS, diary.groups().size()); i++) {
            bars.add(new NightView.Row(
                    String.valueOf(i + 1),
                    diary.groups().get(i).events().stream()
                            .map(e -> new NightView.Bar(e.startS(), e.endS()))
                            .toList()));
        }
        List<String> ticks = new ArrayList<>();
        for (int i = 0; i < TICKS; i++) {
            Duration after = Duration.ofSeconds(Math.round(diary.durationS() * i / (TICKS - 1)));
            ticks.add(start().plus(after).withSecond(0).withNano(0).toString());
        }
        return new NightView.Night(
                diary.levelsDb(), diary.loudestDb(), diary.quietDb(), diary.durationS(), bars, ticks);
    }

    private void groups(Diary diary) {
        rows.getChildren().clear();
        for (int i = 0; i < Math.min(MOST_GROUPS, diary.groups().size()); i++) {
            NoiseGroup group = diary.groups().get(i);
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().add("order-name");
            Label what = new Label(parts.words().claps().group(group));
            what.getStyleClass().add("order-value");
            what.setWrapText(true);
            String[] name = {
                parts.strings()
                        .say(
                                "night.name",
                                parts.strings().say("night.kind." + group.kind().id()))
            };
            CommitField field = new CommitField(
                            "night-name-" + (i + 1),
                            parts.strings().say("night.named"),
                            () -> name[0],
                            w -> name[0] = w.isBlank() ? name[0] : w.strip())
                    .wide(NAME);
            field.refresh();
            Button add = parts.bench()
                    .button(
                            "night-add-" + (i + 1),
                            "night.add",
                            () -> parts.models().listening().add(group, name[0], NightHours.of(group, start())));
            rows.addRow(i, number, what, field, add);
        }
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
