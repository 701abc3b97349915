package app.redlamp.desktop.kit;

import app.redlamp.core.chain.compare.MicrophoneComparison;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Two takes of the same text, at equal loudness: each against speech in general, one picture and one sentence. */
final class VersusPane extends Overlay {
    private static final double LEAST_DB = 12;
    private static final double MOST_DB = 42;
    private static final List<Double> TICKS = List.of(125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0, 8000.0);

    private final StationParts<KitStation.Models> parts;
    private final CurveView picture = new CurveView();
    private final Label verdict = Parts.wrapped("", "overlay-verdict");
    private final Label legend = Parts.wrapped("", "secondary");
    private final GridPane figures = new GridPane();
    private final Button load;

    VersusPane(StationParts<KitStation.Models> parts, Supplier<Optional<Path>> chooseRecording, Runnable close) {
        super(parts.bench(), "versus.heading", close);
        this.parts = parts;
        load = parts.bench().button("versus-load", "versus.load", () -> load(chooseRecording));
        tool(load);
        verdict.setId("versus-verdict");
        picture.setId("versus-picture");
        picture.getStyleClass().add("room-plan");
        figures.getStyleClass().add("room-grid");
        VBox.setVgrow(picture, Priority.ALWAYS);
        getChildren().addAll(verdict, picture, legend, figures);
        follow(parts.models().takes().takes());
        refresh();
    }

    private void load(Supplier<Optional<Path>> chooseRecording) {
        chooseRecording.get().ifPresent(first -> {
            verdict.setText(parts.say("versus.second", String.valueOf(first.getFileName())));
            chooseRecording.get().ifPresent(second -> parts.models().takes().compare(first, second));
        });
    }

    @Override
    public void begin() {
        load.requestFocus();
    }

    @Override
    public void refresh() {
        TakesModel.Takes takes = parts.models().takes().takes().get();
        figures.getChildren().clear();
        legend.setText("");
        picture.show(Optional.empty());
        if (takes == null) {
            verdict.setText(parts.say("versus.none"));
        } else if (takes.heard().result().isEmpty()) {
            verdict.setText(parts.say(
                    "versus.fault", takes.heard().name(), takes.heard().fault()));
        } else {
            MicrophoneComparison c = takes.heard().result().get();
            verdict.setText(parts.words().sheets().versus(c, takes.first(), takes.second()));
            legend.setText(parts.say("versus.legend", takes.first(), takes.second()));
            picture.show(Optional.of(curves(c)));
            picture.setAccessibleText(verdict.getText());
            rows(c, takes);
        }
    }

    private static CurveView.Curves curves(MicrophoneComparison c) {
        List<CurveView.Curve> lines = new ArrayList<>();
        add(lines, CurveView.Look.BEFORE, c.second());
        add(lines, CurveView.Look.NOW, c.first());
        double far = lines.stream()
                .flatMap(l -> l.db().stream())
                .mapToDouble(Math::abs)
                .max()
                .orElse(0);
        double edge = Math.max(LEAST_DB, Math.min(MOST_DB, Math.ceil(far / 6) * 6));
        return new CurveView.Curves(lines, TICKS, -edge, edge, List.of());
    }

    /** Third octaves from 100 Hz to 10 kHz: outside there is too little of a voice. */
    private static void add(List<CurveView.Curve> lines, CurveView.Look look, MicrophoneComparison.Side side) {
        List<Double> hz = new ArrayList<>();
        List<Double> db = new ArrayList<>();
        for (int b = 0; b < side.deviationsDb().size(); b++) {
            double centre = OctaveBands.THIRDS.centreHz(b);
            if (centre > 95 && centre < 10_500) {
                hz.add(centre);
                db.add(side.deviationsDb().get(b));
            }
        }
        if (!hz.isEmpty()) {
            lines.add(new CurveView.Curve(look, hz, db));
        }
    }

    private void rows(MicrophoneComparison c, TakesModel.Takes takes) {
        Figures f = parts.bench().figures();
        row(0, "versus.what", takes.first(), takes.second());
        row(
                1,
                "versus.floor",
                level(c.sound().before().floorDbfs()),
                level(c.sound().after().floorDbfs()));
        row(
                2,
                "versus.room",
                parts.words().heardRoom().clarity(c.first().reverberation()),
                parts.words().heardRoom().clarity(c.second().reverberation()));
        row(3, "versus.hiss", over(c.first().hissDb()), over(c.second().hissDb()));
        row(
                4,
                "versus.pops",
                f.tenths(c.first().plosivesPerMinute()),
                f.tenths(c.second().plosivesPerMinute()));
        row(5, "versus.gain", Figures.ABSENT, f.signed(c.sound().gainDb()) + " dB");
    }

    private String level(OptionalDouble dbfs) {
        return dbfs.isPresent() ? parts.bench().figures().tenths(dbfs) + " dBFS" : Figures.ABSENT;
    }

    private String over(OptionalDouble db) {
        return db.isPresent() ? parts.bench().figures().signed(db.getAsDouble()) + " dB" : Figures.ABSENT;
    }

    private void row(int row, String key, String first, String second) {
        figures.addRow(
                row,
                Parts.label(parts.say(key), "order-name"),
                Parts.label(first, "order-value"),
                Parts.label(second, "order-value"));
    }
}
