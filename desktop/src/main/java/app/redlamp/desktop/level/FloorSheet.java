package app.redlamp.desktop.level;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.LiveMeter;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.FloorSpectrum;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the noise is: its spectrum, its parts, where each probably comes from and what to do about it first. */
final class FloorSheet extends HBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final String[] OCTAVES = {"63", "125", "250", "500", "1k", "2k", "4k", "8k", "16k"};
    private static final int MOST_PARTS = 3;

    private final StationParts<LevelStation.Models> parts;
    private final FloorSpectrum spectrum = new FloorSpectrum();
    private final Label title = Parts.wrapped("", "order-value");
    private final VBox list = new VBox();
    private LiveMeter.Look seen;
    private FloorSpectrum.Thirds heard;

    FloorSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("level-floor");
        spectrum.setId("floor-spectrum");
        VBox left = new VBox(title, spectrum);
        left.getStyleClass().add("level-column");
        VBox.setVgrow(spectrum, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        list.getStyleClass().add("level-parts");
        list.setId("floor-parts");
        list.setMinWidth(200);
        list.setPrefWidth(330);
        getChildren().addAll(left, list);
    }

    @Override
    public Region node() {
        return this;
    }

    /** One and the same for one look: nothing new is made for a picture. */
    private FloorSpectrum.Thirds thirds(LiveMeter.Look look) {
        if (look != seen) {
            seen = look;
            heard = look::thirdDb;
        }
        return heard;
    }

    /** Follows what is heard. */
    void follow(LiveMeter.Look look) {
        spectrum.draw(look == null ? null : thirds(look));
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        Optional<Report> still =
                parts.models().level().current().flatMap(v -> v.levels().of(SettingStep.STILL));
        Optional<NoiseProfile> noise = still.flatMap(Report::noise);
        double[] octaves = noise.map(
                        n -> n.octavesDbfs().stream().mapToDouble(d -> d).toArray())
                .orElse(new double[0]);
        spectrum.set(OCTAVES, octaves);
        list.getChildren().clear();
        if (noise.isEmpty()) {
            title.setText(parts.say("floor.none"));
            return;
        }
        title.setText(parts.say(
                "floor.title",
                parts.bench()
                        .figures()
                        .tenths(parts.models()
                                .level()
                                .current()
                                .map(LevelVerdict::levels)
                                .orElseThrow()
                                .floorDbfs()),
                parts.bench().figures().tenths(noise.get().floorDbA())));
        List<Suspect> all = Suspect.of(
                noise.get(),
                parts.models().level().chainWhenStill(),
                parts.models().level().booth().noises());
        all.stream().limit(MOST_PARTS).forEach(s -> list.getChildren().add(part(s, noise.get())));
    }

    private VBox part(Suspect suspect, NoiseProfile noise) {
        String name = parts.words().level().part(suspect.part());
        if (suspect.part() == Suspect.Part.HUM && noise.hum().isPresent()) {
            name = name + ", "
                    + parts.words().level().humFamily(noise.hum().get().familyHz());
        }
        Label what = Parts.label(name, "level-part");
        Label level = Parts.label(
                parts.say("level.dbfs", parts.bench().figures().tenths(suspect.levelDbfs())), "level-part-figure");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(what, gap, level);
        return new VBox(
                head,
                Parts.wrapped(
                        parts.words().level().from(suspect) + ", "
                                + parts.words().level().expected(suspect) + ": "
                                + parts.words().level().remedy(suspect),
                        "order-source"));
    }
}
