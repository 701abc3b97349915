package app.redlamp.desktop.room;

import app.redlamp.core.chain.compare.Comparison;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.production.Hearing;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The same sentence before and after a change, at equal loudness: voice and noise over frequency, and one sentence. */
final class ComparePane extends Overlay {
    private static final double LOWEST_DB = -95;
    private static final double HIGHEST_DB = -15;
    private static final List<Double> TICKS = List.of(63.0, 125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0, 8000.0);

    private final StationParts<RoomStation.Models> parts;
    private final CurveView picture = new CurveView();
    private final Label verdict = wrapped("overlay-verdict");
    private final Label legend = wrapped("secondary");
    private final GridPane figures = new GridPane();
    private final Button first;
    private Optional<Path> before = Optional.empty();

    ComparePane(StationParts<RoomStation.Models> parts, Runnable close) {
        super(parts.bench(), "compare.heading", close);
        this.parts = parts;
        first = parts.bench().button("compare-load", "compare.load", this::load);
        tool(first);
        verdict.setId("compare-verdict");
        picture.setId("compare-picture");
        picture.getStyleClass().add("room-plan");
        figures.getStyleClass().add("room-grid");
        VBox.setVgrow(picture, Priority.ALWAYS);
        legend.setText(parts.strings().say("compare.legend"));
        getChildren().addAll(verdict, picture, legend, figures);
        follow(parts.models().listening().comparison());
        refresh();
    }

    private void load() {
        before = parts.doors().open(Doors.Kind.RECORDING);
        before.ifPresent(b -> {
            verdict.setText(parts.strings().say("compare.second", String.valueOf(b.getFileName())));
            parts.doors()
                    .open(Doors.Kind.RECORDING)
                    .ifPresent(after -> parts.models().listening().compare(b, after));
        });
    }

    @Override
    public void begin() {
        first.requestFocus();
    }

    @Override
    public void refresh() {
        Hearing.Outcome<Comparison> heard =
                parts.models().listening().comparison().get();
        figures.getChildren().clear();
        legend.setVisible(heard != null && heard.result().isPresent());
        if (heard == null) {
            verdict.setText(parts.strings().say("compare.none"));
            picture.show(Optional.empty());
        } else if (heard.result().isEmpty()) {
            verdict.setText(parts.strings().say("clap.fault", heard.name(), heard.fault()));
            picture.show(Optional.empty());
        } else {
            Comparison c = heard.result().get();
            verdict.setText(parts.words().claps().comparison(c));
            picture.show(Optional.of(curves(c)));
            picture.setAccessibleText(verdict.getText());
            rows(c);
        }
    }

    /** Voice and noise in octaves, before and after. */
    private CurveView.Curves curves(Comparison c) {
        List<Double> hz = new ArrayList<>();
        for (int b = 1; b < OctaveBands.OCTAVES.count() - 1; b++) {
            hz.add(OctaveBands.OCTAVES.centreHz(b));
        }
        List<CurveView.Curve> lines = new ArrayList<>();
        add(lines, CurveView.Look.NOISE_BEFORE, hz, inner(c.before().noiseDbfs()));
        add(lines, CurveView.Look.BEFORE, hz, c.before().voiceOctavesDbfs());
        add(lines, CurveView.Look.NOISE_NOW, hz, inner(c.after().noiseDbfs()));
        add(lines, CurveView.Look.NOW, hz, c.after().voiceOctavesDbfs());
        List<CurveView.Mark> marks = new ArrayList<>();
        c.changedOctaves().stream()
                .filter(b -> b > 0 && b < OctaveBands.OCTAVES.count() - 1)
                .max(Comparator.comparingDouble(b -> Math.abs(
                        c.before().noiseDbfs().get(b) - c.after().noiseDbfs().get(b))))
                .ifPresent(b -> marks.add(new CurveView.Mark(
                        OctaveBands.OCTAVES.centreHz(b),
                        Math.max(
                                c.before().noiseDbfs().get(b),
                                c.after().noiseDbfs().get(b)),
                        parts.strings()
                                .say(
                                        "compare.mark",
                                        OctaveBands.OCTAVES.name(b),
                                        parts.bench()
                                                .figures()
                                                .signed(c.after().noiseDbfs().get(b)
                                                        - c.before().noiseDbfs().get(b))),
                        c.after().noiseDbfs().get(b) > c.before().noiseDbfs().get(b))));
        return new CurveView.Curves(lines, TICKS, LOWEST_DB, HIGHEST_DB, marks);
    }

    private static void add(List<CurveView.Curve> lines, CurveView.Look look, List<Double> hz, List<Double> db) {
        if (!db.isEmpty()) {
            lines.add(new CurveView.Curve(look, hz, db));
        }
    }

    private static List<Double> inner(List<Double> octaves) {
        return octaves.isEmpty() ? List.of() : octaves.subList(1, octaves.size() - 1);
    }

    private void rows(Comparison c) {
        row(
                0,
                "compare.what",
                parts.strings().say("compare.before"),
                parts.strings().say("compare.after"));
        row(1, "compare.floor", db(c.before().floorDbfs()), db(c.after().floorDbfs()));
        row(
                2,
                "compare.clarity",
                room(c.before().reverberation()),
                room(c.after().reverberation()));
        row(
                3,
                "compare.box",
                box(c.before().boxHz(), c.before().boxDb()),
                box(c.before().boxHz(), c.boxNowDb()));
        row(4, "compare.gain", Figures.ABSENT, parts.bench().figures().signed(c.gainDb()) + " dB");
    }

    private String db(OptionalDouble level) {
        return level.isPresent() ? parts.bench().figures().tenths(level) + " dBFS" : Figures.ABSENT;
    }

    private String room(Reverberation room) {
        return parts.words().heardRoom().clarity(room);
    }

    private String box(OptionalDouble hz, OptionalDouble db) {
        return hz.isPresent() && db.isPresent()
                ? parts.strings()
                        .say(
                                "compare.box.value",
                                parts.bench().figures().whole(hz.getAsDouble()),
                                parts.bench().figures().signed(db.getAsDouble()))
                : Figures.ABSENT;
    }

    private void row(int row, String key, String was, String now) {
        Label name = new Label(parts.strings().say(key));
        name.getStyleClass().add("order-name");
        Label left = new Label(was);
        Label right = new Label(now);
        left.getStyleClass().add("order-value");
        right.getStyleClass().add("order-value");
        figures.addRow(row, name, left, right);
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
