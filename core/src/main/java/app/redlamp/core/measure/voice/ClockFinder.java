package app.redlamp.core.measure.voice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Tells a ticking clock from the clicks of mouths and leads by its period: what ticks in the pauses keeps time across them. How it
 * is told is ours: the mean cosine of the phases between ticks that lie within 16 s of each other, over all periods of 0.2 to 1.25 s.
 */
final class ClockFinder {
    /** Clocks tick up to five times a second (common practice, no source). */
    private static final double SHORTEST_S = 0.2;

    /** Clocks tick at least about once a second (common practice, no source). */
    private static final double LONGEST_S = 1.25;

    /** Periods are tried in such steps, as a share: a hundredth of a turn in 16 s at the shortest (ours). */
    private static final double STEP = 0.000125;

    /** Ticks that are further apart are not compared (ours). */
    private static final double FAR_S = 16;

    /** Fewer ticks are chance (ours). */
    private static final int FEWEST = 10;

    /** Pairs of ticks that tell something (ours). */
    private static final int FEWEST_PAIRS = 30;

    /** The mean cosine of what keeps time; chance stays below over all periods (ours). */
    private static final double KEEPS_TIME = 0.75;

    /** What fits by such a share of the best fits as well; twice the clock's period fits by next to nothing (ours). */
    private static final double FITS_AS_WELL = 0.85;

    /** A tick may be off by this share of the period (ours). */
    private static final double OFF = 0.08;

    /** More pairs tell nothing more (ours). */
    private static final int MOST_PAIRS = 1000;

    private ClockFinder() {}

    /** What ticks: its period in seconds, and which of the clicks are its ticks. */
    record Found(double periodS, List<Event> ticks) {}

    /** @param clicks all that click in pauses, in the order of time */
    static Optional<Found> find(List<Event> clicks) {
        double[] apart = apart(clicks);
        if (clicks.size() < FEWEST || apart.length < FEWEST_PAIRS) {
            return Optional.empty();
        }
        double best = 0;
        double period = 0;
        for (double p = SHORTEST_S; p <= LONGEST_S; p *= 1 + STEP) {
            double score = score(apart, p);
            // Of a period and its fractions, which fit as well, the longest is the clock's.
            if (score >= best || (score > FITS_AS_WELL * best && p > 1.5 * period)) {
                best = Math.max(best, score);
                period = p;
            }
        }
        if (best < KEEPS_TIME) {
            return Optional.empty();
        }
        double found = refined(apart, period);
        List<Event> ticks = clicks.stream()
                .filter(c ->
                        2 * clicks.stream().filter(o -> inTime(c, o, found)).count()
                                > clicks.stream().filter(o -> isCompared(c, o)).count())
                .toList();
        return ticks.size() >= FEWEST ? Optional.of(new Found(found, ticks)) : Optional.empty();
    }

    /** The best within a hundredth of a period. */
    private static double refined(double[] apart, double nearS) {
        double best = nearS;
        for (double p = nearS * 0.99; p <= nearS * 1.01; p *= 1 + STEP) {
            best = score(apart, p) > score(apart, best) ? p : best;
        }
        return best;
    }

    private static double[] apart(List<Event> clicks) {
        List<Double> apart = new ArrayList<>();
        for (int i = 0; i < clicks.size() && apart.size() < MOST_PAIRS; i++) {
            for (int j = i + 1; j < clicks.size() && isCompared(clicks.get(i), clicks.get(j)); j++) {
                apart.add(clicks.get(j).startS() - clicks.get(i).startS());
            }
        }
        return apart.stream().mapToDouble(d -> d).toArray();
    }

    private static double score(double[] apart, double period) {
        double sum = 0;
        for (double s : apart) {
            sum += Math.cos(2 * Math.PI * s / period);
        }
        return sum / apart.length;
    }

    private static boolean isCompared(Event a, Event b) {
        return Math.abs(a.startS() - b.startS()) <= FAR_S;
    }

    private static boolean inTime(Event a, Event b, double period) {
        double turns = (b.startS() - a.startS()) / period;
        return isCompared(a, b) && Math.abs(turns - Math.rint(turns)) < OFF;
    }
}
