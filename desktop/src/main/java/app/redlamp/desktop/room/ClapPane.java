package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Reflections;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.ClapPlace;
import app.redlamp.core.acoustics.spot.MeasuredDecay;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.BandsView;
import app.redlamp.desktop.production.Hearing;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.ClapWording;
import app.redlamp.words.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A clap against the drawing: how long each octave rings, how far that can be trusted, what came back early. */
final class ClapPane extends Overlay {
    private final StationParts<RoomStation.Models> parts;
    private final BandsView bands = new BandsView();
    private final Label verdict = wrapped("overlay-verdict");
    private final VBox lines = new VBox();
    private final Button load;
    private final Button correct;
    private final Button uncorrect;

    ClapPane(StationParts<RoomStation.Models> parts, Runnable close) {
        super(parts.bench(), "clap.heading", close);
        this.parts = parts;
        load = parts.bench()
                .button(
                        "clap-load",
                        "clap.load",
                        () -> parts.doors()
                                .open(Doors.Kind.RECORDING)
                                .ifPresent(parts.models().listening()::measure));
        correct = parts.bench()
                .button("clap-correct", "clap.correct", parts.models().listening()::correct);
        uncorrect = parts.bench()
                .button("clap-uncorrect", "clap.uncorrect", parts.models().listening()::uncorrect);
        tool(load);
        verdict.setId("clap-verdict");
        bands.setId("clap-bands");
        bands.getStyleClass().add("room-plan");
        lines.getStyleClass().add("overlay-lines");
        ScrollPane scroll = new ScrollPane(lines);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("desk-page");
        VBox right = new VBox(scroll, Parts.wrapping(correct, uncorrect));
        right.getStyleClass().add("overlay-half");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Label legend = wrapped("secondary");
        legend.setText(parts.strings().say("clap.legend"));
        VBox left = new VBox(bands, legend);
        left.getStyleClass().add("overlay-half");
        VBox.setVgrow(bands, Priority.ALWAYS);
        HBox halves = new HBox(left, right);
        halves.getStyleClass().add("mail-halves");
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        left.setPrefWidth(380);
        right.setPrefWidth(430);
        VBox.setVgrow(halves, Priority.ALWAYS);
        getChildren().addAll(verdict, halves);
        follow(parts.models().listening().clap());
        refresh();
    }

    @Override
    public void begin() {
        load.requestFocus();
    }

    @Override
    public void refresh() {
        Spot spot = parts.models().room().spot().get();
        Study study = parts.models().room().study().get();
        if (spot == null || study == null) {
            return;
        }
        Hearing.Outcome<Clap> heard = parts.models().listening().clap().get();
        Optional<MeasuredDecay> measured = spot.measured();
        Optional<Clap> clap = heard == null ? Optional.empty() : heard.result();
        boolean corrected = !spot.room().correction().equals(Correction.NONE);
        correct.setDisable(corrected || !parts.models().listening().correctable());
        uncorrect.setDisable(!corrected);
        lines.getChildren().clear();
        if (heard != null && heard.result().isEmpty()) {
            verdict.setText(parts.strings().say("clap.fault", heard.name(), heard.fault()));
        } else if (clap.isPresent()) {
            verdict.setText(parts.words().claps().verdict(clap.get()));
        } else if (measured.isPresent()) {
            verdict.setText(parts.strings().say("clap.kept", measured.get().name()));
        } else {
            verdict.setText(parts.strings().say("clap.none"));
            say(parts.strings().say("clap.how"));
        }
        bands.show(Optional.of(bands(study, measured)));
        clap.ifPresent(this::bandLines);
        measured.ifPresent(m -> echoLines(m, study));
        correctionLine(spot.room());
    }

