package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is heard from outside and inside: level, distance, what divides, hours; and what it comes to here. */
final class NoiseSheet extends VBox implements Desk.Sheet<Study> {
    private static final double NAME = 150;
    private static final double FIELD = 56;
    private static final double HOURS = 150;

    private final StationParts<RoomStation.Models> parts;
    private final RoomPictures pictures;
    private final HoursText hours;
    private final GridPane grid = new GridPane();
    private final List<CommitField> fields = new ArrayList<>();
    private final List<Choice<Timbre>> choices = new ArrayList<>();
    private final List<Label> levels = new ArrayList<>();
    private final CommitField measured;
    private final VBox changes = new VBox();
    private final NoiseCurve curve;
    private final Label legend = secondary("");
    private List<String> built = List.of();

    NoiseSheet(StationParts<RoomStation.Models> parts, RoomPictures pictures) {
        this.parts = parts;
        this.pictures = pictures;
        hours = new HoursText(parts.strings(), parts.strings().locale(), pictures::hours);
        getStyleClass().add("desk-sheet");
        curve = new NoiseCurve(parts);
        grid.getStyleClass().add("room-grid");
        measured = new CommitField(
                        "noise-measured",
                        parts.strings().say("noise.measured"),
                        () -> spot().noiseDbA().isPresent()
                                ? parts.bench().plain(spot().noiseDbA().getAsDouble())
                                : "",
                        w -> parts.models()
                                .room()
                                .editSpot(
                                        "edit.noise.measured",
                                        s -> s.withNoise(
                                                w.isBlank()
                                                        ? OptionalDouble.empty()
                                                        : OptionalDouble.of(
                                                                parts.bench().number(w)))))
                .wide(FIELD);
        getChildren()
                .addAll(
                        grid,
                        Parts.wrapping(
                                parts.bench().button("noise-add", "noise.add", this::add),
                                Parts.line(parts.bench().name("noise.measured", "dba"), measured),
                                secondary(parts.strings().say("noise.caveat"))),
                        changes,
                        curve,
                        legend);
    }

    private Spot spot() {
        return parts.models().room().spot().get();
    }

    private static Label secondary(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("secondary");
        label.setWrapText(true);
        return label;
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        List<String> ids = study.spot().sources().stream()
                .map(s -> s.id() + s.barrier().isPresent())
                .toList();
        if (!ids.equals(built)) {
            built = ids;
            build(study.spot().sources());
        }
        fields.forEach(CommitField::refresh);
        choices.forEach(Choice::refresh);
        measured.refresh();
        curve.show(study);
        legend.setText(study.week()
                .map(w -> parts.strings()
                        .say(
                                "noise.legend",
                                parts.bench().figures().whole(w.together().dbA()),
                                parts.bench().figures().whole(w.together().noiseRating())))
                .orElse(""));
        changes.getChildren().clear();
        study.whatIfs()
                .forEach(w -> changes.getChildren()
                        .add(secondary(
                                parts.words().rooms().whatIf(w, study.spot().sources()) + ": "
                                        + parts.words().rooms().whatIfDetail(w))));
        study.week().ifPresent(w -> {
            for (int i = 0; i < Math.min(levels.size(), w.shares().size()); i++) {
                levels.get(i).setText(pictures.here(w.shares().get(i).dbA()));
            }
        });
    }

    private void build(List<OutsideSource> sources) {
        grid.getChildren().clear();
        fields.clear();
        choices.clear();
        levels.clear();
        String[] heads = {
            "noise.name", "noise.timbre", "noise.level", "noise.distance", "noise.mass", "noise.gap", "noise.hours"
        };
        for (int i = 0; i < heads.length && !sources.isEmpty(); i++) {
            grid.add(parts.bench().name(heads[i], i == 4 ? "mass-law" : ""), i, 0);
        }
        for (int i = 0; i < sources.size(); i++) {
            row(sources.get(i).id(), i + 1, sources.get(i).barrier().isPresent());
        }
    }

