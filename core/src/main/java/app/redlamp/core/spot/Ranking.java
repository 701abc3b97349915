package app.redlamp.core.spot;

import java.util.Comparator;
import java.util.List;

/**
 * A place among others.
 *
 * @param study what is known of it
 * @param trouble what it lacks
 * @param best what is best about it
 * @param worst what is worst about it; the same as {@code best} only where it lacks nothing
 */
public record Ranking(Study study, Trouble trouble, Trait best, Trait worst) {

    /** What a place can be good or bad at. */
    public enum Trait {
        DECAY,
        ECHO,
        BOOM,
        NOISE
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
        Trait best = Trait.DECAY;
        Trait worst = Trait.DECAY;
        for (Trait trait : Trait.values()) {
            if (points(trouble, trait) < points(trouble, best)) {
                best = trait;
            }
            if (points(trouble, trait) > points(trouble, worst)) {
                worst = trait;
            }
        }
        return new Ranking(study, trouble, best, worst);
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
