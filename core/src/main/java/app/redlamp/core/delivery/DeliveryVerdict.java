package app.redlamp.core.delivery;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;

/** Whether all files of a delivery can be sent as they are. */
public final class DeliveryVerdict {
    private DeliveryVerdict() {}

    /**
     * @param files how far each has come
     * @param together how they match each other; looked at only where all are ready
     */
    public static Verdict<DeliveryProblem> of(List<FileStanding> files, List<SetJudge.Comparison> together) {
        long waiting = count(files, FileStanding.Stage.WAITING);
        if (files.isEmpty() || waiting == files.size()) {
            return Verdict.unknown(List.of(
                    files.isEmpty()
                            ? problem(DeliveryProblem.NOTHING, Severity.OPEN, Cost.NOT_KNOWN, "bring")
                            : problem(DeliveryProblem.WAIT, Severity.OPEN, Cost.NOT_KNOWN, "wait")
                                    .by((double) waiting, "")));
        }
        List<Problem<DeliveryProblem>> problems = new ArrayList<>();
        add(
                problems,
                problem(DeliveryProblem.FINISH, Severity.OPEN, Cost.REFUSED, "finish"),
                count(files, FileStanding.Stage.FINISHABLE));
        add(
                problems,
                problem(DeliveryProblem.AGAIN, Severity.BLOCKS, Cost.REFUSED, "record"),
                count(files, FileStanding.Stage.HOPELESS));
        add(problems, problem(DeliveryProblem.WAIT, Severity.OPEN, Cost.NOT_KNOWN, "wait"), waiting);
        long ready = count(files, FileStanding.Stage.READY);
        if (ready == files.size()) {
            together(problems, together);
        }
        add(
                problems,
                problem(DeliveryProblem.HEAR, Severity.ADVISES, Cost.HEARD, "listen"),
                files.stream().filter(FileStanding::flawed).count());
        return Verdict.of(problems, List.of(Figure.of(FigureId.DELIVERY_READY, (double) ready, Limits.atLeast((double)
                files.size()))));
    }

    private static void together(List<Problem<DeliveryProblem>> problems, List<SetJudge.Comparison> together) {
        together.stream()
                .filter(c -> c.verdict() == CheckResult.OUTSIDE)
                .findFirst()
                .ifPresent(c -> problems.add(
                        c.kind() == SetJudge.Kind.TOTAL
                                ? problem(DeliveryProblem.TOO_SHORT, Severity.SPOILS, Cost.REFUSED, "record")
                                : problem(DeliveryProblem.APART, Severity.SPOILS, Cost.REFUSED, "match")));
        add(
                problems,
                problem(DeliveryProblem.PARTS, Severity.ADVISES, Cost.REFUSED, "record"),
                together.stream().mapToInt(c -> c.missing().size()).sum());
    }

    private static Problem<DeliveryProblem> problem(DeliveryProblem what, Severity severity, Cost cost, String mend) {
        return Problem.of(what, "delivery." + what.id(), severity, "", cost, List.of(mend));
    }

    private static void add(List<Problem<DeliveryProblem>> problems, Problem<DeliveryProblem> problem, long count) {
        if (count > 0) {
            problems.add(problem.by((double) count, ""));
        }
    }

    private static long count(List<FileStanding> files, FileStanding.Stage stage) {
        return files.stream().filter(f -> f.stage() == stage).count();
    }
}
