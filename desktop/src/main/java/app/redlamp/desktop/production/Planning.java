package app.redlamp.desktop.production;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions.Seen;
import app.redlamp.desktop.job.JobService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Plans away from the interface thread, one plan at a time; what changes meanwhile is planned after it. */
final class Planning {
    private final JobService jobs;
    private final Clock clock;
    private final ReadOnlyObjectWrapper<Planned> planned = new ReadOnlyObjectWrapper<>();
    private Optional<Planned> newest = Optional.empty();
    private Optional<Asked> next = Optional.empty();
    private String id = "";
    private boolean planning;

    /** What is to be planned. */
    private record Asked(Production production, Optional<Seen> seen) {}

    Planning(JobService jobs, Clock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    /** The plan as it was computed last; null for none. */
    ReadOnlyObjectProperty<Planned> planned() {
        return planned.getReadOnlyProperty();
    }

    LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Another production is opened: plans of the one before are not shown any more. */
    void forget(String newId) {
        id = newId;
        newest = Optional.empty();
        planned.set(null);
    }

    void plan(Production production, Optional<Seen> seen) {
        Asked asked = new Asked(production, seen);
        if (planning) {
            next = Optional.of(asked);
            return;
        }
        planning = true;
        Optional<Planned> before = newest;
        LocalDate today = today();
        List<JobService.Work<Planned>> work =
                List.of(progress -> Planned.of(asked.production(), before, asked.seen(), today, clock.getZone()));
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, Planned computed) {
                if (computed.production().id().equals(id)) {
                    newest = Optional.of(computed);
                    planned.set(computed);
                }
            }

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {
                planning = false;
                Optional<Asked> waiting = next;
                next = Optional.empty();
                waiting.ifPresent(a -> plan(a.production(), a.seen()));
            }
        });
    }
}
