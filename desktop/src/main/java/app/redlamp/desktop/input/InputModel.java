package app.redlamp.desktop.input;

import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.setting.level.LiveMeter;
import app.redlamp.core.setting.level.StepMeter;
import app.redlamp.desktop.job.JobService;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The input that is listened to. It is opened away from the interface thread; what comes in goes to the live meters, and to
 * whoever listens for the length of a step.
 */
public final class InputModel {
    /** Somebody has just pressed a key: so much is let pass. */
    private static final double SKIP_S = 0.5;

    private static final int MOST_FRAMES = 16_384;
    private static final Format USUAL = new Format(48_000, 24, 1);

    private final Capture capture;
    private final JobService jobs;
    private final Executor interfaceThread;
    private final ReadOnlyObjectWrapper<List<Input>> inputs = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Input> chosen = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Format> format = new ReadOnlyObjectWrapper<>(USUAL);
    private final ReadOnlyBooleanWrapper listening = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Fault> fault = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<LiveMeter>> meters = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyLongWrapper lostMs = new ReadOnlyLongWrapper();
    private Optional<Line> line = Optional.empty();
    private Optional<Runnable> whenOpen = Optional.empty();
    private boolean opening;
    private final List<Sink> also = new CopyOnWriteArrayList<>();
    private final AtomicReference<Ear> ear = new AtomicReference<>(Ear.deaf(List.of()));

    /** How often it was closed: what was opened for an earlier time is not wanted any more. */
    private int age;

    /** Told when a step is over, on the interface thread. */
    public interface AfterStep {
        void heard(StepMeter whole);
    }

    /** Takes everything that comes in, on the capturing thread. */
    public interface Sink {
        /**
         * The next frames.
         *
         * @param lost frames that were lost just before these
         */
        void take(float[][] block, int frames, long lost);

        /** Nothing more will come, and why; not told to whoever was taken off. */
        default void ended(Fault reason) {}
    }

    /** What the capturing thread works with; changed as a whole. */
    private record Ear(List<LiveMeter> meters, Optional<StepMeter> step, AfterStep then) {
        /** Listens for nothing in particular. */
        static Ear deaf(List<LiveMeter> meters) {
            return new Ear(meters, Optional.empty(), whole -> {});
        }
    }

    public InputModel(Capture capture, JobService jobs, Executor interfaceThread) {
        this.capture = capture;
        this.jobs = jobs;
        this.interfaceThread = interfaceThread;
    }

    public ReadOnlyObjectProperty<List<Input>> inputs() {
        return inputs.getReadOnlyProperty();
    }

    /** The input in use; null for none. */
    public ReadOnlyObjectProperty<Input> chosen() {
        return chosen.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Format> format() {
        return format.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty listening() {
        return listening.getReadOnlyProperty();
    }

    /** Why it cannot be listened to; null where it can. */
    public ReadOnlyObjectProperty<Fault> fault() {
        return fault.getReadOnlyProperty();
    }

    /** Milliseconds that the device has lost since it was opened; 0 for none. */
    public ReadOnlyLongProperty lostMs() {
        return lostMs.getReadOnlyProperty();
    }

    /** One for each channel while it is listened to. */
    public ReadOnlyObjectProperty<List<LiveMeter>> meters() {
        return meters.getReadOnlyProperty();
    }

    /** Whether what is in use is the simulated booth. */
    public boolean simulated() {
        return chosen.get() != null && chosen.get().simulated();
    }

    /** From the microphone to the meters, in seconds; 0 while nothing is listened to. */
    public double latencyS() {
        return line.map(Line::latencyS).orElse(0.0);
    }

    /** Looks again which inputs there are; the one in use stays, or the first takes its place. */
    public void refresh() {
        List<JobService.Work<List<Input>>> work = List.of(progress -> capture.inputs());
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Input> found) {
                inputs.set(found);
                Input now = chosen.get();
                boolean there = now != null && found.stream().anyMatch(i -> i.id().equals(now.id()));
                if (!there && !found.isEmpty()) {
                    choose(found.get(0));
                }
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    /** Uses another input; what is listened to is closed. */
    public void choose(Input input) {
        close();
        fault.set(null);
        chosen.set(input);
    }

    /**
     * Listens in another way.
     *
     * @throws IllegalArgumentException with one line, where it cannot be
     */
    public void listenAt(int sampleRateHz, int bits, int channels) {
        Format other = new Format(sampleRateHz, bits, channels);
        if (!other.equals(format.get())) {
            close();
            fault.set(null);
            format.set(other);
        }
    }

    /** Opens the input where it is not open yet, and then does something. */
    public void open(Runnable then) {
        if (line.isPresent()) {
            then.run();
            return;
        }
        whenOpen = Optional.of(then);
        Input input = chosen.get();
        if (opening || input == null) {
            return;
        }
        opening = true;
        int asked = age;
        fault.set(null);
        Format wanted = format.get();
        List<LiveMeter> fresh = Stream.generate(() -> new LiveMeter(wanted.sampleRateHz()))
                .limit(wanted.channels())
                .toList();
        ear.set(Ear.deaf(fresh));
        lostMs.set(0);
        List<JobService.Work<Opened>> work = List.of(progress -> opened(input, wanted));
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, Opened opened) {
                opening = false;
                take(opened, asked, fresh);
            }

            @Override
            public void failed(int part, String message) {
                opening = false;
                fault.set(Fault.OTHER);
            }

            @Override
            public void ended(boolean cancelled) {
                opening = false;
            }
        });
    }

