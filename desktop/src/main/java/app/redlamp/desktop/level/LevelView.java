package app.redlamp.desktop.level;

import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.LiveMeter;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.control.Dial;
import app.redlamp.desktop.control.DialPicture;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.control.LiveHills;
import app.redlamp.desktop.control.StepLine;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.beans.property.SimpleStringProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The bench of the Level station: the steps, the dial and the hills, and a desk with what they depend on. */
final class LevelView {
    private static final List<SettingStep> STEPS = Arrays.asList(SettingStep.values());
    private static final List<Integer> SCALE = List.of(-24, -18, -12, -6, 0);
    private static final int AXIS_FROM = -90;
    private static final int AXIS_STEP = 15;

    private final StationParts<LevelStation.Models> parts;
    private final StackPane page = new StackPane();
    private final Label banner = Parts.label("", "simulated-banner");
    private final StepLine steps;
    private final Label ask = Parts.wrapped("", "level-ask");
    private final Label line = Parts.wrapped("", "level-line");
    private final HBox seats = new HBox();
    private final Dial dial = new Dial();
    private final LiveHills hills = new LiveHills();
    private final FloorSheet floor;
    private final Desk<StationParts<LevelStation.Models>> desk;
    private final SimpleStringProperty fault = new SimpleStringProperty("");
    private final LiveMeter.Look look = new LiveMeter.Look();
    private final LiveHills.Levels levels = new Seen(look);
    private final Node bench;
    private String seated = "";
    private int frame;
    private long hillsDrawn;
    private long spectrumDrawn;

    /** What the meter has seen, for the picture. */
    private record Seen(LiveMeter.Look look) implements LiveHills.Levels {
        @Override
        public int noise(int bin) {
            return look.noise(bin);
        }

        @Override
        public int voice(int bin) {
            return look.voice(bin);
        }

        @Override
        public int peakCount() {
            return look.peakCount();
        }

        @Override
        public double peakDb(int index) {
            return look.peakDb(index);
        }
    }

