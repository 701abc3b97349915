package app.redlamp.core.measure.room;

import app.redlamp.core.signal.Quantile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Finds the {@link Reverberation} of a recording of speech: the {@link Tail} that its falls agree with best, out of all that
 * rooms have, and whether the falls agree with each other.
 */
public final class RoomByEar {
    /** Falls that say how long a room rings, or that it is not heard (common practice: some sixty of them). */
    private static final int ENOUGH_FALLS = 60;

    /** Falls that say at least that it is heard: where it is, few words end in quiet (ours). */
    private static final int FEWEST_FALLS = 20;

    /** More than these say no more (ours). */
    private static final int MOST_FALLS = 100;

    /** Share of falls in which a room is heard that is there (ours, measured). */
    private static final double HEARD = 0.42;

    /** Clarity of a voice of which no room is heard, at least (ours, measured). */
    private static final double DRY_DB = 20;

    /** The voice stands so far over the noise where that can be said (ours, measured). */
    private static final double DEEP_DB = 30;

    /** Groups of falls that are asked apart (ours). */
    private static final int GROUPS = 4;

    /** By so much their decays may differ, as a ratio (ours). */
    private static final double SAME_DECAY = 1.6;

    /** And their clarities, in dB (ours). */
    private static final double SAME_CLARITY_DB = 6;

    /** Nine of ten clarities are as near as this (ours, measured) ... */
    private static final double ERROR_DB = 2.5;

    /** ... where the room is nearly as loud as the voice as near as this (ours, measured) ... */
    private static final double ERROR_IN_LOUD_DB = 5;

    /** ... which is below such a clarity (ours, measured) ... */
    private static final double LOUD_ROOM_DB = 12;

    /** ... and less near the further the groups are apart, in dB a dB (ours, measured). */
    private static final double ERROR_A_SPREAD = 0.5;

    /** Nine of ten decays are as near as this share (ours, measured) ... */
    private static final double DECAY_ERROR = 0.2;

    /** ... and less near the further the groups are apart, as a share of the logarithm of their ratio (ours, measured). */
    private static final double DECAY_ERROR_A_SPREAD = 0.4;

    /** Shortest decay that is tried (ours); each is a fifth longer than the one before. */
    private static final double SHORTEST_S = 0.06;

    /** From one decay to the next, as a ratio (ours). */
    private static final double STEP = 1.2;

    /** How many (ours). */
    private static final int DECAYS = 21;

    /** Least level of the voice over its reverberation that is tried (ours). */
    private static final double LEAST_DIRECT_DB = -8;

    /** From one such level to the next (ours). */
    private static final double DIRECT_STEP_DB = 2;

    /** How many (ours). */
    private static final int DIRECTS = 20;

    private final List<Fall> falls;
    private final Fall.Ground ground;
    /** By group, decay and direct level; the last group is all of them. */
    private final double[][][] likelihood = new double[GROUPS + 1][DECAYS][DIRECTS];

    private final int[][] heard = new int[DECAYS][DIRECTS];

    private RoomByEar(List<Fall> falls, Fall.Ground ground) {
        this.falls = falls;
        this.ground = ground;
    }

    /** @param levels mean square of each 10 ms in the {@link MiddleBand} */
    public static Reverberation of(float[] levels) {
        if (levels.length <= FEWEST_FALLS || Quantile.median(levels) <= 0) {
            return Reverberation.UNKNOWN;
        }
        Fall.Ground ground = Fall.Ground.of(levels);
        List<Fall> all = Fall.in(levels, ground);
        if (all.size() < FEWEST_FALLS) {
            return Reverberation.UNKNOWN;
        }
        return new RoomByEar(some(all), ground).find(levels);
    }

    /** Of too many falls some, from everywhere. */
    private static List<Fall> some(List<Fall> all) {
        if (all.size() <= MOST_FALLS) {
            return all;
        }
        List<Fall> some = new ArrayList<>();
        for (int i = 0; i < MOST_FALLS; i++) {
            some.add(all.get((int) ((long) i * all.size() / MOST_FALLS)));
        }
        return some;
    }