    private void row(String id, int row, boolean divided) {
        grid.add(
                field(
                                "noise-name-" + row,
                                "noise.name",
                                id,
                                OutsideSource::name,
                                (s, w) -> new OutsideSource(
                                        s.id(), w, s.timbre(), s.dbA(), s.distanceM(), s.barrier(), s.hours()))
                        .wide(NAME),
                0,
                row);
        Choice<Timbre> timbre = new Choice<>(
                "noise-timbre-" + row,
                parts.strings().say("noise.timbre"),
                List.of(Timbre.values()),
                t -> parts.strings().say("timbre." + t.id()),
                () -> source(id).map(OutsideSource::timbre).orElse(Timbre.FAN),
                t -> change(
                        id,
                        s -> new OutsideSource(s.id(), s.name(), t, s.dbA(), s.distanceM(), s.barrier(), s.hours())));
        choices.add(timbre);
        grid.add(timbre, 1, row);
        grid.add(
                field(
                                "noise-level-" + row,
                                "noise.level",
                                id,
                                s -> parts.bench().plain(s.dbA()),
                                (s, w) -> new OutsideSource(
                                        s.id(),
                                        s.name(),
                                        s.timbre(),
                                        parts.bench().number(w),
                                        s.distanceM(),
                                        s.barrier(),
                                        s.hours()))
                        .wide(FIELD),
                2,
                row);
        grid.add(
                field(
                                "noise-distance-" + row,
                                "noise.distance",
                                id,
                                s -> parts.words().lengths().say(s.distanceM()),
                                (s, w) -> s.at(parts.words().lengths().read(w)))
                        .wide(FIELD + 14),
                3,
                row);
        grid.add(
                field("noise-mass-" + row, "noise.mass", id, this::mass, this::withMass)
                        .wide(FIELD),
                4,
                row);
        if (divided) {
            grid.add(
                    field(
                                    "noise-gap-" + row,
                                    "noise.gap",
                                    id,
                                    s -> parts.bench()
                                            .figures()
                                            .hundredths(s.barrier()
                                                    .map(Barrier::gapPercent)
                                                    .orElse(0.0)),
                                    (s, w) -> s.barrier()
                                            .map(b -> s.withBarrier(new Barrier(
                                                    b.name(),
                                                    b.massKgPerM2(),
                                                    b.areaM2(),
                                                    parts.bench().number(w))))
                                            .orElse(s))
                            .wide(FIELD),
                    5,
                    row);
        }
        grid.add(
                field("noise-hours-" + row, "noise.hours", id, hours::say, (s, w) -> s.during(hours.read(w)))
                        .wide(HOURS),
                6,
                row);
        Label level = new Label();
        level.setMinWidth(Region.USE_PREF_SIZE);
        levels.add(level);
        grid.add(level, 7, row);
        grid.add(
                parts.bench()
                        .button(
                                "noise-remove-" + row,
                                "noise.remove",
                                () -> parts.models()
                                        .room()
                                        .editSpot(
                                                "edit.noise.remove",
                                                s -> s.hearing(s.sources().stream()
                                                        .filter(o -> !o.id().equals(id))
                                                        .toList()))),
                8,
                row);
    }

    private String mass(OutsideSource source) {
        return source.barrier().map(b -> parts.bench().plain(b.massKgPerM2())).orElse("");
    }

    /** Nothing divides what is in the room: an empty field says so. */
    private OutsideSource withMass(OutsideSource s, String written) {
        if (written.isBlank()) {
            return new OutsideSource(s.id(), s.name(), s.timbre(), s.dbA(), s.distanceM(), Optional.empty(), s.hours());
        }
        double area = s.barrier()
                .map(Barrier::areaM2)
                .orElse(spot().room().space().widthM() * spot().room().space().heightM());
        double gap = s.barrier().map(Barrier::gapPercent).orElse(0.1);
        return s.withBarrier(new Barrier("wall", parts.bench().number(written), area, gap));
    }

    private interface Change {
        OutsideSource of(OutsideSource source, String written);
    }

    private CommitField field(
            String id, String name, String source, Function<OutsideSource, String> say, Change change) {
        CommitField field = new CommitField(
                id,
                parts.strings().say(name),
                () -> source(source).map(say).orElse(""),
                w -> change(source, s -> change.of(s, w)));
        field.refresh();
        fields.add(field);
        return field;
    }

    private Optional<OutsideSource> source(String id) {
        return spot().sources().stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private void change(String id, UnaryOperator<OutsideSource> change) {
        parts.models()
                .room()
                .editSpot(
                        "edit.noise",
                        s -> s.hearing(s.sources().stream()
                                .map(o -> o.id().equals(id) ? change.apply(o) : o)
                                .toList()));
    }

    private void add() {
        parts.models().room().editSpot("edit.noise.add", s -> {
            List<OutsideSource> more = new ArrayList<>(s.sources());
            more.add(new OutsideSource(
                    ListeningModel.freeId(s),
                    parts.strings().say("noise.new"),
                    Timbre.TRAFFIC,
                    60,
                    5,
                    Optional.of(new Barrier("wall", 100, 4, 0.1)),
                    List.of(Hours.always())));
            return s.hearing(more);
        });
    }
}
