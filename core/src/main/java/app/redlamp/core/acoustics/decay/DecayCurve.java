package app.redlamp.core.acoustics.decay;

import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * The fall of a burst in one band, integrated backwards.
 *
 * <p>Sources: M. R. Schroeder, J. Acoust. Soc. Am. 37, 1965, for the integration; W. T. Chu, J. Acoust. Soc. Am. 63, 1978,
 * for taking off the noise; Lundeby et al., Acustica 81, 1995, for the point at which the fall drowns in it, beyond which
 * its straight course is added (ISO 3382-1:2009, 5.3.3).
 */
final class DecayCurve {
    /** Noise and slope find each other in fewer rounds (ours). */
    private static final int ROUNDS = 6;

    /** Means for every 10 dB of fall, as in the iteration of Lundeby and others (Acustica 81, 1995, from memory). */
    private static final int STEPS_PER_10_DB = 6;

    /** Length of the first means (as above, 10 to 50 ms; shorter for small rooms) (ours). */
    private static final double FIRST_STEP_S = 0.005;

    /** The line is drawn down to so much over the noise (as above, 5 to 10 dB). */
    private static final double OVER_NOISE_DB = 6;

    /** The late slope is looked for within so much (as above, 10 to 20 dB). */
    private static final double LATE_DB = 20;

    /** The last tenth gives the first guess of the noise (as above). */
    private static final double TAIL_SHARE = 0.1;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING = 1e-30;

    /** Band width times decay time from which a filter run backwards no longer shapes the fall (ISO 3382-2, 7.3). */
    private static final double LEAST_BANDWIDTH_TIME = 4;

    /** A curve has to reach so far below what is read (ours). */
    private static final double GOOD_BELOW_DB = 10;

    /** Band width times decay time from which the early decay is that of the room (ISO 3382-2, 7.3). */
    private static final double EDT_BANDWIDTH_TIME = 16;

    /** Two slopes differ by this at least (ours). */
    private static final double LEAST_RATIO = 1.3;

    /** And by so many times what chance does (ours). */
    private static final double TIMES_CHANCE = 2;

    /**
     * What chance does to a time from 10 dB of fall where band width times time is 1; 0.88 from 20 dB and 0.55 from 30 (ISO 3382-2,
     * annex A, from memory) go on so (ours).
     */
    private static final double CHANCE_10_DB = 2;

    /** By this power of the range (ours, from the same). */
    private static final double CHANCE_POWER = -1.16;

    private final float[] samples;
    private final int sampleRateHz;
    private double noise;
    private double dbPerS;
    private int crossing;
    private double[] levels = {};

    /** @param samples of one band, from the burst on */
    private DecayCurve(float[] samples, int sampleRateHz) {
        this.samples = samples;
        this.sampleRateHz = sampleRateHz;
    }

    /**
     * @param bandwidthHz of the filter
     * @param clipped whether the burst itself went over full scale
     */
    static BandDecay measure(float[] samples, int sampleRateHz, double bandwidthHz, boolean clipped) {
        DecayCurve curve = new DecayCurve(samples, sampleRateHz);
        return curve.follow() ? curve.result(bandwidthHz, clipped) : nothing(0);
    }

    private static BandDecay nothing(double rangeDb) {
        return new BandDecay(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                rangeDb,
                0,
                false,
                BandDecay.Trust.NONE,
                BandDecay.Trust.NONE,
                BandDecay.Trust.NONE);
    }

