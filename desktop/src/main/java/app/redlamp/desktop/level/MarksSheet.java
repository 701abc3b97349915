package app.redlamp.desktop.level;

import app.redlamp.core.setting.marks.Control;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.MarksView;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Knob and slider without decibels: the loudest line at a few marks, what they do, and where they belong. */
final class MarksSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final Duration EVERY = Duration.millis(100);

    private final StationParts<LevelStation.Models> parts;
    private final MarksModel model;
    private final Choice<Scale> knobScale;
    private final Choice<Optional<Scale>> sliderScale;
    private final CommitField knob;
    private final CommitField slider;
    private final Button say;
    private final Button put;
    private final ProgressBar progress = new ProgressBar(0);
    private final GridPane lines = new GridPane();
    private final MarksView knobView = new MarksView();
    private final MarksView sliderView = new MarksView();
    private final Label answer = Parts.wrapped("", "order-value");
    private final Label pair = Parts.wrapped("", "order-source");
    private final VBox sayings = new VBox();
    private final Timeline following;

    /** Where the line is said next, as proposed or as written; absent until something was written. */
    private Optional<Positions> written = Optional.empty();

    MarksSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        model = parts.models().marks();
        getStyleClass().add("desk-sheet");
        knobScale = new Choice<>(
                "marks-knob-scale",
                parts.say("marks.knob"),
                List.of(Scale.values()),
                s -> parts.words().marks().scale(s),
                () -> learnt().knob(),
                s -> model.scale(s, learnt().slider()));
        List<Optional<Scale>> sliders = new ArrayList<>();
        Arrays.stream(Scale.values()).forEach(s -> sliders.add(Optional.of(s)));
        sliders.add(Optional.empty());
        sliderScale = new Choice<>(
                "marks-slider-scale",
                parts.say("marks.slider"),
                sliders,
                s -> s.map(parts.words().marks()::scale)
                        .orElseGet(() -> parts.words().marks().noSlider()),
                () -> learnt().slider(),
                s -> model.scale(learnt().knob(), s));
        knob = field("marks-knob", "marks.knob.at", Control.KNOB);
        slider = field("marks-slider", "marks.slider.at", Control.SLIDER);
        say = parts.bench().button("marks-say", "marks.say", this::press);
        put = parts.bench().button("marks-put", "marks.put", this::put);
        put.managedProperty().bind(put.visibleProperty());
        progress.setId("marks-progress");
        progress.setAccessibleText(parts.say("level.listening"));
        progress.setMaxWidth(Double.MAX_VALUE);
        progress.setMinWidth(40);
        progress.managedProperty().bind(progress.visibleProperty());
        HBox.setHgrow(progress, Priority.ALWAYS);
        answer.setId("marks-answer");
        pair.setId("marks-pair");
        sayings.setId("marks-sayings");
        lines.setId("marks-lines");
        lines.getStyleClass().add("marks-lines");
        knobView.setId("marks-knob-view");
        sliderView.setId("marks-slider-view");
        HBox.setHgrow(knobView, Priority.ALWAYS);
        HBox.setHgrow(sliderView, Priority.ALWAYS);
        VBox told = new VBox(answer, pair, sayings);
        told.getStyleClass().add("level-parts");
        told.setMinWidth(190);
        told.setPrefWidth(300);
        HBox.setHgrow(told, Priority.ALWAYS);
        HBox below = new HBox(lines, knobView, sliderView, told);
        below.getStyleClass().add("level-floor");
        following = new Timeline(new KeyFrame(EVERY, e -> progress.setProgress(model.share())));
        following.setCycleCount(Timeline.INDEFINITE);
        getChildren()
                .addAll(
                        Parts.line(
                                parts.bench().name("marks.knob", "gain"),
                                knobScale,
                                knob,
                                parts.bench().name("marks.slider", ""),
                                sliderScale,
                                slider,
                                say,
                                put,
                                progress),
                        below);
        model.learnt().addListener((o, was, now) -> heard());
        model.placed().addListener((o, was, now) -> show(parts));
        model.running().addListener((o, was, now) -> show(parts));
        model.speaking().addListener((o, was, now) -> show(parts));
        Sight.follow(this, seen -> follow());
    }

    private Learnt learnt() {
        return Optional.ofNullable(model.learnt().get()).orElseGet(() -> Learnt.nothing("-"));
    }

    private CommitField field(String id, String name, Control control) {
        return new CommitField(
                        id,
                        parts.say(name),
                        () -> parts.words().marks().mark(scale(control), control.of(proposed())),
                        text -> parts.models()
                                .level()
                                .kit()
                                .enter(() -> written = Optional.of(control.set(
                                        proposed(), parts.words().marks().read(scale(control), text)))))
                .wide(72);
    }

    private Scale scale(Control control) {
        return learnt().scale(control).orElse(Scale.PERCENT);
    }

    /** As written, or where it would be good to hear it, or where both stand. */
    private Positions proposed() {
        Learnt now = learnt();
        return written.or(model::next)
                .or(model::stands)
                .orElseGet(() -> now.at(now.knob().lowest()));
    }

    /** The next place is another: what was written was for the last. */
    private void heard() {
        written = Optional.empty();
        show(parts);
    }

    private void press() {
        if (model.running().get()) {
            model.stop();
        } else {
            model.say(proposed());
        }
    }

    private Optional<Positions> wanted() {
        return model.advice()
                .filter(a -> a.state() == MarkAdvice.State.FOUND || a.best().isPresent())
                .flatMap(MarkAdvice::wanted)
                .map(MarkAdvice.Setting::at)
                .filter(p -> !model.stands().equals(Optional.of(p)));
    }

    private void put() {
        wanted().ifPresent(p -> {
            model.put(p);
            written = Optional.empty();
        });
    }

    private void follow() {
        if (model.running().get() && Sight.seen(this)) {
            following.play();
        } else {
            following.stop();
        }
        progress.setProgress(model.share());
        progress.setVisible(model.running().get());
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        follow();
        setDisable(parts.models().level().chain().isEmpty() || model.learnt().get() == null);
        Learnt learnt = learnt();
        knobScale.refresh();
        sliderScale.refresh();
        // The lines have these marks: with others they would be lost.
        knobScale.setDisable(!learnt.phrases().isEmpty());
        sliderScale.setDisable(!learnt.phrases().isEmpty());
        knob.refresh();
        slider.refresh();
        slider.setVisible(learnt.slider().isPresent());
        slider.setManaged(slider.isVisible());
        say.setText(parts.say(model.running().get() ? "marks.stop" : "marks.say"));
        boolean simulated = parts.models().level().input().simulated();
        put.setText(parts.say(simulated ? "marks.put" : "marks.stands"));
        put.setVisible(!model.running().get() && wanted().isPresent());
        rows(learnt);
        Optional<MarkAdvice> advice = model.advice();
        knobView.show(MarksPicture.of(parts, learnt, Control.KNOB, wanted()));
        sliderView.show(MarksPicture.of(parts, learnt, Control.SLIDER, wanted()));
        sliderView.setVisible(learnt.curve(Control.SLIDER).isPresent());
        sliderView.setManaged(sliderView.isVisible());
        knobView.setVisible(!learnt.phrases().isEmpty());
        knobView.setManaged(knobView.isVisible());
        lines.setManaged(!learnt.phrases().isEmpty());
        answer.setText(
                model.running().get()
                        ? parts.say(model.speaking().get() ? "marks.speak" : "marks.quiet")
                        : learnt.phrases().isEmpty()
                                ? parts.say(simulated ? "marks.none.simulated" : "marks.none")
                                : advice.map(a -> parts.words().marks().advice(learnt, a))
                                        .orElse(""));
        pair.setText(advice.map(a -> parts.words().marks().pair(learnt, a)).orElse(""));
        pair.setManaged(!pair.getText().isEmpty());
        sayings.getChildren()
                .setAll(advice.map(MarkAdvice::sayings).orElse(List.of()).stream()
                        .map(c -> Parts.wrapped(parts.words().marks().checked(c), "order-source"))
                        .toList());
    }

    private void rows(Learnt learnt) {
        lines.getChildren().clear();
        if (learnt.phrases().isEmpty()) {
            return;
        }
        List<String> heads = new ArrayList<>(List.of("marks.knob", "marks.slider", "marks.peak"));
        if (learnt.slider().isEmpty()) {
            heads.remove("marks.slider");
        }
        lines.addRow(
                0, heads.stream().map(h -> cell(parts.say(h), "order-source")).toArray(Node[]::new));
        int row = 1;
        for (Phrase phrase : learnt.phrases()) {
            Label mark =
                    cell(parts.words().marks().mark(learnt.knob(), phrase.at().knob()), "order-value");
            Label heard = cell(parts.words().marks().heard(phrase), "order-value");
            Button out = parts.bench().button("marks-out-" + row, "marks.out", () -> model.forget(phrase));
            out.setAccessibleText(
                    parts.say("marks.out.name", parts.words().marks().at(learnt, phrase.at())));
            out.setTooltip(new Tooltip(out.getAccessibleText()));
            out.setGraphic(new FontIcon(Feather.X));
            out.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            out.getStyleClass().add("marks-out");
            List<Node> cells = new ArrayList<>(List.of(mark));
            learnt.slider()
                    .map(s -> cell(parts.words().marks().mark(s, phrase.at().slider()), "order-value"))
                    .ifPresent(cells::add);
            cells.addAll(List.of(heard, out));
            lines.addRow(row, cells.toArray(Node[]::new));
            row++;
        }
    }

    private static Label cell(String words, String style) {
        Label label = Parts.label(words, style);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}
