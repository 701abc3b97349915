package app.redlamp.desktop.deliver;

import app.redlamp.core.port.Playback;
import app.redlamp.desktop.job.JobService;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
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

    public Playback.Output output() {
        return playback.output();
    }

    /** Plays a recording from its beginning, or stops it where it is the one playing. */
    public void toggle(DocketRow row) {
        boolean same = row == playing.get();
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

    /** Stops; does nothing if nothing plays. */
    public void stop() {
        DocketRow row = playing.get();
        if (row != null) {
            playing.set(null);
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
                row.playingS().set(OptionalDouble.empty());
            }
        }
    }
}
