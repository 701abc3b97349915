package app.redlamp.core.planning.plan;

import java.util.List;

/**
 * How fast the user reads and works: measured where there is something to measure, else what the production says.
 *
 * @param wordsPerMinute words of finished reading a minute
 * @param paceTakes recordings that the pace was measured from; 0 where it is not measured
 * @param booth hours in the booth for a finished hour
 * @param edit hours of editing for a finished hour
 * @param proof hours of proof listening for a finished hour
 * @param ownBooth whether {@code booth} is measured, likewise the others
 */
public record Pace(
        double wordsPerMinute,
        int paceTakes,
        double booth,
        double edit,
        double proof,
        boolean ownBooth,
        boolean ownEdit,
        boolean ownProof) {
    /** Seconds of a minute (by definition). */
    private static final double MINUTE_S = 60;
    /** Below it a pace says nothing (ours). */
    private static final double LEAST_S = 30;

    /** @param words words of each piece, in their order */
    static Pace of(Production production, List<Integer> words, List<Recorded> takes) {
        WorkRatios effort = production.effort();
        double seconds = 0;
        double spoken = 0;
        double finished = 0;
        int count = 0;
        for (Recorded take : takes) {
            finished += take.lengthS();
            if (words.get(take.piece()) > 0) {
                seconds += take.lengthS();
                spoken += words.get(take.piece());
                count++;
            }
        }
        boolean own = seconds >= LEAST_S;
        double booth = ratio(production.spent(), Spent.Phase.BOOTH, finished);
        double edit = ratio(production.spent(), Spent.Phase.EDIT, finished);
        double proof = ratio(production.spent(), Spent.Phase.PROOF, finished);
        return new Pace(
                own ? spoken / seconds * MINUTE_S : effort.wordsPerMinute(),
                own ? count : 0,
                booth > 0 ? booth : effort.booth(),
                edit > 0 ? edit : effort.edit(),
                proof > 0 ? proof : effort.proof(),
                booth > 0,
                edit > 0,
                proof > 0);
    }

    /** Whether the pace of reading is the user's own. */
    public boolean own() {
        return paceTakes > 0;
    }

    /** Hours of work for a finished hour. */
    public double total() {
        return booth + edit + proof;
    }

    private static double ratio(List<Spent> spent, Spent.Phase phase, double finishedS) {
        double minutes = spent.stream()
                .filter(s -> s.phase() == phase)
                .mapToInt(Spent::minutes)
                .sum();
        return finishedS >= LEAST_S ? minutes * MINUTE_S / finishedS : 0;
    }
}
