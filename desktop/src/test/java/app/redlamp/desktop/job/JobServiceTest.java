package app.redlamp.desktop.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class JobServiceTest {
    private final ManualExecutor workers = new ManualExecutor();
    private final ManualExecutor screen = new ManualExecutor();
    private final JobService jobs = new JobService(workers, screen);
    private final List<String> told = new ArrayList<>();

    private final JobService.Listener<String> listener = new JobService.Listener<>() {
        @Override
        public void done(int part, String result) {
            told.add("done " + part + " " + result);
        }

        @Override
        public void failed(int part, String message) {
            told.add("failed " + part + " " + message);
        }

        @Override
        public void ended(boolean cancelled) {
            told.add(cancelled ? "cancelled" : "ended");
        }
    };

    @Test
    void resultsArriveOnTheInterfaceThreadOnly() {
        jobs.start("two", List.of(p -> "a", p -> "b"), listener);
        assertThat(jobs.running()).hasSize(1);
        workers.runAll();
        assertThat(told).isEmpty();
        screen.runAll();
        assertThat(told).containsExactly("done 0 a", "done 1 b", "ended");
        assertThat(jobs.running()).isEmpty();
    }

    /** What one of them does to a job leaves neither the job nor the others hanging. */
    @Test
    void aListenerThatThrowsLeavesNoJobRunning() {
        jobs.start("one", List.of(p -> "a", p -> "b"), new JobService.Listener<String>() {
            @Override
            public void done(int part, String result) {
                throw new IllegalStateException("no window for this");
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {
                told.add("ended");
            }
        });
        workers.runAll();
        screen.runAll();
        assertThat(told).containsExactly("ended");
        assertThat(jobs.running()).isEmpty();
    }

    @Test
    void whatWasNotForeseenIsSaidWithoutTheNamesOfOurClasses() {
        JobService.Work<String> failing = p -> {
            throw new IllegalStateException("x.y is null");
        };
        jobs.start("one", List.of(failing), listener);
        workers.runAll();
        screen.runAll();
        assertThat(jobs.notice().get()).contains("not foreseen", "try again").doesNotContain("x.y", "Exception");
    }

    /** Work, chores and saving each have a way of their own. */
    @Test
    void nothingOnOneLaneWaitsForWhatIsOnAnother() {
        ManualExecutor chores = new ManualExecutor();
        ManualExecutor saving = new ManualExecutor();
        JobService three = new JobService(new JobService.Lanes(workers, chores, saving), Runnable::run);
        three.start("long", List.of(p -> "measured"), listener);
        three.start("", List.of(p -> "planned"), listener);
        three.save(p -> "saved", listener);
        saving.runAll();
        assertThat(told).containsExactly("done 0 saved", "ended");
        chores.runAll();
        assertThat(told).contains("done 0 planned").doesNotContain("done 0 measured");
        workers.runAll();
        assertThat(told).contains("done 0 measured");
    }

    @Test
    void aChoreTellsItsResultOrBecomesANotice() {
        List<String> results = new ArrayList<>();
        jobs.chore(p -> "kept", results::add);
        JobService.Work<String> failing = p -> {
            throw new IOException("cannot be kept; check that it may be written");
        };
        jobs.chore(failing, results::add);
        workers.runAll();
        screen.runAll();
        assertThat(results).containsExactly("kept");
        assertThat(jobs.notice().get()).isEqualTo("cannot be kept; check that it may be written");
        // What nobody sees is not cancelled with what they see.
        jobs.chore(p -> "saved", results::add);
        jobs.cancelAll();
        workers.runAll();
        screen.runAll();
        assertThat(results).containsExactly("kept", "saved");
    }

    @Test
    void afailureIsANoticeAndTheOthersGoOn() {
        jobs.start(
                "two",
                List.of(
                        p -> {
                            throw new IOException("the disk is full; free some space");
                        },
                        p -> "b"),
                listener);
        workers.runAll();
        screen.runAll();
        assertThat(told).containsExactly("failed 0 the disk is full; free some space", "done 1 b", "ended");
        assertThat(jobs.notice().get()).isEqualTo("the disk is full; free some space");
    }

    @Test
    void whatNobodyExpectedIsToldAndEndsTheJob() {
        jobs.start(
                "one",
                List.of(p -> {
                    throw new IllegalStateException("oops");
                }),
                listener);
        workers.runAll();
        screen.runAll();
        assertThat(told).hasSize(2);
        assertThat(told.get(0)).contains("not foreseen").contains("try again");
        assertThat(jobs.running()).isEmpty();
    }

    @Test
    void cancellingStopsWhatRunsAndWhatWaits() {
        Job job = jobs.start(
                "two",
                List.of(
                        p -> {
                            p.check();
                            return "a";
                        },
                        p -> "b"),
                listener);
        job.cancel();
        workers.runAll();
        screen.runAll();
        assertThat(told).containsExactly("cancelled");
        assertThat(jobs.running()).isEmpty();
    }

    /** A part that was through before the cancel keeps its result: files that are written are told. */
    @Test
    void aResultBeforeTheCancelIsKept() {
        Job job = jobs.start("two", List.of(p -> "a", p -> "b"), listener);
        workers.runNext();
        job.cancel();
        workers.runAll();
        screen.runAll();
        assertThat(told).containsExactly("done 0 a", "cancelled");
    }

    @Test
    void progressIsTheMeanAndNeverFloodsTheScreen() {
        Job job = jobs.start(
                "two",
                List.of(
                        p -> {
                            for (int i = 0; i <= 1000; i++) {
                                p.at(i / 1000.0);
                            }
                            return "a";
                        },
                        p -> {
                            p.at(0.5);
                            return "b";
                        }),
                listener);
        workers.runAll();
        assertThat(screen.waiting()).as("one update and two results").isEqualTo(3);
        screen.runNext();
        assertThat(job.progress().get()).isCloseTo(0.75, within(1e-9));
    }

    /** Escape cancels what the user sees; a setting that is being saved is saved. */
    @Test
    void choresGoOnWhenEverythingIsCancelled() {
        jobs.start(
                "",
                List.of(p -> {
                    p.check();
                    return "saved";
                }),
                listener);
        Job seen = jobs.start("two", List.of(p -> "a"), listener);
        jobs.cancelAll();
        assertThat(seen.cancelled()).isTrue();
        workers.runAll();
        screen.runAll();
        assertThat(told).containsExactly("done 0 saved", "ended", "cancelled");
    }

    @Test
    void nothingToDoEndsAtOnce() {
        jobs.start("none", List.of(), listener);
        assertThat(told).containsExactly("ended");
        assertThat(jobs.running()).isEmpty();
    }
}
