package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Levinson;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds breaks of the waveform in one channel: places where what comes does not follow from what came, as where a buffer was
 * skipped, swapped or played twice, or a cut was made without a fade. Whether somebody speaks on both sides is decided
 * afterwards.
 *
 * <p>How they are told is ours. The bends of the waveform, x[n] − 2x[n−1] + x[n−2], are predicted from the {@value #ORDER} before
 * them (linear prediction by the autocorrelation over 30 ms); what remains
 * shows each stroke of the voice as a small peak of some width and a break as a large one of a few samples. A millisecond is
 * a break where its peak stands far above the third highest among those 3 to 20 ms around it, of which up to two may be
 * breaks themselves: the farther, the less of what remains within a millisecond of it lies in its first tenth. And the waveform
 * has to step there, out of calm: where a limiter or a clipped crest bends it, it goes on.
 */
public final class BreakMeter {
    /** Below this rate the strokes of a voice are as sharp as breaks, and none is looked for (ours). */
    private static final int LOWEST_HZ = 32_000;

    /** Bends that predict the next: more see no more breaks (ours). */
    private static final int ORDER = 6;

    /** Milliseconds that are predicted with one set of coefficients (ours). */
    private static final int HOP_MS = 10;

    /** Hops whose autocorrelation is taken together: 30 ms (common practice, no source). */
    private static final int HOPS = 3;

    /** Milliseconds looked at to each side (ours). */
    private static final int FAR_MS = 20;

    /** Milliseconds to each side that belong to the break itself (ours). */
    private static final int NEAR_MS = 2;

    /** Hops of which the remainder is kept: {@link #FAR_MS} to each side and the hop itself (by definition). */
    private static final int KEPT = 5;

    /** How many times a peak stands at least above those around it (ours). */
    private static final double RATIO = 3;

    /** How many times, times the share of it that is over at once: three hours of eleven voices stay below (ours). */
    private static final double SHARP_RATIO = 3;

    /** So many of the highest peaks around may be breaks themselves (ours). */
    private static final int OTHERS = 2;

    /** The remainder of a break is over in so long, in seconds: five samples at 48 kHz (ours). */
    private static final double OVER_S = 1 / 12_000.0;

    /** How many times a step is to be larger than the kink there: limited voices stay below (ours). */
    private static final double STEP_TO_KINK = 2;

    /** How many times a step is to bend the waveform as much as it bends beside: hissing strokes of a voice stay below (ours). */
    private static final double CALM = 2;

    /** Samples that are looked at beside a step, in seconds: eight at 48 kHz (ours). */
    private static final double BESIDE_S = 1 / 6000.0;

    /** Keeps what is silent from being divided by (ours). */
    private static final double NOTHING = 1e-12;

    /** More breaks are no breaks but noise (ours). */
    private static final int MOST = 20_000;

    private final int sampleRateHz;
    private final int hop;
    /** The bends of the {@link #ORDER} samples before the remainder that is kept, of its hops and of one more. */
    private final float[] bends;

    private final double[][] products = new double[HOPS][ORDER + 1];
    private final float[] remainder;
    private final double[] peaks = new double[KEPT * HOP_MS];
    private final double[] around = new double[2 * (FAR_MS - NEAR_MS)];
    private final List<Break> breaks = new ArrayList<>();
    private float last;
    private float step;
    private int filled;
    private long hops;

    /**
     * A break.
     *
     * @param atS where it is, in seconds
     * @param ratio how many times it stands out from what is around it
     */
    public record Break(double atS, double ratio) {}

    public BreakMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        hop = sampleRateHz * HOP_MS / 1000;
        bends = new float[ORDER + (KEPT + 1) * hop];
        remainder = new float[KEPT * hop];
    }

    /** Takes the next samples. */
    public void accept(float[] samples, int count) {
        int at = sampleRateHz < LOWEST_HZ ? count : 0;
        while (at < count) {
            int more = Math.min(count - at, hop - filled);
            int to = bends.length - hop + filled;
            for (int i = 0; i < more; i++) {
                float x = samples[at + i];
                float rise = x - last;
                bends[to + i] = rise - step;
                last = x;
                step = rise;
            }
            at += more;
            filled += more;
            if (filled == hop) {
                closeHop();
                filled = 0;
            }
        }
    }

    /** The breaks so far, in the order of time; those in the last 40 ms are not looked for. */
    public List<Break> breaks() {
        return List.copyOf(breaks);
    }

    private void closeHop() {
        double[] oldest = products[0];
        System.arraycopy(products, 1, products, 0, HOPS - 1);
        products[HOPS - 1] = oldest;
        correlate(bends.length - hop, oldest);
        System.arraycopy(remainder, hop, remainder, 0, remainder.length - hop);
        System.arraycopy(peaks, HOP_MS, peaks, 0, peaks.length - HOP_MS);
        predict(whitening());
        for (int ms = 0; ms < HOP_MS; ms++) {
            peaks[peaks.length - HOP_MS + ms] = peak(remainder.length - hop + start(ms), start(ms + 1) - start(ms));
        }
        hops++;
        for (int ms = FAR_MS; ms < FAR_MS + HOP_MS && hops > KEPT; ms++) {
            examine(ms);
        }
        System.arraycopy(bends, hop, bends, 0, bends.length - hop);
    }

    /** First sample of a millisecond, from the start of its hop. */
    private int start(int ms) {
        return ms * hop / HOP_MS;
    }

    /** All sums in one loop: none waits for another. */
    private void correlate(int from, double[] into) {
        float[] b = bends;
        float s0 = 0;
        float s1 = 0;
        float s2 = 0;
        float s3 = 0;
        float s4 = 0;
        float s5 = 0;
        float s6 = 0;
        for (int i = from; i < from + hop; i++) {
            float x = b[i];
            s0 += x * x;
            s1 += x * b[i - 1];
            s2 += x * b[i - 2];
            s3 += x * b[i - 3];
            s4 += x * b[i - 4];
            s5 += x * b[i - 5];
            s6 += x * b[i - 6];
        }
        into[0] = s0;
        into[1] = s1;
        into[2] = s2;
        into[3] = s3;
        into[4] = s4;
        into[5] = s5;
        into[6] = s6;
    }

    private double[] whitening() {
        double[] sums = new double[ORDER + 1];
        for (double[] hopProducts : products) {
            for (int lag = 0; lag <= ORDER; lag++) {
                sums[lag] += hopProducts[lag];
            }
        }
        return Levinson.whitening(sums);
    }

    /** What remains of the middle hop. */
    private void predict(double[] a) {
        float[] b = bends;
        float[] r = remainder;
        float a1 = (float) a[1];
        float a2 = (float) a[2];
        float a3 = (float) a[3];
        float a4 = (float) a[4];
        float a5 = (float) a[5];
        float a6 = (float) a[6];
        for (int i = r.length - hop; i < r.length; i++) {
            float near = a1 * b[i + 5] + a2 * b[i + 4] + a3 * b[i + 3];
            float far = a4 * b[i + 2] + a5 * b[i + 1] + a6 * b[i];
            r[i] = b[i + 6] + near + far;
        }
    }

    /** Bits of magnitudes are in the order of the magnitudes, and quicker to compare. */
    private float peak(int from, int length) {
        float[] r = remainder;
        int most = 0;
        for (int i = from; i < from + length; i++) {
            most = Math.max(most, Float.floatToRawIntBits(r[i]) & Integer.MAX_VALUE);
        }
        return Float.intBitsToFloat(most);
    }

    private void examine(int ms) {
        double here = peaks[ms];
        double limit = here / RATIO;
        if (here < peaks[ms - 1] || here <= peaks[ms + 1]) {
            return;
        }
        int above = 0;
        for (int d = NEAR_MS + 1; d <= FAR_MS && above <= OTHERS; d++) {
            above += (peaks[ms - d] > limit ? 1 : 0) + (peaks[ms + d] > limit ? 1 : 0);
        }
        if (above > OTHERS || breaks.size() >= MOST) {
            return;
        }
        double ratio = here / thirdHighest(ms);
        int at = highest(ms);
        if (ratio * shareAtOnce(at) >= SHARP_RATIO && isStep(at)) {
            long first = (hops - KEPT - 1) * hop;
            breaks.add(new Break((double) (first + at) / sampleRateHz, ratio));
        }
    }

    /** Where in the remainder a millisecond is highest. */
    private int highest(int ms) {
        int from = ms / HOP_MS * hop + start(ms % HOP_MS);
        int to = from + start(ms % HOP_MS + 1) - start(ms % HOP_MS);
        int at = from;
        for (int i = from; i < to; i++) {
            if (Math.abs(remainder[i]) > Math.abs(remainder[at])) {
                at = i;
            }
        }
        return at;
    }

    /**
     * Whether the waveform steps there: a step bends it there and back, while a kink, as a limiter makes where it cuts off a crest,
     * bends it once.
     */
    private boolean isStep(int at) {
        double step = 0;
        double kink = 0;
        for (int i = at + ORDER - 1; i <= at + ORDER; i++) {
            double there = bends[i];
            double back = bends[i + 1];
            if (Math.abs(there - back) > step) {
                step = Math.abs(there - back);
                kink = Math.abs(there + back);
            }
        }
        return step / 2 >= STEP_TO_KINK * kink && step / 2 >= CALM * around(at);
    }

    /** The largest bend shortly before and after a step, without the two that it makes itself. */
    private double around(int at) {
        int far = (int) Math.round(BESIDE_S * sampleRateHz);
        double most = 0;
        for (int i = 2; i <= far; i++) {
            most = Math.max(most, Math.max(Math.abs(bends[at + ORDER - i]), Math.abs(bends[at + ORDER + 1 + i])));
        }
        return most;
    }

    /** How much of what remains within a millisecond of a place is over there at once. */
    private double shareAtOnce(int at) {
        int near = hop / HOP_MS;
        int over = (int) Math.round(OVER_S * sampleRateHz);
        double all = NOTHING * NOTHING;
        double first = 0;
        for (int i = -near; i <= near; i++) {
            double square = (double) remainder[at + i] * remainder[at + i];
            all += square;
            first += i >= 0 && i <= over ? square : 0;
        }
        return first / all;
    }

    private double thirdHighest(int ms) {
        for (int d = NEAR_MS + 1; d <= FAR_MS; d++) {
            around[2 * (d - NEAR_MS - 1)] = peaks[ms - d];
            around[2 * (d - NEAR_MS - 1) + 1] = peaks[ms + d];
        }
        Arrays.sort(around);
        return Math.max(NOTHING, around[around.length - 1 - OTHERS]);
    }
}
