package app.redlamp.core.acoustics.spot;

import app.redlamp.core.verdict.Problem;
import java.util.Comparator;
import java.util.List;

/**
 * A place among others.
 *
 * @param study what is known of it
 * @param trouble what it lacks, in points
 * @param lacks what it lacks, the worst first; nothing for a place that is as it should be
 */
public record Ranking(Study study, Trouble trouble, List<RoomProblem> lacks) {
    public Ranking {
        lacks = List.copyOf(lacks);
    }

    /** All places, the best first; of two that are alike the one that was given first. */
    public static List<Ranking> of(List<Study> studies) {
        return studies.stream()
                .map(Ranking::of)
                .sorted(Comparator.comparingDouble(r -> r.trouble().sum()))
                .toList();
    }

    private static Ranking of(Study study) {
        Trouble trouble = Trouble.of(study);
        List<RoomProblem> lacks = RoomVerdict.of(study).holding().stream()
                .map(Problem::detail)
                .sorted(Comparator.comparingDouble(t -> -points(trouble, t)))
                .toList();
        return new Ranking(study, trouble, lacks);
    }

    private static double points(Trouble trouble, RoomProblem trait) {
        return switch (trait) {
            case DECAY -> trouble.decay();
            case ECHO -> trouble.echo();
            case BOOM -> trouble.boom();
            case NOISE -> trouble.noise();
        };
    }
}
