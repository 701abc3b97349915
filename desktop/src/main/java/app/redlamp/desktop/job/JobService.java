package app.redlamp.desktop.job;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * Runs long work away from the interface thread. Results, failures and ends arrive on the interface thread; failures
 * also become the notice on the rail. Both executors are handed in, so that models are tested without a window.
 */
public final class JobService {
    private static final Logger LOG = Logger.getLogger(JobService.class.getName());

    private final Lanes lanes;
    private final Executor interfaceThread;
    private final ObservableList<Job> running = FXCollections.observableArrayList();
    /** The same for whoever cancels them from another thread, as closing the window may. */
    private final Set<Job> cancellable = ConcurrentHashMap.newKeySet();

    private final ObservableList<Job> shown = FXCollections.unmodifiableObservableList(running);
    private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");

    /**
     * Where work is done. Nothing on one lane waits for what is on another.
     *
     * @param work long work that the user sees; may do several parts at once
     * @param chores small things that nobody waits for
     * @param saving what must be on the disk soon whatever else goes on; one after the other, in the order given
     */
    public record Lanes(Executor work, Executor chores, Executor saving) {

        /** One executor for everything. */
        public static Lanes all(Executor executor) {
            return new Lanes(executor, executor, executor);
        }
    }

    /** One part of a job. */
    @FunctionalInterface
    public interface Work<T> {
        /**
         * @throws IOException with a message of one line for the user
         * @throws CancellationException if cancelled
         */
        T run(Progress progress) throws IOException;
    }

    /** Told what became of each part, on the interface thread. */
    public interface Listener<T> {
        void done(int part, T result);

        void failed(int part, String message);

        /** All parts are over; those neither done nor failed were cancelled. */
        void ended(boolean cancelled);
    }

    /**
     * @param lanes where the work runs
     * @param interfaceThread where everything is reported
     */
    public JobService(Lanes lanes, Executor interfaceThread) {
        this.lanes = lanes;
        this.interfaceThread = interfaceThread;
    }

    /** With one executor for everything. */
    public JobService(Executor workers, Executor interfaceThread) {
        this(Lanes.all(workers), interfaceThread);
    }

    /** Jobs under way, oldest first. */
    public ObservableList<Job> running() {
        return shown;
    }

    /** The last failure or message, one line; empty for none. */
    public ReadOnlyStringProperty notice() {
        return notice.getReadOnlyProperty();
    }

    public void notify(String line) {
        notice.set(line);
    }

    /** Starts a job, or with an empty title a chore that is not shown; call on the interface thread. */
    public <T> Job start(String title, List<Work<T>> parts, Listener<T> listener) {
        return start(title.isEmpty() ? lanes.chores() : lanes.work(), title, parts, listener);
    }

    /**
     * Starts something short that the user waits for, such as opening a production: shown, and not behind long work. Call on the
     * interface thread.
     */
    public <T> Job soon(String title, Work<T> work, Listener<T> listener) {
        return start(lanes.chores(), title, List.of(work), listener);
    }

    /**
     * Saves something: after what was to be saved before, and whatever else goes on. Not shown, and not cancelled. Call on the
     * interface thread.
     */
    public <T> void save(Work<T> work, Listener<T> listener) {
        start(lanes.saving(), "", List.of(work), listener);
    }

    private <T> Job start(Executor lane, String title, List<Work<T>> parts, Listener<T> listener) {
        Job job = new Job(title, parts.size(), interfaceThread);
        if (parts.isEmpty()) {
            listener.ended(false);
            return job;
        }
        running.add(job);
        cancellable.add(job);
        AtomicInteger left = new AtomicInteger(parts.size());
        for (int i = 0; i < parts.size(); i++) {
            int part = i;
            lane.execute(() -> run(job, part, parts.get(part), listener, left));
        }
        return job;
    }

    /** Runs a chore that is not shown; a failure becomes the notice. Call on the interface thread. */
    public <T> void chore(Work<T> work, Consumer<T> then) {
        start("", List.of(work), new Listener<T>() {
            @Override
            public void done(int part, T result) {
                then.accept(result);
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    /** Cancels what the user can see; chores without a title, such as saving a setting, go on. */
    public void cancelAll() {
        cancellable.stream().filter(j -> !j.title().isEmpty()).forEach(Job::cancel);
    }

    private <T> void run(Job job, int part, Work<T> work, Listener<T> listener, AtomicInteger left) {
        Runnable report = () -> {};
        try {
            Progress progress = job.part(part);
            progress.check();
            T result = work.run(progress);
            report = () -> listener.done(part, result);
        } catch (CancellationException e) {
            job.cancel();
        } catch (IOException e) {
            report = failure(listener, part, Reason.whole(e));
        } catch (RuntimeException | LinkageError | OutOfMemoryError | StackOverflowError e) {
            LOG.log(Level.WARNING, "work of '" + job.title() + "' went wrong", e);
            report = failure(listener, part, Reason.whole(e));
        }
        Runnable last = report;
        interfaceThread.execute(() -> report(job, last, listener, left));
    }

    /** Whatever a listener does, the job ends. */
    private <T> void report(Job job, Runnable last, Listener<T> listener, AtomicInteger left) {
        try {
            last.run();
        } catch (RuntimeException e) {
            LOG.log(Level.WARNING, "what came of '" + job.title() + "' could not be shown", e);
        } finally {
            if (left.decrementAndGet() == 0) {
                running.remove(job);
                cancellable.remove(job);
                listener.ended(job.cancelled());
            }
        }
    }

    private <T> Runnable failure(Listener<T> listener, int part, String message) {
        return () -> {
            notice.set(message);
            listener.failed(part, message);
        };
    }
}
