package app.redlamp.desktop.level;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.kit.Kit;
import app.redlamp.core.level.Knob;
import app.redlamp.core.level.LevelVerdict;
import app.redlamp.core.level.SchoolWindow;
import app.redlamp.core.level.Step;
import app.redlamp.core.level.StepMeter;
import app.redlamp.core.level.Suspect;
import app.redlamp.core.level.Taken;
import app.redlamp.core.level.VoiceLevels;
import app.redlamp.core.placement.Bleed;
import app.redlamp.core.plan.Production;
import app.redlamp.core.plan.RoomNeeds;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.spot.Spot;
import app.redlamp.core.spot.Study;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.kit.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The guided setting: takes the steps one after the other, for the voice that is looked at, and says where it stands. While the
 * simulated booth is in use it follows the room and the kit of the production.
 */
public final class LevelModel {
    private static final long SEED = 20_260_216;

    private final KitModel kit;
    private final InputModel input;
    private final SimulatedBooth booth;
    private final JobService jobs;
    private final Clock clock;
    private final Map<String, VoiceLevels> voices = new HashMap<>();
    private final ReadOnlyObjectWrapper<Step> running = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<LevelVerdict> verdict = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Scene> scene = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<WeekTime> time = new ReadOnlyObjectWrapper<>();
    private final Latest<Place, Scene> rooms;
    private final Latest<Booth, Booth> booths;
    private Optional<Runnable> afterBooth = Optional.empty();
    private Optional<Booth> prepared = Optional.empty();
    private String productionId = "";

    /** Kit for which the channels were counted: whoever chooses others afterwards keeps them. */
    private String asked = "";

    /** A room that is to be heard. */
    private record Place(Production production, Optional<Spot> spot) {
        Scene scene() {
            if (spot.isEmpty()) {
                Surroundings guess = production.kits().guess().surroundings();
                return Scene.of(guess.noise().dbA(), guess.volumeM3(), guess.decayS());
            }
            double distance = spot.get().room().distanceM();
            return Scene.of(Study.of(spot.get(), RoomNeeds.of(production, distance)));
        }
    }

    public LevelModel(KitModel kit, InputModel input, SimulatedBooth booth, JobService jobs, Clock clock) {
        this.kit = kit;
        this.input = input;
        this.booth = booth;
        this.jobs = jobs;
        this.clock = clock;
        time.set(WeekTimes.of(LocalDateTime.now(clock)));
        rooms = new Latest<>(jobs, Place::scene, this::hear);
        booths = new Latest<>(jobs, this::prepare, this::ready);
        kit.open().production().addListener((o, was, now) -> follow(now));
        kit.path().addListener((o, was, now) -> turned());
        kit.seat().addListener((o, was, now) -> judge());
        input.fault().addListener((o, was, now) -> {
            if (now != null) {
                stop();
            }
        });
        input.chosen().addListener((o, was, now) -> {
            asked = "";
            forget();
            fitChannels();
        });
        follow(kit.open().production().get());
    }

