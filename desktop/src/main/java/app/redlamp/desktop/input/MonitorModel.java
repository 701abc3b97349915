package app.redlamp.desktop.input;

import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Monitoring;
import app.redlamp.core.port.Monitoring.Ears;
import app.redlamp.core.port.Monitoring.Output;
import app.redlamp.core.setting.monitor.MonitorMix;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.production.ProductionModel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Lets somebody hear what the microphone gives. It begins low every time, is muted when it howls, and says when a loudspeaker is
 * heard. Outputs are opened and closed away from the interface thread.
 */
public final class MonitorModel {
    private final InputModel input;
    private final BoothModel booth;
    private final Monitoring monitoring;
    private final JobService jobs;
    private final Executor interfaceThread;
    private final ReadOnlyObjectWrapper<List<Output>> outputs = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Output> chosen = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper on = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Double> gainDb = new ReadOnlyObjectWrapper<>(MonitorMix.START_DB);
    private final ReadOnlyObjectWrapper<Fault> fault = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Warning> warning = new ReadOnlyObjectWrapper<>(Warning.NONE);
    private Optional<Foldback> playing = Optional.empty();
    private int age;

    /**
     * What is wrong with what is monitored.
     *
     * @param echo what comes back into the microphone: a loudspeaker is on
     * @param howlHz at which it howled, so that it was muted
     */
    public record Warning(Optional<Echo> echo, OptionalDouble howlHz) {
        static final Warning NONE = new Warning(Optional.empty(), OptionalDouble.empty());

        /** Whether there is one. */
        public boolean present() {
            return echo.isPresent() || howlHz.isPresent();
        }
    }

    public MonitorModel(
            ProductionModel open,
            InputModel input,
            BoothModel booth,
            Monitoring monitoring,
            JobService jobs,
            Executor interfaceThread) {
        this.input = input;
        this.booth = booth;
        this.monitoring = monitoring;
        this.jobs = jobs;
        this.interfaceThread = interfaceThread;
        open.folder().addListener((o, was, now) -> {
            stop();
            warning.set(Warning.NONE);
        });
        input.listening().addListener((o, was, now) -> {
            if (!now) {
                stop();
            }
        });
    }

    public ReadOnlyObjectProperty<List<Output>> outputs() {
        return outputs.getReadOnlyProperty();
    }

    /** The output in use; null for none. */
    public ReadOnlyObjectProperty<Output> chosen() {
        return chosen.getReadOnlyProperty();
    }

    /** Whether something is heard through it. */
    public ReadOnlyBooleanProperty on() {
        return on.getReadOnlyProperty();
    }

    /** How loud, in dB, −60 to 0. */
    public ReadOnlyObjectProperty<Double> gainDb() {
        return gainDb.getReadOnlyProperty();
    }

    /** Why it cannot be heard through; null where it can. */
    public ReadOnlyObjectProperty<Fault> fault() {
        return fault.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Warning> warning() {
        return warning.getReadOnlyProperty();
    }

    /** From the microphone to the ear, in seconds; absent while nothing is heard. */
    public OptionalDouble delayS() {
        return playing.map(p -> OptionalDouble.of(input.latencyS() + p.latencyS()))
                .orElse(OptionalDouble.empty());
    }

    /** Looks again which outputs there are. What belongs to the input is chosen first: its headphones. */
    public void refresh() {
        jobs.chore(progress -> monitoring.outputs(), found -> {
            outputs.set(found);
            Output now = chosen.get();
            if (now == null || !found.contains(now)) {
                choose(found.stream()
                        .filter(o -> o.simulated() == input.simulated() && !o.loudspeaker())
                        .findFirst()
                        .orElse(found.isEmpty() ? null : found.get(0)));
            }
        });
    }

    /** Hears through another output; null for none. */
    public void choose(Output output) {
        stop();
        warning.set(Warning.NONE);
        fault.set(null);
        chosen.set(output);
    }

    /** Turns it, within its range. */
    public void turn(double db) {
        gainDb.set(Math.max(MonitorMix.LOWEST_DB, Math.min(MonitorMix.HIGHEST_DB, db)));
        playing.ifPresent(p -> p.turn(gainDb.get()));
    }

    /** Begins, low, and listens to the input where nobody does yet. */
    public void start() {
        Output output = chosen.get();
        if (output == null || on.get() || input.chosen().get() == null) {
            return;
        }
        age++;
        int asked = age;
        warning.set(Warning.NONE);
        fault.set(null);
        gainDb.set(MonitorMix.START_DB);
        booth.listen(() -> {
            if (asked == age) {
                open(output, asked);
            }
        });
    }

    /** An open output, or why there is none. */
    private record Opened(Optional<Ears> ears, Optional<Fault> fault) {}

    private void open(Output output, int asked) {
        int rate = input.format().get().sampleRateHz();
        jobs.chore(progress -> opened(output, rate), opened -> {
            if (asked == age) {
                fault.set(opened.fault().orElse(null));
                opened.ears().ifPresent(this::begin);
            } else {
                opened.ears().ifPresent(this::close);
            }
        });
    }

    private Opened opened(Output output, int rate) {
        try {
            return new Opened(Optional.of(monitoring.open(output, rate)), Optional.empty());
        } catch (CaptureException e) {
            return new Opened(Optional.empty(), Optional.of(e.fault()));
        }
    }

    private void begin(Ears ears) {
        int rate = input.format().get().sampleRateHz();
        Foldback foldback = new Foldback(ears, rate, input.latencyS(), new Listener());
        foldback.turn(gainDb.get());
        playing = Optional.of(foldback);
        input.alsoTo(foldback);
        on.set(true);
    }

    /** Told on the capturing thread. */
    private final class Listener implements Foldback.Listener {
        @Override
        public void echoes(Optional<Echo> echo) {
            interfaceThread.execute(() -> {
                if (on.get()) {
                    warning.set(new Warning(echo, OptionalDouble.empty()));
                }
            });
        }

        @Override
        public void howls(double hz) {
            interfaceThread.execute(() -> {
                if (on.get()) {
                    stop();
                    warning.set(new Warning(Optional.empty(), OptionalDouble.of(hz)));
                }
            });
        }

        @Override
        public void gone() {
            interfaceThread.execute(() -> {
                if (on.get()) {
                    stop();
                    fault.set(Fault.GONE);
                }
            });
        }
    }

    /** Stops; that it howled is said until it begins again. */
    public void stop() {
        age++;
        playing.ifPresent(p -> {
            p.mute();
            input.noMoreTo(p);
            close(p.ears());
        });
        playing = Optional.empty();
        on.set(false);
        warning.set(new Warning(Optional.empty(), warning.get().howlHz()));
    }

    private void close(Ears ears) {
        jobs.chore(
                progress -> {
                    ears.close();
                    return true;
                },
                closed -> {});
    }
}