    /** Finds the noise and where the fall drowns in it; false where there is no fall. */
    private boolean follow() {
        int step = Math.max(1, (int) (FIRST_STEP_S * sampleRateHz));
        noise = mean((int) (samples.length * (1 - TAIL_SHARE)), samples.length);
        crossing = samples.length;
        int peak = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double[] db = levels(step);
            peak = top(db);
            double floor = Decibels.levelOfPower(noise + NOTHING);
            int last = peak;
            while (last + 1 < db.length && db[last + 1] > floor + OVER_NOISE_DB) {
                last++;
            }
            int first = peak;
            while (round > 0 && first < last && db[first] > floor + OVER_NOISE_DB + LATE_DB) {
                first++;
            }
            if (last - first < 2) {
                first = peak;
            }
            if (last - first < 2) {
                return false;
            }
            Line line = Line.through(db, first, last + 1, (double) step / sampleRateHz);
            if (!(line.slope() < 0)) {
                return false;
            }
            dbPerS = line.slope();
            double crossS = (floor - line.start()) / line.slope();
            crossing = (int) Math.max(step, Math.min(samples.length, crossS * sampleRateHz));
            // The noise is what lies at least 10 dB of fall behind the crossing.
            int from = (int) Math.min(samples.length * (1 - TAIL_SHARE), crossing + 10 / -dbPerS * sampleRateHz);
            noise = mean(from, samples.length);
            step = Math.max(1, (int) (10 / -dbPerS / STEPS_PER_10_DB * sampleRateHz));
            step = Math.min(step, Math.max(1, samples.length / 10));
        }
        integrate();
        return true;
    }

    private void integrate() {
        double[] sums = new double[crossing + 1];
        // What is left beyond the crossing, as the straight line goes on.
        double perSample = 2 * Decibels.toNepers(-dbPerS) / sampleRateHz;
        sums[crossing] = crossing < samples.length ? noise / perSample : 0;
        for (int n = crossing - 1; n >= 0; n--) {
            sums[n] = sums[n + 1] + (double) samples[n] * samples[n] - noise;
        }
        double whole = sums[0];
        levels = new double[crossing];
        for (int n = 0; n < crossing; n++) {
            levels[n] = Decibels.levelOfPower(Math.max(NOTHING, sums[n] / whole));
        }
    }

    private BandDecay result(double bandwidthHz, boolean clipped) {
        double top = 0;
        int window = Math.max(1, (int) (2 / bandwidthHz * sampleRateHz));
        for (int n = 0;
                n + window <= Math.min(samples.length, sampleRateHz / 5 + window);
                n += Math.max(1, window / 2)) {
            top = Math.max(top, mean(n, n + window));
        }
        double range = Decibels.levelOfPower((top + NOTHING) / (noise + NOTHING));
        OptionalDouble edt = longerThan(1 / bandwidthHz, slope(0, -10));
        OptionalDouble t20 = range >= 25 ? slope(-5, -25) : OptionalDouble.empty();
        OptionalDouble t30 = range >= 35 ? slope(-5, -35) : OptionalDouble.empty();
        double shortest = LEAST_BANDWIDTH_TIME / bandwidthHz;
        return new BandDecay(
                edt,
                t20,
                t30,
                range,
                bend(),
                twoSlopes(range, bandwidthHz),
                clipped ? BandDecay.Trust.NONE : early(trust(edt, range, 10, shortest), edt, t20, bandwidthHz),
                trust(t20, range, 25, shortest),
                trust(t30, range, 35, shortest));
    }

    /** The filter's own decay is no room's. */
    private static OptionalDouble longerThan(double seconds, OptionalDouble time) {
        return time.isPresent() && time.getAsDouble() > seconds ? time : OptionalDouble.empty();
    }

    /** The first 10 dB are shaped by the filter where a band is narrow and a fall short. */
    private static BandDecay.Trust early(
            BandDecay.Trust trust, OptionalDouble edt, OptionalDouble t20, double bandwidthHz) {
        double shorter = Math.min(edt.orElse(0), t20.orElse(edt.orElse(0)));
        boolean shaped = shorter * bandwidthHz < EDT_BANDWIDTH_TIME;
        return shaped && trust == BandDecay.Trust.GOOD ? BandDecay.Trust.FAIR : trust;
    }

    private static BandDecay.Trust trust(OptionalDouble seconds, double rangeDb, double lowestDb, double shortestS) {
        if (seconds.isEmpty() || seconds.getAsDouble() < shortestS) {
            return BandDecay.Trust.NONE;
        }
        return rangeDb >= lowestDb + GOOD_BELOW_DB ? BandDecay.Trust.GOOD : BandDecay.Trust.FAIR;
    }

    /** Time of a fall by 60 dB from the part between two levels; absent where the curve does not get there. */
    private OptionalDouble slope(double fromDb, double toDb) {
        int from = first(fromDb);
        int to = first(toDb);
        if (to < 0 || to - from < 3) {
            return OptionalDouble.empty();
        }
        Line line = Line.through(levels, from, to, 1.0 / sampleRateHz);
        return line.slope() < 0 ? OptionalDouble.of(-60 / line.slope()) : OptionalDouble.empty();
    }

    /** First sample at or below a level; −1 for none. */
    private int first(double db) {
        for (int n = 0; n < levels.length; n++) {
            if (levels[n] <= db) {
                return n;
            }
        }
        return -1;
    }

    private double bend() {
        int from = first(-5);
        int to = first(-25);
        if (to - from < 3) {
            return 0;
        }
        Line line = Line.through(levels, from, to, 1.0);
        double most = 0;
        for (int n = from; n < to; n++) {
            most = Math.max(most, Math.abs(levels[n] - line.start() - line.slope() * n));
        }
        return most;
    }

    /**
     * Whether the late part falls more slowly than the early one, by more than chance makes of a straight fall: a late part that is
     * shorter is a bend of another kind.
     */
    private boolean twoSlopes(double rangeDb, double bandwidthHz) {
        OptionalDouble early = slope(-5, -15);
        boolean far = rangeDb >= 35 + GOOD_BELOW_DB;
        OptionalDouble late =
                far ? slope(-20, -35) : rangeDb >= 25 + GOOD_BELOW_DB ? slope(-15, -25) : OptionalDouble.empty();
        if (early.isEmpty() || late.isEmpty()) {
            return false;
        }
        double ratio = late.getAsDouble() / early.getAsDouble();
        // Both are as uncertain as the shorter of them, if the fall is straight after all.
        double whole = Math.sqrt(bandwidthHz * early.getAsDouble());
        double chance = CHANCE_10_DB / whole * Math.hypot(1, far ? Math.pow(1.5, CHANCE_POWER) : 1);
        return ratio > LEAST_RATIO && Math.log(ratio) > TIMES_CHANCE * chance;
    }

    /** Levels of steps in dB. */
    private double[] levels(int step) {
        double[] db = new double[samples.length / step];
        for (int i = 0; i < db.length; i++) {
            db[i] = Decibels.levelOfPower(mean(i * step, (i + 1) * step) + NOTHING);
        }
        return db;
    }

    private static int top(double[] db) {
        int best = 0;
        for (int i = 1; i < db.length; i++) {
            if (db[i] > db[best]) {
                best = i;
            }
        }
        return best;
    }

    private double mean(int from, int to) {
        double sum = 0;
        for (int n = from; n < to; n++) {
            sum += (double) samples[n] * samples[n];
        }
        return sum / Math.max(1, to - from);
    }
}
