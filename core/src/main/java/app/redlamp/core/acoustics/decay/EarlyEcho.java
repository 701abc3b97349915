package app.redlamp.core.acoustics.decay;

import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A peak soon after the burst: sound that came off one surface.
 *
 * @param delayMs after the burst
 * @param levelDb against the burst
 */
public record EarlyEcho(double delayMs, double levelDb) {
    /** A drawing is within 12 cm of the room: a third of a millisecond (ours). */
    private static final double SAME_DELAY_MS = 0.35;

    /** Surfaces of the size of a desk reflect what lies above (ours). */
    private static final double HIGH_PASS_HZ = 700;

    /** Earlier the burst itself is still there (ours). */
    private static final double FROM_S = 0.0008;

    /** Later reflections are reverberation in a small room (common practice, no source). */
    private static final double TO_S = 0.015;

    /** Levels are means of so long (ours). */
    private static final double SMOOTH_S = 0.0002;

    /** What a peak stands out of (ours). */
    private static final double AROUND_S = 0.002;

    /** How far a peak must stand out of what is around it (ours). */
    private static final double OUT_DB = 5;

    /** Echoes that are softer colour nothing (common practice, no source). */
    private static final double LOWEST_DB = -30;

    /** More are not told (ours). */
    private static final int MOST = 8;

    /** How much further the sound went than that which came straight, in metres. */
    public double pathDifferenceM(double speedMps) {
        return delayMs / 1000 * speedMps;
    }

    /** The drawn reflection that comes at the same time, the nearest of them; absent where none does. */
    public Optional<Reflection> among(List<Reflection> drawn) {
        return drawn.stream().filter(r -> off(r) <= SAME_DELAY_MS).min(Comparator.comparingDouble(this::off));
    }

    private double off(Reflection reflection) {
        return Math.abs(reflection.delayMs() - delayMs);
    }

    /**
     * The strongest of those between 0.8 and 15 ms, in the order in which they come.
     *
     * @param samples from the burst on
     */
    static List<EarlyEcho> find(float[] samples, int sampleRateHz) {
        int length = Math.min(samples.length, (int) (2 * TO_S * sampleRateHz));
        double[] level = smooth(samples, length, sampleRateHz);
        int direct = 0;
        for (int n = 1; n < Math.min(length, (int) (FROM_S * 4 * sampleRateHz)); n++) {
            if (level[n] > level[direct]) {
                direct = n;
            }
        }
        int first = direct + (int) (FROM_S * sampleRateHz);
        int last = Math.min(length - 1, direct + (int) (TO_S * sampleRateHz));
        int around = (int) (AROUND_S * sampleRateHz);
        List<EarlyEcho> found = new ArrayList<>();
        for (int n = first; n < last; n++) {
            if (!isTop(level, n, around / 4)) {
                continue;
            }
            double db = Decibels.levelOfPower(level[n] / level[direct]);
            double over = Decibels.levelOfPower(level[n] / (median(level, n - around, n + around) + 1e-30));
            if (db > LOWEST_DB && over > OUT_DB) {
                found.add(new EarlyEcho((n - direct) * 1000.0 / sampleRateHz, db));
            }
        }
        found.sort(Comparator.comparingDouble(e -> -e.levelDb()));
        List<EarlyEcho> kept = new ArrayList<>(found.subList(0, Math.min(MOST, found.size())));
        kept.sort(Comparator.comparingDouble(EarlyEcho::delayMs));
        return kept;
    }

    private static boolean isTop(double[] level, int at, int reach) {
        for (int n = Math.max(0, at - reach); n <= Math.min(level.length - 1, at + reach); n++) {
            if (level[n] > level[at]) {
                return false;
            }
        }
        return true;
    }

    private static double median(double[] level, int from, int to) {
        return Quantile.median(java.util.Arrays.copyOfRange(level, Math.max(0, from), Math.min(level.length, to + 1)));
    }

    /** Squares without the low end, averaged over a fifth of a millisecond. */
    private static double[] smooth(float[] samples, int length, int sampleRateHz) {
        BiquadFilter highPass = new BiquadFilter(Biquad.highPass(HIGH_PASS_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        double[] squares = new double[length];
        for (int n = 0; n < length; n++) {
            double x = highPass.next(samples[n]);
            squares[n] = x * x;
        }
        int half = Math.max(1, (int) (SMOOTH_S / 2 * sampleRateHz));
        double[] smooth = new double[length];
        for (int n = 0; n < length; n++) {
            double sum = 0;
            int count = 0;
            for (int i = Math.max(0, n - half); i <= Math.min(length - 1, n + half); i++) {
                sum += squares[i];
                count++;
            }
            smooth[n] = sum / count;
        }
        return smooth;
    }
}