    /** Every second direct level of each decay, then what lies around the best of them. */
    private Reverberation find(float[] levels) {
        TailFit fit = new TailFit(levels, ground, falls);
        IntStream.range(0, DECAYS).parallel().forEach(t -> {
            for (int d = 0; d < DIRECTS; d++) {
                if (d % 2 == 0) {
                    hear(fit, t, d);
                } else {
                    for (double[][] group : likelihood) {
                        group[t][d] = Double.NEGATIVE_INFINITY;
                    }
                }
            }
        });
        for (double[][] group : likelihood) {
            int[] best = best(group);
            for (int t = Math.max(0, best[0] - 1); t <= Math.min(DECAYS - 1, best[0] + 1); t++) {
                for (int d = Math.max(0, best[1] - 1); d <= Math.min(DIRECTS - 1, best[1] + 1); d++) {
                    if (likelihood[GROUPS][t][d] == Double.NEGATIVE_INFINITY) {
                        hear(fit, t, d);
                    }
                }
            }
        }
        return judge();
    }

    private void hear(TailFit fit, int decay, int direct) {
        Tail tail = tail(decay, direct);
        double keep = tail.keep();
        double feed = tail.feed();
        double[] sums = new double[GROUPS + 1];
        int count = 0;
        for (int f = 0; f < falls.size(); f++) {
            TailFit.Evidence evidence = fit.of(falls.get(f), keep, feed);
            sums[f % GROUPS] += evidence.likelihood();
            sums[GROUPS] += evidence.likelihood();
            count += evidence.heard() ? 1 : 0;
        }
        for (int g = 0; g <= GROUPS; g++) {
            likelihood[g][decay][direct] = sums[g];
        }
        heard[decay][direct] = count;
    }

    private Reverberation judge() {
        int[] best = best(likelihood[GROUPS]);
        boolean enough = falls.size() >= ENOUGH_FALLS;
        if (heard[best[0]][best[1]] < HEARD * falls.size()) {
            return enough && ground.depthDb() >= DEEP_DB ? Reverberation.notHeard(DRY_DB) : Reverberation.UNKNOWN;
        }
        double[] decays = new double[GROUPS];
        double[] clarities = new double[GROUPS];
        for (int g = 0; g < GROUPS; g++) {
            int[] own = best(likelihood[g]);
            decays[g] = Math.log(tail(own[0], own[1]).decayS());
            clarities[g] = tail(own[0], own[1]).clarityDb();
        }
        Tail tail = between(likelihood[GROUPS], best);
        double apartDb = spread(clarities);
        double apart = spread(decays);
        if (apartDb > SAME_CLARITY_DB) {
            return Reverberation.UNKNOWN;
        }
        Reverberation.Told decay =
                new Reverberation.Told(tail.decayS(), tail.decayS() * (DECAY_ERROR + DECAY_ERROR_A_SPREAD * apart));
        return Reverberation.heard(
                clarity(tail.clarityDb(), apartDb),
                enough && apart <= Math.log(SAME_DECAY) ? Optional.of(decay) : Optional.empty());
    }

    /** The louder the room, the less of the voice's own level is seen in a fall. */
    private static Reverberation.Told clarity(double db, double apartDb) {
        return new Reverberation.Told(db, (db < LOUD_ROOM_DB ? ERROR_IN_LOUD_DB : ERROR_DB) + ERROR_A_SPREAD * apartDb);
    }

    private static double spread(double[] values) {
        return Arrays.stream(values).max().orElse(0)
                - Arrays.stream(values).min().orElse(0);
    }

    private static int[] best(double[][] likelihood) {
        int[] best = new int[2];
        for (int t = 0; t < DECAYS; t++) {
            for (int d = 0; d < DIRECTS; d++) {
                if (likelihood[t][d] > likelihood[best[0]][best[1]]) {
                    best = new int[] {t, d};
                }
            }
        }
        return best;
    }

    /** The top of parabolas through the best one and its neighbours. */
    private static Tail between(double[][] likelihood, int[] best) {
        int t = best[0];
        int d = best[1];
        double top = likelihood[t][d];
        double alongT = t == 0 || t == DECAYS - 1 ? 0 : shift(likelihood[t - 1][d], top, likelihood[t + 1][d]);
        double alongD = d == 0 || d == DIRECTS - 1 ? 0 : shift(likelihood[t][d - 1], top, likelihood[t][d + 1]);
        return tail(t + alongT, d + alongD);
    }

    private static double shift(double before, double top, double after) {
        double bend = before - 2 * top + after;
        return bend < 0 ? (before - after) / (2 * bend) : 0;
    }

    private static Tail tail(double decay, double direct) {
        return new Tail(SHORTEST_S * Math.pow(STEP, decay), LEAST_DIRECT_DB + DIRECT_STEP_DB * direct);
    }
}
