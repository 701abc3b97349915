package app.redlamp.desktop.production;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** What lies beside the document in the folder of the open production, written away from the interface thread. */
public final class ProductionFiles {
    private final Productions productions;
    private final JobService jobs;
    private final Strings strings;
    private final Saving saving;
    private final Supplier<Held> open;

    /** @param open the production that is open; null for none */
    ProductionFiles(Productions productions, JobService jobs, Strings strings, Saving saving, Supplier<Held> open) {
        this.productions = productions;
        this.jobs = jobs;
        this.strings = strings;
        this.saving = saving;
        this.open = open;
    }

    /** Adds a line to the log, after those that were added before. */
    public void log(LogEntry entry) {
        Held here = open.get();
        String name = ProductionModel.quoted(here.production());
        jobs.save(
                progress -> {
                    here.log(entry);
                    return true;
                },
                new Done<>() {
                    @Override
                    public void failed(int part, String message) {
                        // Where the production itself is not saved, that is what is said.
                        jobs.notify(saving.reason().isEmpty() ? name + " " + message : saving.reason());
                    }
                });
    }

    /** Keeps a copy of a script. */
    public void keepScript(Path file) {
        Held here = open.get();
        jobs.chore(
                progress -> {
                    here.keepScript(file);
                    return true;
                },
                kept -> {});
    }

    /**
     * Keeps a copy of a picture.
     *
     * @param then told its name in the folder
     */
    public void keepPicture(Path file, Consumer<String> then) {
        Held here = open.get();
        List<JobService.Work<String>> work = List.of(progress -> here.keepPicture(file));
        jobs.start(strings.say("job.picture"), work, new Done<>() {
            @Override
            public void done(int part, String name) {
                if (here.equals(open.get())) {
                    then.accept(name);
                }
            }
        });
    }

    /** Writes the calendar of a plan to a file, {@code .ics} or {@code .csv}. */
    public void writeCalendar(ProductionPlan plan, Path file) {
        List<JobService.Work<Path>> work = List.of(progress -> {
            productions.writeCalendar(plan, file);
            return file;
        });
        jobs.start(strings.say("job.calendar"), work, new Done<>() {
            @Override
            public void done(int part, Path written) {
                jobs.notify(strings.say("calendar.written", String.valueOf(written.getFileName())));
            }
        });
    }
}
