package app.redlamp.desktop.input;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.Taper;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.taking.simulated.JobBooth;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.production.KitModel;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The simulated booth as it follows the room and the kit of the production, and the time of the week in it. */
public final class BoothModel {
    private static final long SEED = 20_260_216;

    private final KitModel kit;
    private final InputModel input;
    private final SimulatedBooth booth;
    private final ReadOnlyObjectWrapper<Scene> scene = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<WeekTime> time = new ReadOnlyObjectWrapper<>();
    private final Latest<Production, Scene> rooms;
    private final Latest<Asked, Outcome> booths;
    /** Until somebody wants to listen, no speech is made ready: it takes seconds of computing. */
    private boolean rehearsing;

    /** Whether the microphones show the readers their backs. */
    private boolean turnedRound;

    /** How far up the slider of the simulated system is, 0 to 1. */
    private double sliderShare = 1;

    private Optional<Asked> last = Optional.empty();
    private Optional<Runnable> afterBooth = Optional.empty();

    /** A booth, and whether its readers are to rehearse. */
    private record Asked(Booth booth, boolean rehearsed) {}

    /** What became of it. */
    private record Outcome(Asked asked, boolean there) {}

    public BoothModel(KitModel kit, InputModel input, SimulatedBooth booth, JobService jobs, WeekTime now) {
        this.kit = kit;
        this.input = input;
        this.booth = booth;
        time.set(now);
        rooms = new Latest<>(jobs, JobBooth::scene, this::hear);
        booths = new Latest<>(jobs, this::prepare, this::ready);
        kit.table().addListener((o, was, is) -> refit());
    }

    /** The room as it is simulated; null for the moment until it is known. */
    public ReadOnlyObjectProperty<Scene> scene() {
        return scene.getReadOnlyProperty();
    }

    /** When it is in the booth. */
    public ReadOnlyObjectProperty<WeekTime> time() {
        return time.getReadOnlyProperty();
    }

    /** Sets the clock of the booth. */
    public void setTime(WeekTime now) {
        if (!now.equals(time.get())) {
            time.set(now);
            if (input.simulated()) {
                input.close();
            }
            refit();
        }
    }

    /** Another production: its room is not known yet. */
    public void forget() {
        rooms.forget();
        scene.set(null);
    }

    /** Follows the room of a production. */
    public void follow(Production now) {
        rooms.ask(now);
    }

    private void hear(Scene now) {
        boolean other = !now.equals(scene.get());
        scene.set(now);
        if (other && input.simulated()) {
            input.close();
        }
        refit();
    }

    /** Fits the booth to kit and room. */
    public void refit() {
        booth().filter(b -> !kit.dragging()).ifPresent(b -> ask(new Asked(b, rehearsing)));
    }

    private Optional<Booth> booth() {
        Kit now = kit.kit().get();
        Scene there = scene.get();
        if (now == null || there == null || kit.need().get() == null) {
            return Optional.empty();
        }
        try {
            int rate = input.format().get().sampleRateHz();
            Table table = kit.table().get();
            Booth usual = Booth.of(now, there, kit.need().get().finishing(), time.get(), rate, SEED);
            Booth seated = usual.seated(table.seats(), table.apartM()).slid(Taper.sliderDb(sliderShare));
            return Optional.of(turnedRound ? seated.turnedRound() : seated);
        } catch (IllegalArgumentException e) {
            // A kit of which no voice reaches a file: the verdict of the kit says so.
            return Optional.empty();
        }
    }

    /** Turns the microphones of the booth round, or back as the kit has them. */
    public void turnRound(boolean round) {
        if (turnedRound != round) {
            turnedRound = round;
            refit();
        }
    }

    /** Moves the slider of the simulated system to a share of the way up, 0 to 1. */
    public void slide(double share) {
        if (sliderShare != share) {
            sliderShare = share;
            refit();
        }
    }

    /** How far up the slider of the simulated system is, 0 to 1. */
    public double sliderShare() {
        return sliderShare;
    }

    /** Somebody is about to listen: the readers rehearse now, and nobody waits for them then. */
    public void rehearse() {
        rehearsing = true;
        refit();
    }

    private void ask(Asked now) {
        last = Optional.of(now);
        booths.ask(now);
    }

    private Outcome prepare(Asked asked) {
        try {
            booth.prepare(asked.booth());
            if (asked.rehearsed()) {
                booth.rehearse();
            }
            return new Outcome(asked, true);
        } catch (IOException e) {
            return new Outcome(asked, false);
        }
    }

    /**
     * Whoever waits for it is let on, or told that there is none; but not by a booth as it was before somebody turned a knob: what
     * is measured then would be measured of the wrong gain.
     */
    private void ready(Outcome outcome) {
        if (last.filter(outcome.asked()::equals).isEmpty()
                || (outcome.there() && !outcome.asked().rehearsed())) {
            return;
        }
        Optional<Runnable> then = afterBooth;
        afterBooth = Optional.empty();
        if (outcome.there()) {
            then.ifPresent(Runnable::run);
        } else if (then.isPresent()) {
            input.fail(Fault.OTHER);
        }
    }

    /** Does something as soon as what is listened to is as room and kit have it. */
    public void whenReady(Runnable then) {
        rehearsing = true;
        Optional<Booth> wanted = input.simulated() ? booth() : Optional.empty();
        if (wanted.isEmpty()) {
            then.run();
        } else {
            afterBooth = Optional.of(then);
            ask(new Asked(wanted.get(), true));
        }
    }

    /** Listens to the input as soon as it is as room and kit have it, and then does something. */
    public void listen(Runnable then) {
        whenReady(() -> input.open(then));
    }

    /** Does not do what was to be done. */
    public void giveUp() {
        afterBooth = Optional.empty();
    }

    public void cue(int channel, Cue what) {
        booth.cue(channel, what);
    }

    /** A chain in the room as it is at this time. */
    public Chain inRoom(Chain chain) {
        Scene there = scene.get();
        return there == null
                ? chain
                : chain.in(new Surroundings(
                        there.noiseAt(time.get()),
                        chain.room().volumeM3(),
                        chain.room().decayS()));
    }

    /** Noises that are on now, as they are in the room. */
    public List<Suspect.KnownNoise> noises() {
        Scene there = scene.get();
        return there == null
                ? List.of()
                : there.sources().stream()
                        .filter(s -> s.on(time.get()))
                        .map(s -> new Suspect.KnownNoise(s.name(), s.levels()))
                        .toList();
    }
}
