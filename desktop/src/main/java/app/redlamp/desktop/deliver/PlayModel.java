package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.process.LoudPause;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.port.Playback;
import app.redlamp.desktop.job.JobService;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Plays one recording of the docket at a time. */
public final class PlayModel {
    /** A click or a plosive is understood only with a little of what comes before it. */
    static final double LEAD_IN_S = 0.7;

    private final Playback playback;
    private final JobService jobs;
    private final Executor interfaceThread;
    private final ReadOnlyObjectWrapper<DocketRow> playing = new ReadOnlyObjectWrapper<>();

    private final ReadOnlyBooleanWrapper turnedUp = new ReadOnlyBooleanWrapper();

    /** Counts the starts, so that the last word of an earlier run does not stop a later one. */
    private int run;

    public PlayModel(Playback playback, JobService jobs, Executor interfaceThread) {
        this.playback = playback;
        this.jobs = jobs;
        this.interfaceThread = interfaceThread;
    }

    /** What is playing; null for nothing. */
    public ReadOnlyObjectProperty<DocketRow> playing() {
        return playing.getReadOnlyProperty();
    }

    /** Whether what plays is a pause, turned up. */
    public ReadOnlyBooleanProperty turnedUp() {
        return turnedUp.getReadOnlyProperty();
    }

    public Playback.Output output() {
        return playback.output();
    }

    /** Plays a recording from its beginning, or stops it where it is the one playing. */
    public void toggle(DocketRow row) {
        boolean same = row == playing.get() && !turnedUp.get();
        stop();
        if (row != null && !same) {
            playFrom(row, 0);
        }
    }

    /** Plays a recording from a place on, whatever played before. */
    public void playFrom(DocketRow row, double fromS) {
        stop();
        if (row.report().isPresent()) {
            double start = Math.max(0, fromS);
            playing.set(row);
            row.playingS().set(OptionalDouble.of(start));
            int now = ++run;
            playback.play(row.file(), start, position -> interfaceThread.execute(() -> moved(row, now, position)));
        }
    }

    /** Whether a recording has a pause that can be listened to. */
    public static boolean hasSilence(DocketRow row) {
        return silence(row).isPresent();
    }

    private static Optional<Pauses.Stretch> silence(DocketRow row) {
        return Optional.ofNullable(row).flatMap(DocketRow::report).flatMap(r -> LoudPause.of(r.pauses()));
    }

    /** Plays a pause of a recording, turned up, or stops where that is what plays. */
    public void toggleSilence(DocketRow row) {
        boolean same = row == playing.get() && turnedUp.get();
        stop();
        if (same) {
            return;
        }
        silence(row).ifPresent(pause -> {
            playing.set(row);
            turnedUp.set(true);
            row.playingS().set(OptionalDouble.of(pause.startS()));
            int now = ++run;
            playback.play(
                    row.file(),
                    source -> new LoudPause(source, pause),
                    position -> interfaceThread.execute(() -> moved(row, now, within(pause, position))));
        });
    }

    /** It is played over and over: the hand goes round in the pause. */
    private static Playback.Position within(Pauses.Stretch pause, Playback.Position position) {
        return new Playback.Position(
                pause.startS() + position.seconds() % pause.lengthS(), position.playing(), position.error());
    }

    /** Stops; does nothing if nothing plays. */
    public void stop() {
        DocketRow row = playing.get();
        if (row != null) {
            playing.set(null);
            turnedUp.set(false);
            row.playingS().set(OptionalDouble.empty());
            playback.stop();
        }
    }

    private void moved(DocketRow row, int of, Playback.Position position) {
        if (!position.error().isEmpty()) {
            jobs.notify(position.error());
        }
        if (row == playing.get() && of == run) {
            if (position.playing()) {
                row.playingS().set(OptionalDouble.of(position.seconds()));
            } else {
                playing.set(null);
                turnedUp.set(false);
                row.playingS().set(OptionalDouble.empty());
            }
        }
    }
}
