package app.redlamp.desktop.job;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * Computes something away from the interface thread, one at a time. What is asked meanwhile waits, and of several that wait
 * only the last is computed: whoever drags sees where they are and not where they were.
 */
public final class Latest<I, O> {
    private final JobService jobs;
    private final Function<I, O> compute;
    private final Consumer<O> show;
    private Optional<I> next = Optional.empty();
    private boolean computing;
    private int age;

    /** @param show told the result on the interface thread, unless it was forgotten meanwhile */
    public Latest(JobService jobs, Function<I, O> compute, Consumer<O> show) {
        this.jobs = jobs;
        this.compute = compute;
        this.show = show;
    }

    /** Asks for the result of an input; call on the interface thread. */
    public void ask(I input) {
        if (computing) {
            next = Optional.of(input);
            return;
        }
        computing = true;
        int asked = age;
        List<JobService.Work<O>> work = List.of(progress -> compute.apply(input));
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, O result) {
                if (asked == age) {
                    show.accept(result);
                }
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {
                computing = false;
                Optional<I> waiting = next;
                next = Optional.empty();
                waiting.ifPresent(Latest.this::ask);
            }
        });
    }

    /** What is under way is shown no more. */
    public void forget() {
        age++;
        next = Optional.empty();
    }
}
