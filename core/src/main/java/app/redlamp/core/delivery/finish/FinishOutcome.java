package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.measure.analysis.Report;
import java.util.List;

/** How finishing ended. */
public sealed interface FinishOutcome {

    /**
     * The delivery lies inside its specification, measured on the decoded file.
     *
     * @param settings what was done
     * @param master the finished samples before coding
     * @param predicted the finished samples before coding held against the specification
     * @param reductionDb the most that the limiter turned down, 0 or more
     * @param delivered the delivered file, decoded and measured
     * @param judgement the delivered file held against the specification
     */
    record Finished(
            FinishSettings settings,
            Report master,
            Judgement predicted,
            double reductionDb,
            Report delivered,
            Judgement judgement)
            implements FinishOutcome {}

    /** It cannot be done; nothing is kept. At least one obstacle. */
    record Refused(List<Obstacle> obstacles) implements FinishOutcome {
        public Refused {
            obstacles = List.copyOf(obstacles);
        }
    }
}
