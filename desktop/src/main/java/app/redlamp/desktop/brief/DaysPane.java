package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** When there is time: the room's quiet hours on each day of the week, what the voice bears, and how long things take. */
final class DaysPane extends VBox implements Desk.Sheet<Planned> {
    private static final QuietHours EVENING = new QuietHours(LocalTime.of(19, 0), LocalTime.of(22, 0));
    private static final double HOUR_WIDTH = 62;
    private static final double NUMBER_WIDTH = 48;

    private final StationParts<BriefStation.Models> parts;
    private final List<CommitField> fields = new ArrayList<>();
    private final Map<DayOfWeek, CheckBox> days = new EnumMap<>(DayOfWeek.class);

    DaysPane(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        getChildren().addAll(week(), voice(), effort(), spent());
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Planned planned) {
        days.forEach((day, box) ->
                box.setSelected(planned.production().time().quiet().containsKey(day)));
        fields.forEach(CommitField::refresh);
    }

    private WorkingTime time() {
        return parts.models().brief().openProduction().production().get().time();
    }

    private WorkRatios usual() {
        return parts.models().brief().openProduction().production().get().effort();
    }

    private GridPane week() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("days-grid");
        grid.add(parts.bench().name("days.quiet", "quiet-hours"), 0, 0);
        grid.add(parts.bench().name("days.from", ""), 0, 1);
        grid.add(parts.bench().name("days.to", ""), 0, 2);
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = day.getDisplayName(TextStyle.FULL, parts.strings().locale());
            CheckBox box = new CheckBox(
                    day.getDisplayName(TextStyle.SHORT, parts.strings().locale()));
            box.setId("day-" + day.getValue());
            box.setAccessibleText(parts.strings().say("days.record", name));
            box.setOnAction(e -> turn(day, box.isSelected()));
            days.put(day, box);
            int column = day.getValue();
            grid.add(box, column, 0);
            grid.add(hour(day, true, name), column, 1);
            grid.add(hour(day, false, name), column, 2);
        }
        return grid;
    }

    private CommitField hour(DayOfWeek day, boolean from, String name) {
        CommitField field = new CommitField(
                "day-" + day.getValue() + (from ? "-from" : "-to"),
                parts.strings().say(from ? "days.from.of" : "days.to.of", name),
                () -> {
                    QuietHours quiet = time().quiet().get(day);
                    return quiet == null ? "" : (from ? quiet.from() : quiet.to()).toString();
                },
                written -> parts.models().brief().changeTime(t -> {
                    LocalTime at = hour(written);
                    QuietHours was = t.quiet().getOrDefault(day, EVENING);
                    return with(t, day, from ? new QuietHours(at, was.to()) : new QuietHours(was.from(), at));
                }));
        fields.add(field);
        return field.wide(HOUR_WIDTH);
    }

    /** "19:00", "19.30" or "19". */
    private LocalTime hour(String written) {
        String text = written.strip().replace('.', ':');
        try {
            return LocalTime.parse(text.contains(":") ? text : text + ":00", DateTimeFormatter.ofPattern("H:mm"));
        } catch (DateTimeException e) {
            throw new IllegalArgumentException(parts.strings().say("days.hour", written), e);
        }
    }

    private void turn(DayOfWeek day, boolean on) {
        parts.models().brief().changeTime(t -> {
            if (on) {
                return with(t, day, t.quiet().values().stream().findFirst().orElse(EVENING));
            }
            Map<DayOfWeek, QuietHours> fewer = new EnumMap<>(DayOfWeek.class);
            fewer.putAll(t.quiet());
            fewer.remove(day);
            return t.withQuiet(fewer);
        });
    }

    private static WorkingTime with(WorkingTime time, DayOfWeek day, QuietHours quiet) {
        Map<DayOfWeek, QuietHours> more = new EnumMap<>(DayOfWeek.class);
        more.putAll(time.quiet());
        more.put(day, quiet);
        return time.withQuiet(more);
    }

    private FlowPane voice() {
        return Parts.wrapping(
                parts.bench().name("days.session", "longest-session"),
                minutes("session", WorkingTime::longestSessionMin, WorkingTime::withLongestSession),
                parts.bench().name("days.stretch", ""),
                minutes("stretch", WorkingTime::stretchMin, (t, n) -> t.withBreaks(n, t.breakMin())),
                parts.bench().name("days.break", ""),
                minutes("break", WorkingTime::breakMin, (t, n) -> t.withBreaks(t.stretchMin(), n)),
                parts.bench().name("days.edit", ""),
                minutes("edit", WorkingTime::editMin, WorkingTime::withEditing),
                parts.bench().name("days.corrections", "corrections"),
                minutes("corrections", WorkingTime::correctionDays, WorkingTime::withCorrections),
                parts.bench().name("days.corrections.unit", ""));
    }

    private CommitField minutes(
            String id, ToDoubleFunction<WorkingTime> of, BiFunction<WorkingTime, Integer, WorkingTime> with) {
        return number(
                "time-" + id,
                parts.strings().say("days." + id),
                () -> of.applyAsDouble(time()),
                n -> parts.models().brief().changeTime(t -> with.apply(t, (int) Math.round(n))));
    }

    private FlowPane effort() {
        return Parts.wrapping(
                parts.bench().name("effort.pace", "pace"),
                ratio(
                        "pace",
                        WorkRatios::wordsPerMinute,
                        (e, n) -> new WorkRatios(n, e.booth(), e.edit(), e.proof(), e.kept())),
                parts.bench().name("effort.unit", "booth-time"),
                ratio(
                        "booth",
                        WorkRatios::booth,
                        (e, n) -> new WorkRatios(e.wordsPerMinute(), n, e.edit(), e.proof(), e.kept())),
                parts.bench().name("effort.edit", "editing-time"),
                ratio(
                        "edit",
                        WorkRatios::edit,
                        (e, n) -> new WorkRatios(e.wordsPerMinute(), e.booth(), n, e.proof(), e.kept())),
                parts.bench().name("effort.proof", ""),
                ratio(
                        "proof",
                        WorkRatios::proof,
                        (e, n) -> new WorkRatios(e.wordsPerMinute(), e.booth(), e.edit(), n, e.kept())),
                parts.bench().name("effort.kept", "disk-need"),
                ratio(
                        "kept",
                        WorkRatios::kept,
                        (e, n) -> new WorkRatios(e.wordsPerMinute(), e.booth(), e.edit(), e.proof(), n)),
                parts.bench().name("effort.hours", ""));
    }

    private CommitField ratio(
            String id, ToDoubleFunction<WorkRatios> of, BiFunction<WorkRatios, Double, WorkRatios> with) {
        return number(
                "effort-" + id,
                parts.strings().say("effort." + id),
                () -> of.applyAsDouble(usual()),
                n -> parts.models().brief().changeEffort(e -> with.apply(e, n)));
    }

    private interface Figure {
        double now();
    }

    private CommitField number(String id, String name, Figure shown, java.util.function.DoubleConsumer commit) {
        CommitField field = new CommitField(
                id,
                name,
                () -> parts.bench().plain(shown.now()),
                written -> parts.models()
                        .brief()
                        .enter(() -> commit.accept(parts.bench().number(written))));
        fields.add(field);
        field.setAlignment(Pos.CENTER_RIGHT);
        return field.wide(NUMBER_WIDTH);
    }

    /** Time that was really spent: as soon as there are takes, one's own ratios come from it. */
    private HBox spent() {
        ComboBox<Spent.Phase> phase = new ComboBox<>();
        phase.setId("spent-phase");
        phase.setAccessibleText(parts.strings().say("spent.name"));
        phase.getItems().setAll(Spent.Phase.values());
        phase.setConverter(new StringConverter<>() {
            @Override
            public String toString(Spent.Phase value) {
                return value == null ? "" : parts.strings().say("spent." + value.id());
            }

            @Override
            public Spent.Phase fromString(String text) {
                throw new UnsupportedOperationException(text);
            }
        });
        phase.setValue(Spent.Phase.BOOTH);
        CommitField minutes = new CommitField(
                "spent-minutes",
                parts.strings().say("spent.minutes"),
                () -> "",
                written -> parts.models()
                        .brief()
                        .enter(() -> parts.models()
                                .brief()
                                .spend(new Spent(
                                        parts.models().brief().openProduction().today(), phase.getValue(), (int)
                                                Math.round(parts.bench().number(written))))));
        Label sum = new Label();
        sum.setId("spent-sum");
        sum.getStyleClass().add("secondary");
        parts.models()
                .brief()
                .openProduction()
                .production()
                .addListener((o, was, now) -> sum.setText(now == null ? "" : sum(now.spent())));
        sum.setText(
                sum(parts.models().brief().openProduction().production().get().spent()));
        return Parts.line(
                parts.bench().name("spent.name", "spent"),
                phase,
                minutes.wide(NUMBER_WIDTH),
                parts.bench().name("spent.minutes", ""),
                sum);
    }

    private String sum(List<Spent> spent) {
        double minutes = spent.stream().mapToInt(Spent::minutes).sum();
        return minutes == 0
                ? ""
                : parts.strings().say("spent.sum", parts.words().plans().minutes(minutes));
    }
}