    /** An open line, or why there is none. */
    private record Opened(Optional<Line> line, Optional<Fault> fault) {}

    private Opened opened(Input input, Format wanted) {
        try {
            return new Opened(Optional.of(capture.open(input, wanted, new Ears())), Optional.empty());
        } catch (CaptureException e) {
            return new Opened(Optional.empty(), Optional.of(e.fault()));
        }
    }

    private void take(Opened opened, int asked, List<LiveMeter> fresh) {
        if (asked != age) {
            opened.line().ifPresent(Line::close);
            whenOpen.ifPresent(this::open);
            return;
        }
        fault.set(opened.fault().orElse(null));
        line = opened.line();
        listening.set(line.isPresent());
        meters.set(line.isPresent() ? fresh : List.of());
        Optional<Runnable> then = whenOpen;
        whenOpen = Optional.empty();
        if (line.isPresent()) {
            then.ifPresent(Runnable::run);
        }
    }

    /** Listens for the length of a step; what was listened for before is given up. */
    public void listen(double seconds, AfterStep then) {
        Format now = format.get();
        StepMeter step = new StepMeter(now.sampleRateHz(), now.bits(), now.channels(), SKIP_S, seconds, MOST_FRAMES);
        ear.set(new Ear(ear.get().meters(), Optional.of(step), then));
    }

    /** Share of what is listened for that is over, 0 to 1; 0 for nothing. */
    public double share() {
        return ear.get().step().map(StepMeter::share).orElse(0.0);
    }

    /** Gives up what is listened for. */
    public void giveUp() {
        ear.set(Ear.deaf(ear.get().meters()));
    }

    /** Lets somebody else hear everything too. */
    public void alsoTo(Sink sink) {
        also.add(sink);
    }

    /** No longer lets it hear. */
    public void noMoreTo(Sink sink) {
        also.remove(sink);
    }

    /** Stops listening. */
    public void close() {
        age++;
        giveUp();
        whenOpen = Optional.empty();
        line.ifPresent(Line::close);
        line = Optional.empty();
        listening.set(false);
        meters.set(List.of());
    }

    /** It cannot be listened to: whoever waits for it is told. */
    void fail(Fault why) {
        close();
        fault.set(why);
    }

    /** On the capturing thread. */
    private final class Ears implements Capture.Taker {
        @Override
        public void take(float[][] block, int frames, long lost) {
            Ear now = ear.get();
            if (lost > 0) {
                interfaceThread.execute(() -> lostMs.set(
                        lostMs.get() + Math.round(1000.0 * lost / format.get().sampleRateHz())));
            }
            for (int c = 0; c < now.meters().size() && c < block.length; c++) {
                now.meters().get(c).accept(block[c], frames);
            }
            for (Sink sink : also) {
                sink.take(block, frames, lost);
            }
            if (now.step().isPresent()) {
                StepMeter step = now.step().get();
                step.accept(block, frames);
                // Whoever has asked for something else meanwhile is not told.
                if (step.done() && ear.compareAndSet(now, Ear.deaf(now.meters()))) {
                    interfaceThread.execute(() -> now.then().heard(step));
                }
            }
        }

        @Override
        public void ended(Fault why) {
            also.forEach(s -> s.ended(why));
            interfaceThread.execute(() -> fail(why));
        }
    }
}
