package app.redlamp.desktop.brief;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.FileNames;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** What the job is, for whom, by when, how its files are called and how it is recorded. */
final class JobPane extends VBox implements Desk.Sheet<Planned> {
    private static final List<Integer> RATES = List.of(44_100, 48_000, 96_000);

    private final StationParts<BriefStation.Models> parts;
    private final List<CommitField> fields = new ArrayList<>();
    private final ComboBox<JobKind> kind = new ComboBox<>();
    private final ComboBox<Integer> rate = new ComboBox<>();
    private final ComboBox<GainSchool> gain = new ComboBox<>();
    private final DatePicker start = new DatePicker();
    private final DatePicker deadline = new DatePicker();
    private final Label names = new Label();
    private final Label why = new Label();
    private boolean showing;

    JobPane(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        choices();
        GridPane grid = new GridPane();
        grid.getStyleClass().add("job-grid");
        grid.addRow(0, parts.bench().name("job.kind", ""), kind, parts.bench().name("start.client", ""), client());
        grid.addRow(
                1, parts.bench().name("start.title", ""), title(), parts.bench().name("job.start-day", ""), days());
        grid.addRow(
                2,
                parts.bench().name("job.pattern", "pattern"),
                pattern(),
                parts.bench().name("job.recorded", ""),
                recorded());
        grid.addRow(3, parts.bench().name("job.gain", "gain"), gain);
        names.setId("job-names");
        why.setId("job-why");
        for (Label line : List.of(names, why)) {
            line.getStyleClass().add("secondary");
            line.setWrapText(true);
            line.setMinHeight(Region.USE_PREF_SIZE);
        }
        getChildren().addAll(grid, names, why);
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Planned planned) {
        Brief brief = planned.production().brief();
        showing = true;
        kind.setValue(brief.kind());
        rate.setValue(brief.capture().sampleRateHz());
        gain.setValue(brief.school());
        start.setValue(brief.start());
        deadline.setValue(brief.deadline().orElse(null));
        showing = false;
        fields.forEach(CommitField::refresh);
        names.setText(
                planned.nameFault().isEmpty()
                        ? preview(
                                planned.fileNames(),
                                planned.production()
                                        .order()
                                        .specification()
                                        .format()
                                        .coding()
                                        .extension())
                        : planned.nameFault());
        why.setText(KindReasons.recording(brief.capture(), parts) + " " + KindReasons.gain(brief.school(), parts) + " "
                + parts.strings().say("why." + brief.kind().id()));
    }

    private String preview(List<String> all, String ending) {
        if (all.isEmpty()) {
            return parts.strings().say("job.names.none");
        }
        String first = all.get(0) + "." + ending;
        return all.size() == 1
                ? first
                : parts.strings().say("job.names", first, all.get(all.size() - 1) + "." + ending);
    }

    private Brief brief() {
        return parts.models().brief().openProduction().production().get().brief();
    }

    private void choices() {
        kind.setId("job-kind");
        kind.setAccessibleText(parts.strings().say("job.kind"));
        kind.getItems().setAll(JobKind.values());
        kind.setConverter(shown(k -> parts.words().plans().kind(k)));
        kind.setOnAction(e -> changed(() -> parts.models().brief().become(kind.getValue())));
        rate.setId("job-rate");
        rate.setAccessibleText(parts.strings().say("job.recorded"));
        rate.getItems().setAll(RATES);
        rate.setConverter(shown(
                r -> parts.strings().say("job.khz", parts.bench().figures().kiloHertz(r))));
        rate.setOnAction(e ->
                changed(() -> capture(c -> new RecordingFormat(rate.getValue(), c.bitDepth(), c.channels()))));
        gain.setId("job-gain");
        gain.setAccessibleText(parts.strings().say("job.gain"));
        gain.getItems().setAll(GainSchool.values());
        gain.setConverter(shown(g -> parts.strings().say("gain." + g.name().toLowerCase(Locale.ROOT))));
        gain.setOnAction(e -> changed(() ->
                parts.models().brief().changeBrief("edit.brief", b -> b.captured(b.capture(), gain.getValue()))));
        start.setId("job-start");
        start.setAccessibleText(parts.strings().say("job.start-day"));
        start.setOnAction(e -> changed(() -> day(start.getValue(), deadline.getValue())));
        deadline.setId("job-deadline");
        deadline.setAccessibleText(parts.strings().say("start.deadline"));
        deadline.setOnAction(e -> changed(() -> day(start.getValue(), deadline.getValue())));
        for (DatePicker picker : List.of(start, deadline)) {
            picker.setPrefWidth(130);
        }
    }

