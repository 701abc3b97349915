package app.redlamp.desktop.level;

import app.redlamp.core.booth.Cue;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.StepMeter;
import app.redlamp.desktop.job.JobService;
import java.util.List;

/** One line of the voice that is looked at, outside the guided steps: listened to once, and measured. One at a time. */
public final class LineTake {
    private final LevelModel level;
    private final JobService jobs;
    private Listener listener;
    private int speaking;

    /** Who wants to hear it. */
    interface Listener {
        /** What it gave; {@link #over} follows. */
        void heard(Report report);

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

    /**
     * Listens; whatever was listened to before is given up.
     *
     * @param cue what a simulated reader does meanwhile
     */
    void take(Cue cue, double seconds, Listener wanting) {
        level.stop();
        stop();
        listener = wanting;
        level.listen(() -> {
            if (listener == wanting) {
                speaking = level.channel();
                level.booth().cue(speaking, cue);
                level.input().listen(seconds, whole -> measure(wanting, whole));
            }
        });
    }

    private void measure(Listener wanting, StepMeter whole) {
        if (listener != wanting) {
            return;
        }
        level.booth().cue(speaking, Cue.STILL);
        int channel = speaking;
        List<JobService.Work<List<Report>>> work = List.of(progress -> whole.reports());
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Report> reports) {
                if (listener == wanting) {
                    wanting.heard(reports.get(Math.min(channel, reports.size() - 1)));
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
