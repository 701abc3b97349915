package app.redlamp.core.planning.plan;

import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Whether a job is done in time, with names for its files and room for them. */
public final class PlanVerdict {
    /** Minutes of an hour (by definition). */
    private static final double HOUR_MIN = 60;

    private PlanVerdict() {}

    /**
     * @param remedies what would make it fit
     * @param nameFault what is wrong with the names of the files, one line; empty for nothing
     */
    public static Verdict<PlanProblem> of(ProductionPlan plan, List<Remedy> remedies, String nameFault, DiskRoom disk) {
        if (plan.pieces().isEmpty()) {
            return Verdict.unknown(
                    List.of(problem(PlanProblem.NO_SCRIPT, Severity.OPEN, Cost.NOT_KNOWN, List.of("script", "paste"))));
        }
        List<Problem<PlanProblem>> problems = new ArrayList<>();
        Schedule schedule = plan.schedule();
        if (disk == DiskRoom.FULL) {
            problems.add(problem(PlanProblem.DISK_FULL, Severity.SPOILS, Cost.NO_ROOM_ON_DISK, List.of("disk")));
        }
        if (!nameFault.isEmpty()) {
            problems.add(problem(PlanProblem.NAMES, Severity.SPOILS, Cost.REFUSED, List.of("names")));
        }
        List<String> mends = remedies.stream().map(r -> r.kind().id()).toList();
        if (!schedule.fits()) {
            problems.add(
                    schedule.done().isEmpty()
                            ? problem(PlanProblem.NEVER, Severity.SPOILS, Cost.LATE, mends)
                            : problem(PlanProblem.DEADLINE, Severity.SPOILS, Cost.LATE, mends)
                                    .by(schedule.shortMin() / HOUR_MIN, "h"));
        }
        if (disk == DiskRoom.SHORT) {
            problems.add(problem(PlanProblem.DISK_SHORT, Severity.ADVISES, Cost.NO_ROOM_ON_DISK, List.of("disk")));
        }
        return Verdict.of(problems, figures(plan));
    }

    private static Problem<PlanProblem> problem(PlanProblem what, Severity severity, Cost cost, List<String> mends) {
        return Problem.of(what, "plan." + what.id(), severity, "", cost, mends);
    }

    private static List<Figure> figures(ProductionPlan plan) {
        OptionalDouble spare = plan.schedule().spareDays().isPresent()
                ? OptionalDouble.of((double) plan.schedule().spareDays().getAsLong())
                : OptionalDouble.empty();
        return List.of(
                Figure.told(FigureId.PLAN_PACE, OptionalDouble.of(plan.pace().wordsPerMinute())),
                Figure.told(FigureId.PLAN_BOOTH, OptionalDouble.of(plan.boothHours())),
                Figure.told(FigureId.PLAN_EDITING, OptionalDouble.of(plan.editHours())),
                new Figure(FigureId.PLAN_SPARE, spare, Limits.atLeast(0)),
                Figure.told(FigureId.PLAN_DISK, OptionalDouble.of(plan.disk().here())));
    }
}