    /** Rings for what is drawn, lozenges for what was measured. */
    private BandsView.Bands bands(Study study, Optional<MeasuredDecay> measured) {
        List<String> names = new ArrayList<>();
        List<Double> now = new ArrayList<>();
        List<Double> drawn = new ArrayList<>();
        SixBands asDrawn =
                DrawnDecay.of(study.spot().room().corrected(Correction.NONE)).seconds();
        List<Double> most = new ArrayList<>();
        List<String> words = new ArrayList<>();
        List<Boolean> faint = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            int band = b;
            OptionalDouble seconds = measured.map(m -> m.seconds().get(band)).orElse(OptionalDouble.empty());
            names.add(RoomPictures.shortName(b));
            now.add(seconds.orElse(Double.NaN));
            drawn.add(asDrawn.at(b));
            most.add(study.wanted().decays().at(b));
            words.add(seconds.isPresent() ? parts.bench().figures().hundredths(seconds.getAsDouble()) : "");
            faint.add(study.decay().modal(b));
        }
        if (measured.isEmpty()) {
            return new BandsView.Bands(
                    names,
                    drawn,
                    List.of(),
                    most,
                    drawn.stream()
                            .map(s -> parts.bench().figures().hundredths(s))
                            .toList(),
                    faint);
        }
        return new BandsView.Bands(names, now, drawn, most, words, faint);
    }

    private void bandLines(Clap clap) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("room-grid");
        grid.addRow(
                0,
                parts.bench().name("clap.band", ""),
                parts.bench().name("clap.edt", "edt"),
                parts.bench().name("clap.twenty", "twenty"),
                parts.bench().name("clap.thirty", "thirty"),
                parts.bench().name("clap.trust", ""));
        for (int b = 0; b < SixBands.COUNT; b++) {
            BandDecay decay = clap.bands().get(b);
            grid.addRow(
                    b + 1,
                    value(parts.words().rooms().band(b)),
                    value(seconds(decay.edt())),
                    value(seconds(decay.t20())),
                    value(seconds(decay.t30())),
                    value(
                            decay.twoSlopes()
                                    ? parts.words().claps().trust(decay) + "; "
                                            + parts.strings().say("clap.two")
                                    : parts.words().claps().trust(decay)));
        }
        lines.getChildren().add(grid);
        if (clap.burst().count() > 1 || clap.burst().clipped()) {
            parts
                    .words()
                    .claps()
                    .notes(clap, parts.models().room().spot().get().room().air().speedMps())
                    .stream()
                    .limit((clap.burst().count() > 1 ? 1 : 0) + (clap.burst().clipped() ? 1 : 0))
                    .forEach(this::say);
        }
    }

    private String seconds(OptionalDouble seconds) {
        return seconds.isPresent() ? parts.words().rooms().seconds(seconds.getAsDouble()) : Figures.ABSENT;
    }

    private static Label value(String text) {
        Label label = wrapped("order-value");
        label.setText(text);
        return label;
    }

    private void echoLines(MeasuredDecay measured, Study study) {
        Room room = study.spot().room();
        ClapWording claps = parts.words().claps();
        Optional<Flutter> flutter = measured.flutter();
        flutter.ifPresent(f -> say(claps.flutter(f, room)
                .map(between -> parts.strings().say("clap.flutter", between))
                .orElseGet(() -> parts.strings()
                        .say(
                                "clap.flutter.unknown",
                                parts.words()
                                        .lengths()
                                        .say(f.spacingM(room.air().speedMps()))))));
        List<Reflection> drawn = Reflections.of(ClapPlace.of(room));
        measured.echoes().forEach(e -> say(claps.echo(e, room, drawn)));
    }

    private void correctionLine(Room room) {
        if (room.correction().equals(Correction.NONE)) {
            return;
        }
        List<String> factors = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            factors.add(parts.strings()
                    .say(
                            "clap.factor",
                            RoomPictures.shortName(b),
                            parts.bench()
                                    .figures()
                                    .tenths(room.correction().factors().at(b))));
        }
        say(parts.strings().say("clap.corrected", String.join(", ", factors)));
    }

    private void say(String line) {
        Label label = wrapped("order-value");
        label.setText(line);
        lines.getChildren().add(label);
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
