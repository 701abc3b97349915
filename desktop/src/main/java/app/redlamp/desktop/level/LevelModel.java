package app.redlamp.desktop.level;

import app.redlamp.core.booth.Cue;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.LoudestLine;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.setting.level.Knob;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.StepMeter;
import app.redlamp.core.setting.level.Taken;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.desktop.input.BoothModel;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * The guided setting: takes the steps one after the other, for the voice that is looked at, and says where it stands. While the
 * simulated booth is in use it follows the room and the kit of the production.
 */
public final class LevelModel {
    private final KitModel kit;
    private final InputModel input;
    private final BoothModel booth;
    private final JobService jobs;
    private final Strings strings;
    private final Clock clock;
    private final Latest<ScriptText, String> lines;
    private final ReadOnlyStringWrapper loudestLine = new ReadOnlyStringWrapper("");
    private final Map<String, VoiceLevels> voices = new HashMap<>();

    /** Channels of a real input that were chosen for voices. */
    private final Map<String, Integer> routes = new HashMap<>();

    private final ReadOnlyObjectWrapper<SettingStep> running = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<LevelVerdict> verdict = new ReadOnlyObjectWrapper<>();
    private ScriptText script = ScriptText.EMPTY;

    /** Channel of whoever speaks, and where the knob stood when the step began. */
    private int speaking;

    private OptionalDouble gainDb = OptionalDouble.empty();
    private String productionId = "";

    /** Kit for which the channels were counted: whoever chooses others afterwards keeps them. */
    private String asked = "";

    public LevelModel(KitModel kit, InputModel input, BoothModel booth, JobService jobs, Strings strings, Clock clock) {
        this.strings = strings;
        lines = new Latest<>(jobs, LevelModel::loudest, loudestLine::set);
        this.kit = kit;
        this.input = input;
        this.jobs = jobs;
        this.clock = clock;
        this.booth = booth;
        booth.scene().addListener((o, was, now) -> judge());
        booth.time().addListener((o, was, now) -> judge());
        kit.openProduction().production().addListener((o, was, now) -> follow(now));
        kit.path().addListener((o, was, now) -> turned());
        kit.seat().addListener((o, was, now) -> {
            // What is listened for belongs to the voice that was looked at.
            stop();
            judge();
        });
        input.fault().addListener((o, was, now) -> {
            if (now != null) {
                stop();
            }
        });
        input.chosen().addListener((o, was, now) -> {
            asked = "";
            routes.clear();
            forget();
            fitChannels();
        });
        follow(kit.openProduction().production().get());
    }

    private void follow(Production now) {
        String id = now == null ? "" : now.id();
        if (!id.equals(productionId)) {
            productionId = id;
            booth.forget();
            forget();
        }
        if (now != null) {
            booth.follow(now);
            if (!now.script().text().equals(script)) {
                script = now.script().text();
                lines.ask(script);
            }
        }
        judge();
    }

    /** Another input: what was measured of the one before says nothing. */
    private void forget() {
        stop();
        voices.clear();
        input.close();
        judge();
    }

    private void turned() {
        fitChannels();
        booth.refit();
        judge();
    }

    /** Every voice of the kit that reaches a file has a channel of its own, as far as the input has them. */
    private void fitChannels() {
        Kit now = kit.kit().get();
        if (now == null || input.chosen().get() == null) {
            return;
        }
        int voices = Math.max(1, heard(now));
        int most = input.simulated() ? voices : Math.max(1, input.chosen().get().channels());
        int routed = routes.values().stream().mapToInt(c -> c + 1).max().orElse(1);
        int wanted = Math.min(Math.max(voices, routed), most);
        String why = now.id() + voices + routes;
        if (wanted != input.format().get().channels() && !asked.equals(why)) {
            asked = why;
            input.listenAt(
                    input.format().get().sampleRateHz(), input.format().get().bits(), wanted);
        }
    }

    /** Voices that reach a file. */
    private int heard(Kit now) {
        Need need = kit.need().get();
        return need == null
                ? now.seats().size()
                : (int) IntStream.range(0, now.seats().size())
                        .filter(i -> now.chain(i, need.room(), need.finishing()).isPresent())
                        .count();
    }

    /** Where the voice that is looked at stands; absent without a kit. */
    public Optional<LevelVerdict> current() {
        return Optional.ofNullable(verdict.get());
    }

    /** The step that is listened for; null for none. */
    public ReadOnlyObjectProperty<SettingStep> running() {
        return running.getReadOnlyProperty();
    }

    /** Where the voice that is looked at stands; null without a kit that reaches a file. */
    public ReadOnlyObjectProperty<LevelVerdict> verdict() {
        return verdict.getReadOnlyProperty();
    }

    public KitModel kit() {
        return kit;
    }

    public InputModel input() {
        return input;
    }

    public BoothModel booth() {
        return booth;
    }

    public ProductionModel openProduction() {
        return kit.openProduction();
    }

    public LocalDateTime now() {
        return LocalDateTime.now(clock);
    }

    /** The line of the script that looks loudest; empty where none does. */
    public ReadOnlyStringProperty loudestLine() {
        return loudestLine.getReadOnlyProperty();
    }

    private static String loudest(ScriptText text) {
        return LoudestLine.of(text, 1).stream()
                .findFirst()
                .map(LoudestLine::text)
                .orElse("");
    }

    /** Share of the running step that is over, 0 to 1. */
    public double share() {
        return input.share();
    }

    /** The chain of the voice that is looked at, in the room as it is at this time. */
    public Optional<Chain> chain() {
        return Optional.ofNullable(kit.path().get()).map(path -> booth.inRoom(path.chain()));
    }

    /** Name of the voice that is looked at; empty without a kit. */
    public String voice() {
        return kit.currentSeat().map(s -> s.name()).orElse("");
    }

