package app.redlamp.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Does the same work on several inputs at once. */
final class SideBySide {
    private SideBySide() {}

    /** Work on one of several inputs; a failure is part of its result. */
    @FunctionalInterface
    interface Work<I, O> {
        O on(I input);
    }

    /** Does the work on as many inputs at once as there are processors; results in the order of the inputs. */
    static <I, O> List<O> run(List<I> inputs, Work<I, O> work) {
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
}
