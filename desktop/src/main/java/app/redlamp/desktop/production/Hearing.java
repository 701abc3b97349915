package app.redlamp.desktop.production;

import app.redlamp.desktop.job.JobService;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Measures recordings for the open production; what was asked for one is told to no other. */
public final class Hearing {
    private final ProductionModel open;
    private final JobService jobs;

    /**
     * What was heard.
     *
     * @param name of the recording
     * @param result absent where it could not be read
     * @param fault why, one line; empty where it could
     */
    public record Outcome<T>(String name, Optional<T> result, String fault) {}

    public Hearing(ProductionModel open, JobService jobs) {
        this.open = open;
        this.jobs = jobs;
    }

    /**
     * Starts to listen.
     *
     * @param title of the job
     * @param name of the recording
     * @param then told on the interface thread, unless another production is open by then
     */
    public <T> void hear(String title, String name, JobService.Work<T> work, Consumer<Outcome<T>> then) {
        Path folder = open.folder().get();
        jobs.start(title, List.of(work), new JobService.Listener<T>() {
            @Override
            public void done(int part, T result) {
                tell(new Outcome<>(name, Optional.of(result), ""));
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(name + " " + message);
                tell(new Outcome<>(name, Optional.empty(), message));
            }

            @Override
            public void ended(boolean cancelled) {}

            private void tell(Outcome<T> heard) {
                if (folder != null && folder.equals(open.folder().get())) {
                    then.accept(heard);
                }
            }
        });
    }
}
