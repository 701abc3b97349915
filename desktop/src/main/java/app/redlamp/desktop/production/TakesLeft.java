package app.redlamp.desktop.production;

import app.redlamp.core.planning.take.Take;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Recovered;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** What a kill or a power cut has left of takes is got back when a production is opened, and said. */
public final class TakesLeft {
    private final ProductionModel open;
    private final TakeRecording recording;
    private final JobService jobs;
    private final Strings strings;

    private TakesLeft(ProductionModel open, TakeRecording recording, JobService jobs, Strings strings) {
        this.open = open;
        this.recording = recording;
        this.jobs = jobs;
        this.strings = strings;
    }

    /** Looks whenever another production is opened. */
    public static void follow(ProductionModel open, TakeRecording recording, JobService jobs, Strings strings) {
        TakesLeft left = new TakesLeft(open, recording, jobs, strings);
        open.folder().addListener((o, was, now) -> left.look(now));
    }

    private void look(Path folder) {
        if (folder == null || open.readOnly().isPresent()) {
            return;
        }
        List<JobService.Work<Recovered>> work = List.of(progress -> got(folder, progress));
        jobs.start("", work, new Done<>() {
            @Override
            public void done(int part, Recovered got) {
                got.faults().forEach(jobs::notify);
                List<Kept> kept = got.takes();
                if (!kept.isEmpty() && folder.equals(open.folder().get())) {
                    take(folder, kept);
                }
            }
        });
    }

    private Recovered got(Path folder, Progress progress) throws IOException {
        return recording.recover(folder, Optional.empty(), progress);
    }

    /** The production knows them, and is saved; only then nobody need get them back any more. */
    private void take(Path folder, List<Kept> kept) {
        List<Take> takes = kept.stream().map(k -> k.take().take()).toList();
        open.note(t -> t.recording(takes));
        kept.forEach(k -> open.files().log(k.take().entry()));
        jobs.notify(strings.say("takes.left", kept.size(), takes.get(0).name()));
        open.afterSaving(() -> {
            if (open.saved().get() == ProductionModel.Saved.YES) {
                jobs.save(
                        progress -> {
                            recording.settled(folder, kept);
                            return true;
                        },
                        new Done<>() {});
            }
        });
    }
}
