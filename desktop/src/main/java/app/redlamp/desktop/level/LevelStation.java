package app.redlamp.desktop.level;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.input.MonitorModel;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.StationBase;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** The Level station for the shell. */
public final class LevelStation extends StationBase {
    private static final List<KeyCode> DIGITS =
            List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5);

    private final LevelModel model;
    private final Strings strings;
    private final StationParts<Models> parts;
    private final LevelView view;
    private final LevelReading reading;
    private Reading told;

    /**
     * What the station works with.
     *
     * @param clearance whether the lamp may go on; asked for when it is first looked at
     * @param night opens the room's diary
     */
    public record Models(
            LevelModel level,
            CardModel cards,
            WatchModel watch,
            SidesModel sides,
            MarksModel marks,
            MonitorModel monitor,
            Supplier<Clearance> clearance,
            Runnable night) {}

    public LevelStation(StationContext context, Models models) {
        this(StationParts.of(context, models));
    }

    private LevelStation(StationParts<Models> parts) {
        super(StationId.LEVEL, parts);
        this.parts = parts;
        model = parts.models().level();
        strings = parts.strings();
        view = new LevelView(parts);
        reading = new LevelReading(parts, this::toBrief, () -> view.openDesk("sides"));
        Soon soon = new Soon(this::show);
        model.verdict().addListener((o, was, now) -> soon.ask());
        model.loudestLine().addListener((o, was, now) -> soon.ask());
        parts.models().sides().heard().addListener((o, was, now) -> soon.ask());
        parts.models().marks().learnt().addListener((o, was, now) -> soon.ask());
        model.running().addListener((o, was, now) -> soon.ask());
        model.booth().scene().addListener((o, was, now) -> soon.ask());
        model.booth().time().addListener((o, was, now) -> soon.ask());
        model.kit().table().addListener((o, was, now) -> soon.ask());
        model.kit().seat().addListener((o, was, now) -> soon.ask());
        model.openProduction().production().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().inputs().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().chosen().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().format().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().listening().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().lostMs().addListener((o, was, now) -> soon.ask());
        parts.models().level().input().fault().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().outputs().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().chosen().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().on().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().gainDb().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().fault().addListener((o, was, now) -> soon.ask());
        parts.models().monitor().warning().addListener((o, was, now) -> soon.ask());
        parts.context().units().words().addListener((o, was, now) -> soon.ask());
        show();
    }

    @Override
    public Optional<Overrule.Station> guards() {
        return Optional.of(Overrule.Station.LEVEL);
    }

    /** Space is the next step: whatever button had the focus would take it for itself. */
    @Override
    public Optional<Node> work() {
        return model.current().map(v -> view.dial());
    }

    @Override
    public Node bench() {
        return view.node();
    }

    @Override
    public void opened() {
        parts.models().level().input().refresh();
        parts.models().level().booth().rehearse();
    }

    /** Recordings are measured elsewhere: it is said where. */
    @Override
    public void drop(List<Path> files) {
        view.say("level.drop");
    }

    @Override
    public List<KeyBinding> keys() {
        List<KeyBinding> all = new ArrayList<>();
        all.add(KeyBinding.plain(KeyCode.SPACE, strings.say("keys.level.go"), this::next));
        SettingStep[] steps = SettingStep.values();
        for (int i = 0; i < steps.length; i++) {
            SettingStep step = steps[i];
            all.add(KeyBinding.plain(DIGITS.get(i), parts.words().level().step(step), () -> view.press(step)));
        }
        all.add(KeyBinding.plain(KeyCode.F, strings.say("keys.level.floor"), () -> view.openDesk("floor")));
        all.add(KeyBinding.plain(KeyCode.K, strings.say("keys.level.knobs"), () -> view.openDesk("hands")));
        all.add(KeyBinding.plain(KeyCode.W, strings.say("keys.level.school"), () -> view.openDesk("school")));
        all.add(KeyBinding.plain(KeyCode.I, strings.say("keys.level.input"), () -> view.openDesk("input")));
        all.add(KeyBinding.plain(KeyCode.H, strings.say("keys.level.monitor"), () -> view.openDesk("monitor")));
        all.add(KeyBinding.plain(KeyCode.C, strings.say("keys.level.card"), () -> view.openDesk("card")));
        all.add(KeyBinding.plain(KeyCode.M, strings.say("keys.level.marks"), () -> view.openDesk("marks")));
        all.add(KeyBinding.plain(KeyCode.S, strings.say("keys.level.sides"), () -> view.openDesk("sides")));
        all.add(KeyBinding.plain(KeyCode.R, strings.say("keys.level.watch"), () -> view.openDesk("watch")));
        all.add(KeyBinding.plain(KeyCode.O, strings.say("keys.level.clear"), () -> view.openDesk("clear")));
        all.add(KeyBinding.plain(KeyCode.N, strings.say("keys.voice"), this::nextVoice));
        all.add(KeyBinding.plain(
                KeyCode.U, strings.say("keys.lengths"), parts.context().units()::turn));
        return all;
    }

    /** What the column offers as the next thing, whatever that is: one rule for the key and the button. */
    private void next() {
        reading.now().primary().ifPresent(a -> a.run().run());
    }

    private void nextVoice() {
        if (model.kit().kit().get() != null) {
            model.kit()
                    .look((model.kit().seat().get() + 1)
                            % model.kit().kit().get().seats().size());
        }
    }

    private void show() {
        told = reading.now();
        redraw();
        tell(nowHeadings());
        tell(nowStanding(told));
        tell(nowFacts());
    }

    @Override
    protected void draw() {
        view.show();
        column().show(told);
    }

    private Headings nowHeadings() {
        Production production = model.openProduction().production().get();
        if (production == null) {
            return new Headings(strings.say("heading.none"), strings.say("heading.brief.none"));
        }
        return new Headings(
                production.brief().title(),
                model.voice().isEmpty()
                        ? strings.say("heading.kit.none")
                        : strings.say(
                                "heading.level",
                                model.voice(),
                                model.kit().kit().get().name()));
    }

    private Standing nowStanding(Reading told) {
        LevelVerdict verdict = model.verdict().get();
        if (verdict == null || verdict.verdict().state() == Verdict.State.UNKNOWN) {
            return Standing.unknown(strings.say("stand.level.none"), strings.say("stand.level.first"));
        }
        if (verdict.verdict().clear()) {
            return new Standing(verdict.verdict(), true, strings.say("stand.level.right"), "");
        }
        String first = told.help().isEmpty()
                ? told.primary().map(Reading.Action::label).orElse("")
                : told.help().get(0).title();
        return new Standing(verdict.verdict(), false, strings.say("stand.level.not"), first);
    }

    private List<String> nowFacts() {
        List<String> facts = new ArrayList<>();
        Path folder = model.openProduction().folder().get();
        if (folder != null) {
            facts.add(strings.say("fact.production", String.valueOf(folder.getFileName())));
        }
        Production production = model.openProduction().production().get();
        if (production != null) {
            production.spots().current().map(Spot::name).ifPresent(n -> facts.add(strings.say("fact.room", n)));
        }
        if (model.kit().kit().get() != null) {
            facts.add(strings.say("fact.kit", model.kit().kit().get().name()));
        }
        long lost = parts.models().level().input().lostMs().get();
        if (lost > 0) {
            facts.add(strings.say("fact.lost", lost));
        }
        return facts;
    }
}
