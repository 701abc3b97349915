package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.FileStanding;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import java.util.Optional;

/** How far a recording on the docket has come. */
public sealed interface RowStatus {

    /** It came with the production, and is measured when it is first looked at. */
    record Fresh() implements RowStatus {}

    /** Being measured. */
    record Measuring() implements RowStatus {}

    /** Measuring was cancelled. */
    record Unmeasured() implements RowStatus {}

    /** No recording that can be read; one line that says what to do. */
    record Unreadable(String message) implements RowStatus {}

    /**
     * Held against the specification.
     *
     * @param problem why finishing it did not work just now, such as a full disk; empty for nothing
     */
    record Judged(Report report, Judgement judgement, Forecast forecast, String problem) implements RowStatus {

        /** Whether the file can be sent just as it is. */
        boolean deliverable() {
            return judgement.pass()
                    && judgement.check(CheckId.CODING).map(Check::verdict).orElse(CheckResult.OUTSIDE)
                            == CheckResult.INSIDE;
        }
    }

    /** Being finished. */
    record AtWork(Judged before) implements RowStatus {}

    /** Finished, or found impossible to finish, with what was measured. */
    record Ended(Judged before, Finishing.Result result) implements RowStatus {
        Optional<FinishOutcome.Finished> finished() {
            return result.outcome() instanceof FinishOutcome.Finished done ? Optional.of(done) : Optional.empty();
        }
    }

    /** The judgement of the recording itself, where it has been measured. */
    default Optional<Judged> judged() {
        if (this instanceof Judged judged) {
            return Optional.of(judged);
        } else if (this instanceof AtWork finishing) {
            return Optional.of(finishing.before());
        } else if (this instanceof Ended ended) {
            return Optional.of(ended.before());
        }
        return Optional.empty();
    }

    /** What is broken in what would be sent, although it may be inside all limits: a person must hear it. */
    default Optional<Finding> flaw() {
        Optional<Report> recording = judged().map(Judged::report);
        Optional<FinishOutcome.Finished> finished = this instanceof Ended ended ? ended.finished() : Optional.empty();
        return recording
                .map(r -> finished.map(f -> f.flaws(r)).orElse(r.flaws()))
                .flatMap(flaws -> flaws.stream().findFirst());
    }

    /** How far it has come, for the verdict on all of them. */
    default FileStanding standing() {
        FileStanding.Stage stage = ready()
                ? FileStanding.Stage.READY
                : hopeless()
                        ? FileStanding.Stage.HOPELESS
                        : finishable() ? FileStanding.Stage.FINISHABLE : FileStanding.Stage.WAITING;
        return new FileStanding(stage, flaw().isPresent());
    }

    /** Whether something can be sent: the finished delivery, or the recording just as it is. */
    default boolean ready() {
        if (this instanceof Ended ended) {
            return ended.finished().isPresent();
        }
        return this instanceof Judged judged && judged.deliverable();
    }

    /** Whether finishing is worth starting. */
    default boolean finishable() {
        return this instanceof Judged judged
                && !judged.deliverable()
                && judged.forecast().finishable();
    }

    /** Whether it has been found that this recording cannot be delivered. */
    default boolean hopeless() {
        if (this instanceof Ended ended) {
            return ended.finished().isEmpty();
        }
        return this instanceof Unreadable
                || (this instanceof Judged judged && !judged.forecast().finishable());
    }
}
