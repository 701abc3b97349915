package app.redlamp.core.acoustics.decay;

import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.OctaveFilter;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Sound that runs to and fro between two hard surfaces and is heard as a rattle.
 *
 * @param periodMs how often it comes by
 * @param strength how regular it is, 0 to 1
 */
public record Flutter(double periodMs, double strength) {
    /** Sides are drawn and periods are measured within so much (ours). */
    private static final double SAME_SHARE = 0.06;

    /** Levels are taken so often (ours). */
    private static final double TICK_S = 0.0005;

    /** Before, the burst and its first reflections are heard (ours). */
    private static final double FROM_S = 0.01;

    /** Later it has fallen into the noise in a room at home (ours). */
    private static final double LONGEST_S = 0.35;

    /** Ticks: 2.5 ms, sides less than half a metre apart (ours). */
    private static final int LEAST_LAG = 5;

    /** Ticks: 60 ms, sides 10 m apart (ours). */
    private static final int MOST_LAG = 120;

    /** Autocorrelation from which a rattle is heard (ours). */
    private static final double HEARD = 0.3;

    /** A period is half as strong as its multiples at least (ours). */
    private static final double HALF = 0.5;

    /** Octaves of 2 and 4 kHz, where rattling is heard (common practice, no source). */
    private static final double[] BANDS_HZ = {OctaveBands.octaveHz(1.0), OctaveBands.octaveHz(2.0)};

    /** Between which two surfaces it can run: half of its way, in metres. */
    public double spacingM(double speedMps) {
        return periodMs / 1000 * speedMps / 2;
    }

    /** The drawn side of the first pair that is so far apart; absent where none is. */
    public Optional<Face> between(Room room) {
        double spacing = spacingM(room.air().speedMps());
        return Stream.of(Face.LEFT, Face.FRONT, Face.FLOOR)
                .filter(face -> {
                    double apart = room.space().along(face.axis());
                    return Math.abs(spacing - apart) <= SAME_SHARE * apart;
                })
                .findFirst();
    }

    /**
     * Looks for it between 10 and 350 ms behind the burst, in the octaves of 2 and 4 kHz: where the course of the level,
     * what goes slowly taken off, repeats itself.
     *
     * @param samples from the burst on
     */
    static Optional<Flutter> find(float[] samples, int sampleRateHz) {
        Optional<Flutter> best = Optional.empty();
        for (double hz : BANDS_HZ) {
            if (hz * 1.5 < sampleRateHz / 2.0) {
                Optional<Flutter> one = in(new OctaveFilter(hz, sampleRateHz).filterBackwards(samples), sampleRateHz);
                if (one.isPresent()
                        && one.get().strength() > best.map(Flutter::strength).orElse(0.0)) {
                    best = one;
                }
            }
        }
        return best;
    }

    private static Optional<Flutter> in(float[] samples, int sampleRateHz) {
        double[] course = course(samples, sampleRateHz);
        if (course.length < 2 * LEAST_LAG) {
            return Optional.empty();
        }
        double whole = product(course, 0);
        int best = 0;
        double most = 0;
        double[] row = new double[Math.min(MOST_LAG, course.length / 2)];
        for (int lag = 1; lag < row.length; lag++) {
            row[lag] = product(course, lag) / Math.max(1e-30, whole);
        }
        for (int lag = LEAST_LAG; lag + 1 < row.length; lag++) {
            // The first that is nearly as strong as any is the period; the others are its multiples.
            if (row[lag] > 1.1 * most && row[lag] >= row[lag - 1] && row[lag] >= row[lag + 1]) {
                most = row[lag];
                best = lag;
            }
        }
        if (most < HEARD) {
            return Optional.empty();
        }
        best = shortest(row, best);
        double bend = row[best - 1] - 2 * row[best] + row[best + 1];
        double shift = bend < 0 ? (row[best - 1] - row[best + 1]) / (2 * bend) : 0;
        return Optional.of(new Flutter((best + shift) * TICK_S * 1000, Math.min(1, most)));
    }

    /** The period where it was taken for twice, three or four times of it. */
    private static int shortest(double[] row, int lag) {
        for (int times = 4; times > 1; times--) {
            int near = (int) Math.rint((double) lag / times);
            for (int k = Math.max(LEAST_LAG, near - 1); k <= near + 1; k++) {
                if (row[k] > HALF * row[lag] && row[k] >= row[k - 1] && row[k] >= row[k + 1]) {
                    return k;
                }
            }
        }
        return lag;
    }

    /** Level of each half millisecond over its own slow course, in dB, while it stands out of the noise. */
    private static double[] course(float[] samples, int sampleRateHz) {
        int first = (int) (FROM_S / TICK_S);
        int last = (int) Math.min(LONGEST_S / TICK_S, samples.length / (TICK_S * sampleRateHz) - 1);
        double[] db = new double[Math.max(0, last)];
        double floor = Decibels.levelOfPower(mean(samples, (int) (samples.length * 0.9), samples.length) + 1e-30);
        int end = first;
        for (int i = 0; i < db.length; i++) {
            int from = (int) (i * TICK_S * sampleRateHz);
            int to = (int) ((i + 1) * TICK_S * sampleRateHz);
            db[i] = Decibels.levelOfPower(mean(samples, from, to) + 1e-30);
            if (i >= first && db[i] > floor + 10) {
                end = i + 1;
            }
        }
        if (end - first < 2 * LEAST_LAG) {
            return new double[0];
        }
        double[] course = new double[end - first];
        for (int i = first; i < end; i++) {
            // A fall in two slopes is no straight line: what goes slower than any rattle is taken off.
            int reach = Math.min(MOST_LAG / 2, Math.min(i - first, end - 1 - i));
            double around =
                    Arrays.stream(db, i - reach, i + reach + 1).average().orElseThrow();
            course[i - first] = Math.max(-15, Math.min(15, db[i] - around));
        }
        return course;
    }

    private static double product(double[] course, int lag) {
        double sum = 0;
        for (int i = 0; i + lag < course.length; i++) {
            sum += course[i] * course[i + lag];
        }
        return sum / (course.length - lag);
    }

    private static double mean(float[] samples, int from, int to) {
        double sum = 0;
        for (int n = from; n < Math.min(samples.length, to); n++) {
            sum += (double) samples[n] * samples[n];
        }
        return sum / Math.max(1, to - from);
    }
}
