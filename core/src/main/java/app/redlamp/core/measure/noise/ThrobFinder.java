package app.redlamp.core.measure.noise;

import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * Tells in one stretch of a recording whether its noise throbs, at which period, and how it rises and falls meanwhile.
 *
 * <p>How it is told is ours. The stretch is laid over itself at periods of 0.5 to 4 s. The level that 15 % of each sixteenth
 * of a turn stays below is the course of the noise, if there is one. It is taken for one if it rises and falls by 8 dB, if a
 * third more levels lie near it than near any level that stays, and if that holds too where the course comes from every
 * other turn and the levels from those between. What is within 10 dB of the mean is voice, and counts nowhere.
 */
final class ThrobFinder {
    /** Turns are cut into so many parts (ours). */
    static final int PARTS = 16;

    /** Levels in the longest turn: 4 s (ours). */
    private static final double LONGEST = 80;

    /** Between two periods that are tried it slips by this part of a turn in a stretch (ours). */
    private static final double SLIP = 0.125;

    /** The lower levels of each part, of which the noise makes the most (ours). */
    private static final double LOW_SHARE = 0.15;

    /** Levels of a noise lie so close to its course (ours). */
    private static final double NEAR_DB = 2.5;

    /** What is less far below the mean is voice (ours). */
    private static final double BELOW_DB = 10;

    /** Less is no throbbing (ours). */
    private static final double LEAST_DB = 8;

    /** So many times as many levels lie near the course as near any level that stays (ours). */
    private static final double TIMES = 1.3;

    /** A longer turn has to fit better by so much (ours). */
    private static final double LONGER_IS_BETTER = 1.1;

    /** And where it is foretold from the other turns (ours). */
    private static final double FORETOLD_TIMES = 1.35;

    /** And it is so much of all (ours). */
    private static final double LEAST_SHARE = 0.12;

    private final double[] levels;
    /** Where it is less of a part, that part holds nothing but words (ours). */
    private static final double NOISE_SHARE = 0.15;

    private final double shortest;
    private final double ceiling;
    private final double[][] sorted = new double[PARTS][];
    private final int[] counts = new int[PARTS];
    private double period;

    /**
     * @param levels in dB, one after the other; NaN for digital silence
     * @param shortest how many of them the shortest turn takes that is looked for
     */
    ThrobFinder(double[] levels, double shortest) {
        this.shortest = shortest;
        this.levels = levels;
        ceiling = Decibels.levelOfPower(Arrays.stream(levels)
                        .filter(l -> !Double.isNaN(l))
                        .map(Decibels::toPower)
                        .average()
                        .orElse(0))
                - BELOW_DB;
        for (int p = 0; p < PARTS; p++) {
            sorted[p] = new double[levels.length];
        }
    }

    /** The level in dB at each moment of a turn, by its parts; empty where nothing throbs. */
    double[] course() {
        period = period();
        return Double.isNaN(period) ? new double[0] : withoutWords(curve(period, -1));
    }

    /** How many levels a turn takes; asked where there is a course. */
    double turn() {
        return period;
    }

    /** Parts in which hardly a level lies near the course hold nothing but words: it is no higher there than beside them. */
    private double[] withoutWords(double[] curve) {
        boolean[] words = new boolean[PARTS];
        for (int p = 0; p < PARTS; p++) {
            int near = 0;
            for (int i = 0; i < counts[p]; i++) {
                near += Math.abs(sorted[p][i] - curve[p]) <= NEAR_DB ? 1 : 0;
            }
            words[p] = near < NOISE_SHARE * counts[p];
        }
        double[] without = curve.clone();
        for (int p = 0; p < PARTS; p++) {
            for (int beside = 1; words[p] && beside < PARTS; beside++) {
                int before = Math.floorMod(p - beside, PARTS);
                int after = (p + beside) % PARTS;
                double level = Math.min(
                        words[before] ? Double.POSITIVE_INFINITY : curve[before],
                        words[after] ? Double.POSITIVE_INFINITY : curve[after]);
                if (level < Double.POSITIVE_INFINITY) {
                    without[p] = Math.min(curve[p], level);
                    break;
                }
            }
        }
        return without;
    }

    /** The period at which it throbs, in levels; NaN where it does not. */
    private double period() {
        int steady = mostNearOne();
        double best = Double.NaN;
        int most = (int) Math.max(LEAST_SHARE * levels.length, TIMES * steady);
        for (double period = shortest; period <= LONGEST; period += SLIP * period * period / levels.length) {
            double[] curve = curve(period, -1);
            if (curve.length > 0 && isDeep(curve)) {
                int near = near(curve, period, -1);
                // Two turns fit as well as one.
                if (near > (Double.isNaN(best) ? most : most * LONGER_IS_BETTER)) {
                    most = near;
                    best = period;
                }
            }
        }
        return !Double.isNaN(best) && holds(best, steady) ? best : Double.NaN;
    }

    /** Whether the course of every other turn foretells the turns between. */
    private boolean holds(double period, int steady) {
        int foretold = 0;
        for (int which = 0; which < 2; which++) {
            double[] curve = curve(period, which);
            if (curve.length == 0 || !isDeep(curve)) {
                return false;
            }
            foretold += near(curve, period, 1 - which);
        }
        return foretold > FORETOLD_TIMES * steady;
    }

    private static boolean isDeep(double[] curve) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double level : curve) {
            least = Math.min(least, level);
            most = Math.max(most, level);
        }
        return most - least >= LEAST_DB;
    }

    /** The low level of each part of a turn, by the turns of one kind or by all (−1); empty where one part has none. */
    private double[] curve(double period, int which) {
        Arrays.fill(counts, 0);
        for (int i = 0; i < levels.length; i++) {
            double turn = i / period;
            if (!Double.isNaN(levels[i]) && (which < 0 || ((int) turn & 1) == which)) {
                int part = (int) ((turn - (int) turn) * PARTS);
                sorted[part][counts[part]++] = levels[i];
            }
        }
        double[] curve = new double[PARTS];
        for (int p = 0; p < PARTS; p++) {
            if (counts[p] == 0) {
                return new double[0];
            }
            Arrays.sort(sorted[p], 0, counts[p]);
            curve[p] = sorted[p][(int) (LOW_SHARE * counts[p])];
        }
        return curve;
    }

    private int near(double[] curve, double period, int which) {
        int near = 0;
        for (int i = 0; i < levels.length; i++) {
            double turn = i / period;
            boolean counts = which < 0 || ((int) turn & 1) == which;
            double level = curve[(int) ((turn - (int) turn) * PARTS)];
            near += counts && levels[i] < ceiling && Math.abs(levels[i] - level) <= NEAR_DB ? 1 : 0;
        }
        return near;
    }

    /** As many levels as lie near any one level. */
    private int mostNearOne() {
        double[] all = Arrays.stream(levels).filter(l -> l < ceiling).sorted().toArray();
        int most = 0;
        int from = 0;
        for (int i = 0; i < all.length; i++) {
            while (all[i] - all[from] > 2 * NEAR_DB) {
                from++;
            }
            most = Math.max(most, i + 1 - from);
        }
        return most;
    }
}
