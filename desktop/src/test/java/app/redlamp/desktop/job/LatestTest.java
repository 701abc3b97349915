package app.redlamp.desktop.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LatestTest {
    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final List<Integer> computed = new ArrayList<>();
    private final List<Integer> shown = new ArrayList<>();
    private final Latest<Integer, Integer> latest = new Latest<>(
            jobs,
            n -> {
                computed.add(n);
                return n * 10;
            },
            shown::add);

    @Test
    void ofManyThatWaitOnlyTheLastIsComputed() {
        for (int i = 1; i <= 50; i++) {
            latest.ask(i);
        }
        assertThat(workers.waiting()).isEqualTo(1);
        workers.runAll();

        assertThat(computed).containsExactly(1, 50);
        assertThat(shown).containsExactly(10, 500);
    }

    @Test
    void whatWasForgottenIsNotShown() {
        latest.ask(1);
        latest.ask(2);
        latest.forget();
        workers.runAll();

        assertThat(shown).isEmpty();
        latest.ask(3);
        workers.runAll();
        assertThat(shown).containsExactly(30);
    }

    @Test
    void aFailureDoesNotBlockWhatComesAfter() {
        List<String> good = new ArrayList<>();
        Latest<Integer, String> failing = new Latest<>(
                jobs,
                n -> {
                    if (n == 1) {
                        throw new IllegalStateException("one");
                    }
                    return "fine";
                },
                good::add);
        failing.ask(1);
        failing.ask(2);
        workers.runAll();

        assertThat(good).containsExactly("fine");
    }
}
