package app.redlamp.desktop.job;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;

/** Runs nothing until told to: the test decides what happens when. */
public final class ManualExecutor implements Executor {
    private final Deque<Runnable> waiting = new ArrayDeque<>();

    @Override
    public void execute(Runnable task) {
        waiting.add(task);
    }

    public int waiting() {
        return waiting.size();
    }

    public void runNext() {
        waiting.remove().run();
    }

    public void runAll() {
        while (!waiting.isEmpty()) {
            runNext();
        }
    }
}
