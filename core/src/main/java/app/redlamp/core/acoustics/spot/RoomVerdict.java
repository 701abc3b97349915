package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.SixBands;
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

/** Whether a place can be recorded in as it is. A noise that nobody knows of is no problem, and no figure either. */
public final class RoomVerdict {
    private RoomVerdict() {}

    /** Judges a place for its job. */
    public static Verdict<RoomProblem> of(Study study) {
        List<Problem<RoomProblem>> problems = new ArrayList<>();
        double boom = study.bass().worstDb();
        if (boom >= Study.BOOM_DB) {
            problems.add(problem(RoomProblem.BOOM, Cost.ROOM_IN_VOICE, "move", "trap")
                    .by(boom - Study.BOOM_DB, "dB"));
        }
        if (!study.quietEnough()) {
            double over = study.noiseDbA().orElseThrow() - study.wanted().noiseDbA();
            problems.add(
                    problem(RoomProblem.NOISE, Cost.NOISE, "source", "hours").by(over, "dB"));
        }
        int worst = worstBand(study);
        if (!study.tooLong().isEmpty()) {
            double over =
                    study.decay().seconds().at(worst) - study.wanted().decays().at(worst);
            problems.add(problem(RoomProblem.DECAY, Cost.ROOM_IN_VOICE, "treat").by(over, "s"));
        }
        study.echoes().stream()
                .findFirst()
                .ifPresent(r -> problems.add(problem(RoomProblem.ECHO, Cost.ROOM_IN_VOICE, "treat", "move")
                        .by(r.levelDb() - Reflection.HEARD_DB, "dB")));
        return Verdict.of(problems, figures(study, worst));
    }

    private static Problem<RoomProblem> problem(RoomProblem what, Cost cost, String... mends) {
        return Problem.of(what, "room." + what.id(), Severity.SPOILS, "", cost, List.of(mends));
    }

    /** The band that rings longest against what it may. */
    public static int worstBand(Study study) {
        int worst = SixBands.MIDDLE;
        for (int b = 0; b < SixBands.COUNT; b++) {
            if (over(study, b) > over(study, worst)) {
                worst = b;
            }
        }
        return worst;
    }

    private static double over(Study study, int band) {
        return study.decay().seconds().at(band) / study.wanted().decays().at(band);
    }

    private static List<Figure> figures(Study study, int worst) {
        OptionalDouble echo =
                study.reflections().stream().mapToDouble(Reflection::levelDb).findFirst();
        return List.of(
                Figure.of(
                        FigureId.ROOM_DECAY,
                        study.decay().seconds().at(worst),
                        Limits.atMost(study.wanted().decays().at(worst))),
                new Figure(FigureId.ROOM_ECHO, echo, Limits.atMost(Reflection.HEARD_DB)),
                Figure.of(FigureId.ROOM_BOOM, study.bass().worstDb(), Limits.atMost(Study.BOOM_DB)),
                new Figure(
                        FigureId.ROOM_NOISE,
                        study.noiseDbA(),
                        Limits.atMost(study.wanted().noiseDbA())));
    }
}
