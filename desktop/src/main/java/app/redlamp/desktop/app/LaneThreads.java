package app.redlamp.desktop.app;

import app.redlamp.desktop.job.JobService;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/** The threads of the application: for long work as many as there are processors, two for chores, one that saves. */
final class LaneThreads {
    private static final int CHORES = 2;
    private static final long PATIENCE_S = 10;

    private final ExecutorService workers =
            threads(Math.max(2, Runtime.getRuntime().availableProcessors()), "worker");
    private final ExecutorService chores = threads(CHORES, "chore");
    private final ExecutorService saver = threads(1, "saver");

    JobService.Lanes lanes() {
        return new JobService.Lanes(workers, chores, saver);
    }

    /**
     * Waits until all is done that was begun, and not for ever: a disk may not answer. Does nothing the second time.
     *
     * @param last done by the thread that saves, after everything else that it has to save
     */
    void end(Runnable last) {
        if (saver.isShutdown()) {
            return;
        }
        saver.execute(last);
        List<ExecutorService> all = List.of(saver, workers, chores);
        all.forEach(ExecutorService::shutdown);
        try {
            for (ExecutorService lane : all) {
                lane.awaitTermination(PATIENCE_S, TimeUnit.SECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        all.forEach(ExecutorService::shutdownNow);
    }

    private static ExecutorService threads(int count, String name) {
        return Executors.newFixedThreadPool(count, task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }
}