    /** What was heard of the voice that is looked at. */
    public VoiceLevels levels() {
        return levels(voice(), kit.seat().get());
    }

    /** What was heard of a voice. */
    public VoiceLevels levels(String name, int seat) {
        return voices.getOrDefault(name, VoiceLevels.none(channel(seat)));
    }

    /** Channel of the microphone of the voice that is looked at, from 0. */
    public int channel() {
        return channel(kit.seat().get());
    }

    /** The same of any voice. A single microphone may be heard by itself, whichever seat of the kit it is. */
    int channel(int seat) {
        Kit now = kit.kit().get();
        int own = now == null || seat >= now.seats().size()
                ? seat
                : routes.getOrDefault(now.seats().get(seat).name(), seat);
        return Math.min(own, input.format().get().channels() - 1);
    }

    /**
     * Hears the voice that is looked at on another channel of a real input, from 0; what was heard of it before is forgotten. In
     * the simulated booth every voice has its own.
     */
    public void route(int channel) {
        if (input.simulated() || input.chosen().get() == null || voice().isEmpty()) {
            return;
        }
        int there = Math.max(0, Math.min(input.chosen().get().channels() - 1, channel));
        if (there == channel()) {
            return;
        }
        forgetVoice();
        routes.put(voice(), there);
        fitChannels();
        judge();
    }

    /** Forgets what was measured of the voice that is looked at: it was heard in another way. */
    void forgetVoice() {
        stop();
        voices.remove(voice());
        judge();
    }

    /** Listens for a step: opens the input where it must be, and lets a simulated reader speak. */
    public void take(SettingStep step) {
        if (step == SettingStep.TURN
                || kit.kit().get() == null
                || input.chosen().get() == null) {
            return;
        }
        stop();
        running.set(step);
        booth.whenReady(() -> begin(step));
    }

    private void begin(SettingStep step) {
        input.open(() -> {
            if (running.get() == step) {
                speaking = channel();
                gainDb = kit.path().get() == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(kit.path().get().chain().gainDb());
                step.cue().ifPresent(c -> booth.cue(speaking, c));
                input.listen(step.seconds(), whole -> heard(step, whole));
            }
        });
    }

    private void heard(SettingStep step, StepMeter whole) {
        booth.cue(speaking, Cue.STILL);
        if (running.get() != step) {
            return;
        }
        String voice = voice();
        int channel = speaking;
        OptionalDouble gain = gainDb;
        List<JobService.Work<List<Report>>> work = List.of(progress -> whole.reports());
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Report> reports) {
                VoiceLevels before = voices.getOrDefault(voice, VoiceLevels.none(channel));
                voices.put(voice, before.with(new Taken(step, gain, reports)));
                running.set(null);
                judge();
                log(step);
            }

            @Override
            public void failed(int part, String message) {
                running.set(null);
            }

            @Override
            public void ended(boolean cancelled) {
                if (running.get() == step) {
                    running.set(null);
                }
            }
        });
    }

    private void log(SettingStep step) {
        LevelVerdict now = verdict.get();
        if (now == null || openProduction().production().get() == null) {
            return;
        }
        Optional<Report> report = now.levels().of(step);
        openProduction()
                .files()
                .log(new LogEntry.Level(
                        step.id(),
                        voice(),
                        input.chosen().get().name(),
                        input.simulated(),
                        report.map(Report::samplePeakDbfs).orElse(OptionalDouble.empty()),
                        report.map(Report::noiseFloorDbfs).orElse(OptionalDouble.empty())));
    }

    /** Gives up the step that is listened for, and whatever waits for the booth. */
    public void stop() {
        booth.giveUp();
        if (running.get() != null) {
            running.set(null);
            input.giveUp();
            booth.cue(speaking, Cue.STILL);
        }
    }

    /** Listens without taking a step: the meters follow. */
    public void listen() {
        listen(() -> {});
    }

    /** Listens, and then does something. */
    void listen(Runnable then) {
        booth.listen(then);
    }

    /** Where the loudest line is wanted. */
    public void choose(GainSchool school) {
        if (openProduction().production().get() != null) {
            openProduction()
                    .edit(
                            strings.say("edit.school"),
                            p -> p.with(p.brief().captured(p.brief().capture(), school)));
        }
    }

    public Optional<GainSchool> school() {
        return Optional.ofNullable(openProduction().production().get())
                .map(p -> p.brief().school());
    }

    /** The chain with its knob where it stood while the floor was measured: what was heard then is explained by it. */
    public Optional<Chain> chainWhenStill() {
        OptionalDouble then = levels().gain(SettingStep.STILL);
        return chain().map(c -> then.isPresent() ? c.gained(c.preamp().within(then.getAsDouble())) : c);
    }

    /** Whether the knob was moved since the loudest line was heard. */
    public boolean movedSince() {
        Taken loudest = levels().steps().get(SettingStep.LOUDEST);
        return loudest != null
                && loudest.gainDb().isPresent()
                && kit.path().get() != null
                && Math.abs(loudest.gainDb().getAsDouble()
                                - kit.path().get().chain().gainDb())
                        > 0.25;
    }

    private void judge() {
        Optional<Chain> chain = chain();
        if (chain.isEmpty() || school().isEmpty()) {
            verdict.set(null);
            return;
        }
        OptionalDouble predicted = OptionalDouble.of(SignalPath.of(chain.get())
                .node(Node.Stage.CONVERTER)
                .orElseThrow()
                .averageDb());
        verdict.set(LevelVerdict.of(
                levels(),
                school().get(),
                Optional.of(Knob.of(chain.get().preamp(), chain.get().gainDb())),
                predicted,
                chain.get().finishing()));
    }
}