    LevelView(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        steps = new StepLine(
                Arrays.stream(SettingStep.values()).map(s -> "step-" + s.id()).toList(), i -> press(STEPS.get(i)));
        banner.setId("simulated-banner");
        banner.setMaxWidth(Double.MAX_VALUE);
        ask.setId("level-ask");
        line.setId("level-line");
        dial.setId("level-dial");
        dial.setFocusTraversable(true);
        hills.setId("level-hills");
        seats.setId("level-seats");
        seats.getStyleClass().add("desk-tabs");
        floor = new FloorSheet(parts);
        desk = new Desk<>(parts.bench(), sheets(), fault);
        desk.setId("level-desk");
        parts.models().level().kit().fault().addListener((o, was, now) -> fault.set(now));
        bench = build();
        page.getChildren().add(bench);
        AnimationTimer timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                follow();
            }
        };
        Sight.follow(page, seen -> {
            if (seen) {
                timer.start();
            } else {
                timer.stop();
            }
        });
    }

    private Map<String, Supplier<Desk.Sheet<StationParts<LevelStation.Models>>>> sheets() {
        Map<String, Supplier<Desk.Sheet<StationParts<LevelStation.Models>>>> sheets = new LinkedHashMap<>();
        sheets.put("floor", () -> floor);
        sheets.put("hands", () -> new LevelKnobsSheet(parts));
        sheets.put("school", () -> new SchoolSheet(parts));
        sheets.put("input", () -> new InputSheet(parts));
        sheets.put("monitor", () -> new MonitorSheet(parts));
        sheets.put("card", () -> new CardSheet(parts));
        sheets.put("marks", () -> new MarksSheet(parts));
        sheets.put("sides", () -> new SidesSheet(parts));
        sheets.put("watch", () -> new WatchSheet(parts, parts.models().night()));
        sheets.put(
                "clear", () -> new ClearSheet(parts, parts.models().clearance().get()));
        return sheets;
    }

    /** What has the focus while one sets the gain: it takes no keys of its own. */
    Node dial() {
        return dial;
    }

    private Node build() {
        VBox words = new VBox(ask, line);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox prompt = new HBox(words, seats);
        prompt.getStyleClass().add("level-prompt");
        HBox.setHgrow(dial, Priority.ALWAYS);
        HBox.setHgrow(hills, Priority.ALWAYS);
        dial.setPrefWidth(300);
        hills.setPrefWidth(420);
        HBox pictures = new HBox(dial, hills);
        pictures.getStyleClass().add("level-pictures");
        VBox.setVgrow(pictures, Priority.ALWAYS);
        VBox all = Gradual.fill(new VBox(), banner, steps, prompt, pictures, desk);
        all.getStyleClass().addAll("bench", "brief-bench", "brief-part");
        return all;
    }

    Node node() {
        return page;
    }

    void openDesk(String sheet) {
        desk.open(sheet);
    }

    void say(String key) {
        fault.set(parts.say(key));
    }

    void press(SettingStep step) {
        if (step == SettingStep.TURN) {
            openDesk("hands");
        } else {
            parts.models().level().take(step);
        }
    }

    void show() {
        fault.set("");
        boolean simulated = parts.models().level().input().simulated();
        banner.setText(parts.say("level.simulated"));
        banner.setVisible(simulated);
        banner.setManaged(simulated);
        Optional<LevelVerdict> verdict = parts.models().level().current();
        bench.setDisable(verdict.isEmpty());
        verdict.ifPresent(v -> {
            steps.show(Arrays.stream(SettingStep.values()).map(s -> step(s, v)).toList());
            prompt(v);
            dial.show(Optional.of(dial(v)));
            hills.set(
                    new LiveHills.Words(
                            parts.say("hills.noise"), parts.say("hills.voice"), parts.say("level.peaks-here"), axis()),
                    v.school().lowDbfs(),
                    v.school().highDbfs());
        });
        seats();
        desk.show(parts);
        frame = 0;
    }

    private StepLine.Step step(SettingStep step, LevelVerdict verdict) {
        SettingStep running = parts.models().level().running().get();
        boolean now = running == null ? verdict.next().filter(s -> s == step).isPresent() : running == step;
        return new StepLine.Step(
                lamp(step, verdict),
                parts.words().level().step(step),
                running == step
                        ? parts.say("level.listening")
                        : parts.words().level().figure(step, verdict),
                now);
    }

    private static LampState lamp(SettingStep step, LevelVerdict verdict) {
        if (step == SettingStep.TURN) {
            return verdict.turn()
                    .map(t -> t.verdict() == Turn.Verdict.FITS ? LampState.LIT : LampState.HALF)
                    .orElse(LampState.UNLIT);
        }
        if (verdict.levels().of(step).isEmpty()) {
            return LampState.UNLIT;
        }
        boolean trouble = switch (step) {
            case STILL -> verdict.held(LevelProblem.NOISE);
            case LOUDEST -> verdict.levels().loudest().filter(p -> p.clipped()).isPresent();
            case EXCITED -> verdict.held(LevelProblem.EXCITED);
            case READ, TURN -> false;
        };
        return trouble ? LampState.HALF : LampState.LIT;
    }

    private void prompt(LevelVerdict verdict) {
        SettingStep running = parts.models().level().running().get();
        Optional<SettingStep> step = running == null ? verdict.next() : Optional.of(running);
        String over = verdict.verdict().clear() ? "level.done" : "level.held";
        ask.setText(step.map(s -> parts.words().level().ask(s)).orElse(parts.say(over)));
        boolean loud = step.filter(s -> s == SettingStep.LOUDEST || s == SettingStep.EXCITED || s == SettingStep.TURN)
                .isPresent();
        line.setText(loud ? parts.models().level().loudestLine().get() : "");
        line.setVisible(!line.getText().isEmpty());
        line.setManaged(line.isVisible());
    }

    private DialPicture dial(LevelVerdict verdict) {
        String figure = verdict.turn()
                .map(t ->
                        t.moves() ? parts.say("level.db", parts.words().chains().gain(Math.rint(t.db()))) : figure(t))
                .orElse(parts.say("level.unknown"));
        String words = verdict.turn().isPresent()
                ? parts.words().level().turnFrom(verdict)
                : parts.words().level().school(verdict.school());
        String marks = verdict.turn().map(t -> parts.words().level().turn(t)).orElse(parts.say("level.speak"));
        List<String> scale =
                SCALE.stream().map(db -> parts.bench().figures().whole(db)).toList();
        return new DialPicture(
                verdict.school().lowDbfs(),
                verdict.school().aimDbfs(),
                verdict.school().highDbfs(),
                figure,
                words,
                marks,
                scale);
    }

    private String figure(Turn turn) {
        return parts.say(turn.verdict() == Turn.Verdict.FITS ? "level.right" : "level.end");
    }

    private List<String> axis() {
        List<String> all = new ArrayList<>();
        for (int db = AXIS_FROM; db <= 0; db += AXIS_STEP) {
            all.add(parts.bench().figures().whole(db));
        }
        return all;
    }

    private void seats() {
        Kit kit = parts.models().level().kit().kit().get();
        String now = kit == null
                ? ""
                : parts.models().level().kit().seat().get()
                        + String.join(
                                "|", kit.seats().stream().map(s -> s.name()).toList());
        if (now.equals(seated)) {
            return;
        }
        seated = now;
        seats.getChildren().clear();
        if (kit != null && kit.seats().size() > 1) {
            ToggleGroup group = new ToggleGroup();
            for (int i = 0; i < kit.seats().size(); i++) {
                int index = i;
                ChoiceButton button = new ChoiceButton(
                        "level-seat-" + (i + 1), kit.seats().get(i).name());
                button.setToggleGroup(group);
                button.setSelected(i == parts.models().level().kit().seat().get());
                button.setMinWidth(Region.USE_PREF_SIZE);
                button.setOnAction(e -> parts.models().level().kit().look(index));
                seats.getChildren().add(button);
            }
        }
    }

    /** Sixty times a second, while the bench is seen. */
    private void follow() {
        List<LiveMeter> meters = parts.models().level().input().meters().get();
        frame++;
        if (meters.isEmpty()) {
            if (frame < 3) {
                hills.draw(null);
                floor.follow(null);
                dial.follow(-150, -150);
                steps.progress(-1, 0);
            }
            return;
        }
        meters.get(Math.min(meters.size() - 1, parts.models().level().channel()))
                .look(look);
        dial.follow(look.levelDb(), look.highestDb());
        // What has not changed is not drawn again: the needle alone moves with every frame.
        if (look.hills() != hillsDrawn || frame < 3) {
            hillsDrawn = look.hills();
            hills.draw(levels);
        }
        if (look.spectra() != spectrumDrawn || frame < 3) {
            spectrumDrawn = look.spectra();
            floor.follow(look);
        }
        SettingStep running = parts.models().level().running().get();
        steps.progress(STEPS.indexOf(running), parts.models().level().share());
    }
}
