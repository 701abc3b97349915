package app.redlamp.cli;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** A file with its report, or with the one line that says why there is none. */
record Measured(Path file, Optional<Report> report, String error) {

    /** Measures files side by side; the result is in the order given. */
    static List<Measured> all(List<Path> files, Recordings recordings) {
        return sideBySide(files, file -> of(file, recordings));
    }

    /** Work on one of several inputs; a failure is part of its result. */
    @FunctionalInterface
    interface Work<I, O> {
        O on(I input);
    }

    /** Does the work on as many inputs at once as there are processors; results in the order of the inputs. */
    static <I, O> List<O> sideBySide(List<I> inputs, Work<I, O> work) {
        ExecutorService workers = Executors.newFixedThreadPool(
                Math.max(1, Math.min(inputs.size(), Runtime.getRuntime().availableProcessors())));
        try {
            List<Future<O>> pending = new ArrayList<>();
            for (I input : inputs) {
                Callable<O> task = () -> work.on(input);
                pending.add(workers.submit(task));
            }
            List<O> results = new ArrayList<>();
            for (Future<O> one : pending) {
                results.add(one.get());
            }
            return results;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        } finally {
            workers.shutdownNow();
        }
    }

    private static Measured of(Path file, Recordings recordings) {
        try {
            return new Measured(file, Optional.of(recordings.measure(file, Progress.NONE)), "");
        } catch (IOException e) {
            return new Measured(file, Optional.empty(), String.valueOf(e.getMessage()));
        }
    }

    /** Prints the errors of those that could not be measured. */
    static void printErrors(List<Measured> all, Console console) {
        all.stream().filter(m -> m.report().isEmpty()).forEach(m -> console.error(m.file() + ": " + m.error()));
    }
}