    private void day(LocalDate from, LocalDate to) {
        LocalDate first = from == null ? brief().start() : from;
        parts.models().brief().changeBrief("edit.days", b -> b.between(first, Optional.ofNullable(to)));
        parts.models().brief().planned().ifPresent(this::show);
    }

    private HBox days() {
        HBox line = Parts.line(start, parts.bench().name("start.deadline", ""), deadline);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private CommitField title() {
        return text("job-title", "start.title", () -> brief().title(), w -> b -> b.called(w.strip()));
    }

    private CommitField client() {
        return text("job-client", "start.client", () -> brief().client(), w -> b -> b.forClient(w.strip()));
    }

    private CommitField pattern() {
        CommitField field =
                text("job-pattern", "job.pattern", () -> brief().pattern(), w -> b -> b.named(checked(w.strip())));
        field.textProperty().addListener((o, was, now) -> preview(now.strip()));
        return field;
    }

    /** What the files would be called by a pattern that is still being written. */
    private void preview(String pattern) {
        parts.models().brief().planned().ifPresent(p -> {
            String ending =
                    p.production().order().specification().format().coding().extension();
            try {
                names.setText(
                        preview(p.production().with(brief().named(pattern)).fileNames(), ending));
            } catch (IllegalArgumentException e) {
                names.setText(e.getMessage());
            }
        });
    }

    /** Refuses a pattern that names nothing, leads elsewhere, or calls two files alike. */
    private String checked(String pattern) {
        Production named =
                parts.models().brief().openProduction().production().get().with(brief().named(pattern));
        if (named.pieces().isEmpty()) {
            String fault = FileNames.fault(pattern);
            if (!fault.isEmpty()) {
                throw new IllegalArgumentException(fault);
            }
        } else {
            named.fileNames();
        }
        return pattern;
    }

    private interface Writing {
        UnaryOperator<Brief> of(String written);
    }

    private CommitField text(String id, String key, java.util.function.Supplier<String> shown, Writing writing) {
        CommitField field = new CommitField(
                id,
                parts.strings().say(key),
                shown,
                w -> parts.models().brief().changeBrief("edit.brief", writing.of(w)));
        fields.add(field);
        return field.wide(250);
    }

    private HBox recorded() {
        CommitField channels = new CommitField(
                "job-channels",
                parts.strings().say("job.channels"),
                () -> String.valueOf(brief().capture().channels()),
                w -> parts.models()
                        .brief()
                        .enter(() -> capture(c -> new RecordingFormat(c.sampleRateHz(), c.bitDepth(), (int)
                                Math.round(parts.bench().number(w))))));
        fields.add(channels);
        HBox line = Parts.line(rate, channels.wide(52), parts.bench().name("job.channels", "tracks"));
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private void capture(UnaryOperator<RecordingFormat> change) {
        parts.models().brief().changeBrief("edit.brief", b -> b.captured(change.apply(b.capture()), b.school()));
    }

    private void changed(Runnable change) {
        if (!showing) {
            change.run();
        }
    }

    private static <T> StringConverter<T> shown(java.util.function.Function<T, String> name) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : name.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException(text);
            }
        };
    }
}
