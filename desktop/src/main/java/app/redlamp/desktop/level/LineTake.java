package app.redlamp.desktop.level;

import app.redlamp.core.booth.Cue;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.StepMeter;
import app.redlamp.desktop.job.JobService;
import java.util.ArrayList;
import java.util.List;

/** One line of the voice that is looked at, outside the guided steps: listened to once, and measured. One at a time. */
public final class LineTake {
    private final LevelModel level;
    private final JobService jobs;
    private Listener listener;
    private int speaking;

    /**
     * What is listened to for so long.
     *
     * @param cue what a simulated reader does meanwhile
     */
    record Part(Cue cue, double seconds) {}

    /** Who wants to hear it. */
    interface Listener {
        /** What each part gave; {@link #over} follows. */
        void heard(List<Report> reports);

        /** A part begins, counted from 0. */
        default void begins(int part) {}

        /** It is over, or was given up. */
        void over();
    }

    public LineTake(LevelModel level, JobService jobs) {
        this.level = level;
        this.jobs = jobs;
        level.running().addListener((o, was, now) -> {
            if (now != null) {
                stop();
            }
        });
        level.input().listening().addListener((o, was, now) -> {
            if (!now) {
                stop();
            }
        });
        level.input().chosen().addListener((o, was, now) -> stop());
    }

    /** Whether a line can be listened to: with an input and a kit. */
    boolean ready() {
        return level.kit().kit().get() != null && level.input().chosen().get() != null;
    }

    /** Share of what is listened to that is over, 0 to 1. */
    double share() {
        return listener == null ? 0 : level.input().share();
    }

    /** Listens to one part after the other; whatever was listened to before is given up. */
    void take(List<Part> parts, Listener wanting) {
        level.stop();
        stop();
        listener = wanting;
        level.listen(() -> {
            if (listener == wanting) {
                speaking = level.channel();
                listen(parts, List.of(), wanting);
            }
        });
    }

    private void listen(List<Part> parts, List<StepMeter> done, Listener wanting) {
        Part part = parts.get(done.size());
        wanting.begins(done.size());
        level.booth().cue(speaking, part.cue());
        level.input().listen(part.seconds(), whole -> {
            if (listener == wanting) {
                List<StepMeter> all = new ArrayList<>(done);
                all.add(whole);
                if (all.size() < parts.size()) {
                    listen(parts, all, wanting);
                } else {
                    measure(all, wanting);
                }
            }
        });
    }

    private void measure(List<StepMeter> meters, Listener wanting) {
        level.booth().cue(speaking, Cue.STILL);
        int channel = speaking;
        List<JobService.Work<List<Report>>> work = List.of(progress -> meters.stream()
                .map(StepMeter::reports)
                .map(r -> r.get(Math.min(channel, r.size() - 1)))
                .toList());
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Report> reports) {
                if (listener == wanting) {
                    wanting.heard(reports);
                }
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {
                if (listener == wanting) {
                    over();
                }
            }
        });
    }

    private void over() {
        Listener ended = listener;
        listener = null;
        ended.over();
    }

    /** Gives up what is listened to. */
    void stop() {
        if (listener != null) {
            over();
            level.booth().giveUp();
            level.input().giveUp();
            level.booth().cue(speaking, Cue.STILL);
        }
    }
}
