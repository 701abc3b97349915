package app.redlamp.desktop.job;

import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Writes a report away from the interface thread and says what came of it. */
public record PrintJob(JobService jobs, Strings strings) {

    /** Writes something to a file. */
    public interface Writing {
        /** @throws IOException where it cannot be written; one line that says what to do */
        void to(Path file) throws IOException;
    }

    public void write(Writing writing, Path file) {
        List<JobService.Work<Path>> work = List.of(progress -> {
            writing.to(file);
            return file;
        });
        jobs.start(strings.say("job.sheet"), work, new JobService.Listener<>() {
            @Override
            public void done(int part, Path written) {
                jobs.notify(strings.say("sheet.written", written.getFileName()));
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(message);
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }
}
