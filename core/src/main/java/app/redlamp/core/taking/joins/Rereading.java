package app.redlamp.core.taking.joins;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.taking.joins.Quiet.Gap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where a sentence that was read again began the first time. The words after the pause in which the reader stopped are held against
 * the words after each pause before it; where none of them sounds the same, it is the last pause as long as one between sentences.
 */
final class Rereading {
    /** Nobody goes back by more (ours). */
    static final double REACH_S = 45;

    /** And most go back by less (ours). */
    static final double USUAL_REACH_S = 15;

    /** So much of the beginning is held against the others (ours). */
    private static final double HELD_S = 1.2;

    /** And so much is looked at, as nobody reads twice equally fast (ours). */
    private static final double LOOKED_S = 2.0;

    /** The same words lie nearer to each other than so many dB (ours; readings of synthetic voices: 1 to 3.7, others 4.1 and more). */
    private static final double SAME_DB = 4.0;

    /** Or nearer than so much of what lies in the middle of all (ours). */
    private static final double NEARER = 0.65;

    /** A pause between sentences is at least as long, 50 ms less at both ends (ours). */
    private static final double SENTENCE_S = 0.4;

    /** Whoever stops sooner has hardly said a word (ours). */
    private static final double LEAST_HELD_S = 0.3;

    private Rereading() {}

    /**
     * The two pauses between which lies what is left out.
     *
     * @param before the pause before the first reading
     * @param again the pause before the second one
     * @param alike whether what follows both sounds the same; otherwise it is only the last pause between two sentences
     */
    record Twice(Gap before, Gap again, boolean alike) {}

    /**
     * Finds it.
     *
     * @param mark frame at which the reader marked the stumble: in the pause after it, or shortly before or after that pause
     */
    static Optional<Twice> of(Quiet quiet, long mark) {
        List<Gap> gaps = quiet.gaps();
        int rate = quiet.sampleRateHz();
        int after = stop(gaps, mark, rate);
        if (after < 0) {
            return Optional.empty();
        }
        Gap again = gaps.get(after);
        List<Gap> candidates = new ArrayList<>();
        for (Gap gap : gaps.subList(0, after)) {
            if (again.from() - gap.to() < REACH_S * rate) {
                candidates.add(gap);
            }
        }
        if (candidates.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(first(quiet, candidates, again));
    }

    /** The pause in which the reader stopped: the mark lies in it, or it is the first one after the mark. */
    private static int stop(List<Gap> gaps, long mark, int rate) {
        int late = (int) Math.round(0.4 * rate);
        for (int i = 0; i < gaps.size(); i++) {
            if (gaps.get(i).to() + late >= mark) {
                return i;
            }
        }
        return -1;
    }

    private static Twice first(Quiet quiet, List<Gap> candidates, Gap again) {
        double[] apart = new double[candidates.size()];
        for (int i = 0; i < apart.length; i++) {
            Gap gap = candidates.get(i);
            Gap next = i + 1 < apart.length ? candidates.get(i + 1) : again;
            // Where the reader stopped soon, only what was said can be held against the second reading.
            double saidS = (double) (next.from() - gap.to()) / quiet.sampleRateHz();
            double heldS = Math.max(LEAST_HELD_S, Math.min(HELD_S, saidS));
            apart[i] = Likeness.distanceDb(words(quiet, again.to(), heldS), words(quiet, gap.to(), LOOKED_S));
        }
        double limit = Math.max(SAME_DB, NEARER * Quantile.median(apart));
        for (int i = candidates.size() - 1; i >= 0; i--) {
            if (apart[i] < limit) {
                return new Twice(candidates.get(i), again, true);
            }
        }
        Gap last = candidates.stream()
                .filter(g -> g.frames() >= SENTENCE_S * quiet.sampleRateHz())
                .reduce((a, b) -> b)
                .orElse(candidates.get(candidates.size() - 1));
        return new Twice(last, again, false);
    }

    private static float[][] words(Quiet quiet, long frame, double seconds) {
        int from = (int) (frame - quiet.start());
        return Likeness.frames(
                quiet.sound(), from, from + (int) Math.round(seconds * quiet.sampleRateHz()), quiet.sampleRateHz());
    }
}
