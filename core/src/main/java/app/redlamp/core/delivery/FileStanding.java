package app.redlamp.core.delivery;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.measure.analysis.Report;

/**
 * How far one file of a delivery has come.
 *
 * @param stage how far
 * @param flawed whether something in it is broken although it may be inside all limits: a person must hear it
 */
public record FileStanding(Stage stage, boolean flawed) {
    /** As it is, held against a specification: what is outside may be finished. */
    public static FileStanding of(Judgement judgement, Report report) {
        return new FileStanding(
                judgement.pass() ? Stage.READY : Stage.FINISHABLE,
                !report.flaws().isEmpty());
    }

    /** After finishing this recording. */
    public static FileStanding of(FinishOutcome outcome, Report recording) {
        return outcome instanceof FinishOutcome.Finished finished
                ? new FileStanding(Stage.READY, !finished.flaws(recording).isEmpty())
                : new FileStanding(Stage.HOPELESS, false);
    }

    /** How far. */
    public enum Stage {
        /** Not measured yet, or being worked on. */
        WAITING,
        /** Outside, and finishing mends it. */
        FINISHABLE,
        /** Nothing but recording it again helps. */
        HOPELESS,
        /** It can be sent. */
        READY
    }
}
