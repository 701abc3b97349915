package app.redlamp.desktop.deliver;

import app.redlamp.core.port.Sheets;
import app.redlamp.core.text.DeliverySheet;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.nio.file.Path;
import java.util.List;

/** Writes a report away from the interface thread and says what came of it. */
record SheetJob(JobService jobs, Strings strings) {

    void write(Sheets sheets, DeliverySheet sheet, Path file) {
        List<JobService.Work<Path>> work = List.of(progress -> {
            sheets.write(sheet, file);
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