    private void follow(Production now) {
        String id = now == null ? "" : now.id();
        if (!id.equals(productionId)) {
            productionId = id;
            rooms.forget();
            scene.set(null);
            forget();
        }
        if (now != null) {
            rooms.ask(new Place(now, now.spots().current()));
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

    private void hear(Scene now) {
        boolean other = !now.equals(scene.get());
        scene.set(now);
        if (other && input.simulated()) {
            input.close();
        }
        refit();
    }

    private void turned() {
        fitChannels();
        refit();
        judge();
    }

    /** Every voice of the kit that reaches a file has a channel of its own, as far as the input has them. */
    private void fitChannels() {
        Kit now = kit.kit().get();
        if (now == null || input.chosen().get() == null) {
            return;
        }
        int voices = Math.max(1, now.seats().size());
        int most = input.simulated() ? voices : Math.max(1, input.chosen().get().channels());
        int wanted = Math.min(voices, most);
        if (wanted != input.format().get().channels() && !asked.equals(now.id() + voices)) {
            asked = now.id() + voices;
            input.listenAt(
                    input.format().get().sampleRateHz(), input.format().get().bits(), wanted);
        }
    }

    /** Fits the simulated booth to kit and room. */
    private void refit() {
        booth().filter(b -> !kit.dragging()).ifPresent(booths::ask);
    }

    private Optional<Booth> booth() {
        Kit now = kit.kit().get();
        Scene there = scene.get();
        if (now == null || there == null || kit.need().get() == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(Booth.of(
                    now,
                    there,
                    kit.need().get().finishing(),
                    time.get(),
                    input.format().get().sampleRateHz(),
                    SEED));
        } catch (IllegalArgumentException e) {
            // A kit of which no voice reaches a file: the verdict of the kit says so.
            return Optional.empty();
        }
    }

    private Booth prepare(Booth wanted) {
        try {
            booth.prepare(wanted);
            return wanted;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void ready(Booth now) {
        prepared = Optional.of(now);
        Optional<Runnable> then = afterBooth;
        afterBooth = Optional.empty();
        then.ifPresent(Runnable::run);
    }

    /** The step that is listened for; null for none. */
    public ReadOnlyObjectProperty<Step> running() {
        return running.getReadOnlyProperty();
    }

    /** Where the voice that is looked at stands; null without a kit that reaches a file. */
    public ReadOnlyObjectProperty<LevelVerdict> verdict() {
        return verdict.getReadOnlyProperty();
    }

    /** The room as it is simulated; null for the moment until it is known. */
    public ReadOnlyObjectProperty<Scene> scene() {
        return scene.getReadOnlyProperty();
    }

    /** When it is in the simulated booth. */
    public ReadOnlyObjectProperty<WeekTime> time() {
        return time.getReadOnlyProperty();
    }

    public KitModel kit() {
        return kit;
    }

    public InputModel input() {
        return input;
    }

    public ProductionModel open() {
        return kit.open();
    }

    public LocalDateTime now() {
        return LocalDateTime.now(clock);
    }

    /** Share of the running step that is over, 0 to 1. */
    public double share() {
        return input.share();
    }

    /** The chain of the voice that is looked at, in the room as it is at this time. */
    public Optional<Chain> chain() {
        SignalPath path = kit.path().get();
        if (path == null) {
            return Optional.empty();
        }
        Chain chain = path.chain();
        Scene there = scene.get();
        return Optional.of(
                there == null
                        ? chain
                        : chain.in(new Surroundings(
                                there.noiseAt(time.get()),
                                chain.room().volumeM3(),
                                chain.room().decayS())));
    }

    /** Noises that are on now, as they are in the room. */
    public List<Suspect.Heard> noises() {
        Scene there = scene.get();
        return there == null
                ? List.of()
                : there.sources().stream()
                        .filter(s -> s.on(time.get()))
                        .map(s -> new Suspect.Heard(s.name(), s.levels()))
                        .toList();
    }

    /** Sets the clock of the simulated booth. */
    public void setTime(WeekTime now) {
        if (!now.equals(time.get())) {
            time.set(now);
            if (input.simulated()) {
                input.close();
            }
            refit();
            judge();
        }
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

    /** A single microphone may be heard by itself, whichever seat of the kit it is. */
    private int channel(int seat) {
        return Math.min(seat, input.format().get().channels() - 1);
    }

    /** Listens for a step: opens the input where it must be, and lets a simulated reader speak. */
    public void take(Step step) {
        if (step == Step.TURN || kit.kit().get() == null) {
            return;
        }
        stop();
        running.set(step);
        if (input.simulated() && booth().isPresent()) {
            Booth wanted = booth().get();
            if (!prepared.filter(wanted::equals).isPresent()) {
                afterBooth = Optional.of(() -> begin(step));
                booths.ask(wanted);
                return;
            }
        }
        begin(step);
    }

    private void begin(Step step) {
        input.open(() -> {
            if (running.get() == step) {
                int channel = channel(kit.seat().get());
                step.cue().ifPresent(c -> booth.cue(channel, c));
                input.listen(step.seconds(), whole -> heard(step, whole));
            }
        });
    }

    private void heard(Step step, StepMeter whole) {
        booth.cue(channel(kit.seat().get()), Cue.STILL);
        if (running.get() != step) {
            return;
        }
        String voice = voice();
        int channel = channel(kit.seat().get());
        OptionalDouble gain = kit.path().get() == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(kit.path().get().chain().gainDb());
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

    private void log(Step step) {
        LevelVerdict now = verdict.get();
        if (now == null || open().production().get() == null) {
            return;
        }
        Map<String, String> what = new HashMap<>();
        what.put("step", step.id());
        what.put("voice", voice());
        what.put("input", input.chosen().get().name());
        what.put("simulated", String.valueOf(input.simulated()));
        now.levels().of(step).ifPresent(r -> {
            r.samplePeakDbfs().ifPresent(p -> what.put("peakDbfs", String.valueOf(p)));
            r.noiseFloorDbfs().ifPresent(f -> what.put("floorDbfs", String.valueOf(f)));
        });
        open().log("level", what);
    }

    /** Gives up the step that is listened for. */
    public void stop() {
        if (running.get() != null) {
            running.set(null);
            afterBooth = Optional.empty();
            input.giveUp();
            booth.cue(channel(kit.seat().get()), Cue.STILL);
        }
    }

    /** Listens without taking a step: the meters follow. */
    public void listen() {
        listen(() -> {});
    }

    /** Listens, and then does something. */
    void listen(Runnable then) {
        if (input.simulated() && booth().isPresent()) {
            afterBooth = Optional.of(() -> input.open(then));
            booths.ask(booth().get());
        } else {
            input.open(then);
        }
    }

    /** How far neighbours sit apart. */
    public double apartM() {
        return Booth.USUAL_APART_M;
    }

    /** How they sit. */
    public Bleed.Seats seats() {
        return Bleed.Seats.ACROSS;
    }

    /** Where the loudest line is wanted. */
    public void choose(GainSchool school) {
        if (open().production().get() != null) {
            open().edit("school", p -> p.with(p.brief().captured(p.brief().capture(), school)));
        }
    }

    public Optional<GainSchool> school() {
        return Optional.ofNullable(open().production().get()).map(p -> p.brief().school());
    }

    /** Whether the knob was moved since the loudest line was heard. */
    public boolean movedSince() {
        Taken loudest = levels().steps().get(Step.LOUDEST);
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
                SchoolWindow.of(school().get()),
                Optional.of(Knob.of(chain.get().preamp(), chain.get().gainDb())),
                predicted,
                chain.get().finishing()));
    }
}
