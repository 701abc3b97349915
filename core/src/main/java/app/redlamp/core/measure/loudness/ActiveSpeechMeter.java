package app.redlamp.core.measure.loudness;

import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * Measures the active speech level of one channel.
 *
 * <p>Source: ITU-T P.56 method B: the rectified signal is averaged twice (time constant 30 ms); for thresholds a factor
 * of 2 apart the time is counted in which the envelope reaches them, each with a hangover of 200 ms; the level of the
 * active part is the one that lies 15.9 dB above the threshold which gives just that activity.
 *
 * <p>The envelope is fed with the mean magnitudes of groups of samples; the standard asks for no more than 694 values a
 * second (from memory).
 */
public final class ActiveSpeechMeter {
    /** Thresholds a factor of two apart (ITU-T P.56, from memory). */
    private static final int THRESHOLDS = 20;

    /** Time constant of the envelope (ITU-T P.56, from memory). */
    private static final double TIME_CONSTANT_S = 0.03;

    /** Speech goes on for so long (ITU-T P.56, from memory). */
    private static final double HANGOVER_S = 0.2;

    /** The active level lies so far over its threshold (ITU-T P.56, from memory). */
    private static final double MARGIN_DB = 15.9;

    private final double forget;
    private final long hangover;
    /** For each threshold 2^−(j+1): values for which it was active, and up to where. */
    private final long[] active = new long[THRESHOLDS];

    private final long[] activeUntil = new long[THRESHOLDS];
    private final long[] activeSince = new long[THRESHOLDS];
    private double first;
    private double second;
    private long position;
    private int above = THRESHOLDS;

    /** @param valuesPerSecond how many mean magnitudes a second will be given */
    public ActiveSpeechMeter(double valuesPerSecond) {
        forget = Math.exp(-1 / (valuesPerSecond * TIME_CONSTANT_S));
        hangover = Math.round(HANGOVER_S * valuesPerSecond);
    }

    /** Takes the mean magnitude of the next group of samples. */
    public void next(double magnitude) {
        first = emptied(forget * first + (1 - forget) * magnitude);
        second = emptied(forget * second + (1 - forget) * first);
        int reached = Math.min(THRESHOLDS, Math.max(0, -1 - Math.getExponent(second)));
        while (above > reached) {
            above--;
            activeSince[above] = position;
        }
        while (above < reached) {
            count(above);
            above++;
        }
        position++;
    }

    /**
     * @param squares sum of the squares of all samples
     * @param samples their number
     */
    public ActiveSpeech result(double squares, long samples) {
        for (int j = above; j < THRESHOLDS; j++) {
            count(j);
            activeSince[j] = position;
        }
        if (!(squares > 0) || position == 0) {
            return new ActiveSpeech(OptionalDouble.empty(), 0);
        }
        double wholeDb = Decibels.levelOfPower(squares / samples);
        double aboveLevel = Double.NaN;
        double aboveDistance = Double.NaN;
        for (int j = THRESHOLDS - 1; j >= 0; j--) {
            long lasted = active[j] - Math.max(0, activeUntil[j] - position);
            if (lasted <= 0) {
                break;
            }
            double level = wholeDb - Decibels.levelOfPower((double) lasted / position);
            double distance = level + Decibels.levelOfAmplitude(2) * (j + 1);
            if (distance <= MARGIN_DB) {
                if (Double.isNaN(aboveLevel)) {
                    break;
                }
                double share = (aboveDistance - MARGIN_DB) / (aboveDistance - distance);
                double found = aboveLevel + share * (level - aboveLevel);
                return new ActiveSpeech(OptionalDouble.of(found), Math.min(1, Decibels.toPower(wholeDb - found)));
            }
            aboveLevel = level;
            aboveDistance = distance;
        }
        return Double.isNaN(aboveLevel)
                ? new ActiveSpeech(OptionalDouble.of(wholeDb), 1)
                : new ActiveSpeech(OptionalDouble.of(aboveLevel), Decibels.toPower(wholeDb - aboveLevel));
    }

    /** Numbers near the smallest there are cost a processor dearly; far below every threshold they are 0. */
    private static double emptied(double average) {
        return average < 1e-30 ? 0 : average;
    }

    /** Books the time since the envelope reached a threshold, hangover included. */
    private void count(int j) {
        active[j] += position + hangover - Math.max(activeSince[j], activeUntil[j]);
        activeUntil[j] = position + hangover;
    }
}
