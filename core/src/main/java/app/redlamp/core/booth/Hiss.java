package app.redlamp.core.booth;

import app.redlamp.core.signal.Convolver;
import app.redlamp.core.signal.MinimumPhase;
import java.util.Arrays;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The noise of electronics: as strong in every hertz up to 20 kHz, with a power of 1 up to there. It is the sum of two rings of
 * samples, made once for a rate, that go round in different times: together they begin anew after hours. Filtered block by
 * block it took a third of the booth's transforms.
 */
final class Hiss {
    /** What is analogue is counted up to here, as noise figures of preamps are (common practice, no source). */
    private static final double HIGHEST_HZ = 20_000;

    /** Samples of the filter (ours). */
    private static final int FILTER = 512;

    /** Lengths of the rings; primes, so that they go round in step only after their product: 79 hours at 48 kHz (ours). */
    private static final int[] LENGTHS = {131_071, 104_729};

    /** The same rings every time; where one begins in them is what differs (ours). */
    private static final long SEED = 20_000;

    private static final Map<Integer, float[][]> RINGS = new ConcurrentHashMap<>();

    private final float[][] rings;
    private final int[] at;

    /** @param random where in the rings it begins */
    Hiss(int sampleRateHz, SplittableRandom random) {
        rings = RINGS.computeIfAbsent(sampleRateHz, Hiss::rings);
        at = new int[rings.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = random.nextInt(rings[i].length);
        }
    }

    /** The next sample. */
    double next() {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += rings[i][at[i]];
            at[i] = at[i] + 1 == rings[i].length ? 0 : at[i] + 1;
        }
        return sum;
    }

    private static float[][] rings(int sampleRateHz) {
        SplittableRandom random = new SplittableRandom(SEED);
        // Each has its share of the power, and all of it lies below the highest frequency.
        double amplitude = Math.sqrt(sampleRateHz / 2.0 / HIGHEST_HZ / LENGTHS.length);
        double bandwidth = Math.min(HIGHEST_HZ, sampleRateHz / 2.0);
        float[] filter = MinimumPhase.of(f -> f <= bandwidth ? amplitude : 0, FILTER, sampleRateHz);
        float[][] rings = new float[LENGTHS.length][];
        for (int i = 0; i < rings.length; i++) {
            float[] white = new float[LENGTHS[i] + FILTER];
            for (int n = 0; n < LENGTHS[i]; n++) {
                white[FILTER + n] = (float) random.nextGaussian();
            }
            // What went before the first sample is the end of the ring.
            System.arraycopy(white, LENGTHS[i], white, 0, FILTER);
            float[] filtered = Convolver.of(white, filter);
            rings[i] = Arrays.copyOfRange(filtered, FILTER, filtered.length);
        }
        return rings;
    }
}
