package app.redlamp.core.acoustics.spot;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * A place among others.
 *
 * @param study what is known of it
 * @param trouble what it lacks, in points
 * @param lacks what it lacks, the worst first; nothing for a place that is as it should be
 */
public record Ranking(Study study, Trouble trouble, List<Trait> lacks) {
    /** Fewer points are no reason against a place (ours). */
    private static final double LEAST_POINTS = 0.7;

    /** What a place can lack. */
    public enum Trait {
        DECAY,
        ECHO,
        BOOM,
        NOISE
    }

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
        List<Trait> lacks = Arrays.stream(Trait.values())
                .filter(t -> points(trouble, t) >= LEAST_POINTS)
                .sorted(Comparator.comparingDouble(t -> -points(trouble, t)))
                .toList();
        return new Ranking(study, trouble, lacks);
    }

    private static double points(Trouble trouble, Trait trait) {
        return switch (trait) {
            case DECAY -> trouble.decay();
            case ECHO -> trouble.echo();
            case BOOM -> trouble.boom();
            case NOISE -> trouble.noise();
        };
    }
}
