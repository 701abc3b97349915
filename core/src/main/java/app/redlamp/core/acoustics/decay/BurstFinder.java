package app.redlamp.core.acoustics.decay;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds claps: within 10 ms the level rises by at least 20 dB over what was there in the 20 ms before (ours), and falls
 * again. Of several, the one that can be followed deepest is taken.
 */
final class BurstFinder {
    /** A clap has nothing below; rumble has (ours). */
    private static final double HIGH_PASS_HZ = 100;

    /** The quietest tenth is the noise (common practice, no source). */
    private static final double QUIET_SHARE = 0.1;

    /** Ticks before a rise that say how still it was (ours). */
    private static final int BEFORE = 20;

    /** Ticks within which a burst is up (ours). */
    private static final int RISE = 10;

    /** A burst rises by 20 dB (ours). */
    private static final double RISE_RATIO = 100;

    /** Peaks further below the loudest are something else (ours). */
    private static final double LOUD_RATIO = 40;

    /** Ticks between two bursts that are counted as two (ours). */
    private static final int APART = 120;

    /** What is so many times as loud a moment later does not fall, and is no burst (ours). */
    private static final double LOUDER = 2;

    /**
     * A fall of 20 dB and 5 dB before it have to stand out of the noise (ISO 3382-2 asks for 35 dB for T20, from memory;
     * with noise taken off 25 will do) (ours).
     */
    private static final double LEAST_OVER_NOISE_DB = 25;

    /** Power under which nothing was recorded, −120 dBFS (ours). */
    private static final double SILENT = 1e-12;

    /** The shortest decay that can be read after a burst (ours). */
    private static final double LEAST_AFTER_S = 0.15;

    /** A clap is over soon: seconds until it is 10 dB down, in the most reverberant room that anybody reads in (ours). */
    private static final double LONGEST_TOP_S = 0.4;

    /** Samples from here on count as cut off (ours). */
    private static final float FULL_SCALE = 0.999f;

    /** So many in a row are no chance (ours). */
    private static final int CLIPPED_RUN = 2;

    private final float[] samples;
    private final int tick;
    private final double[] envelope;

    private BurstFinder(float[] samples, int sampleRateHz) {
        this.samples = samples;
        tick = Math.max(1, sampleRateHz / 1000);
        envelope = envelope(samples, sampleRateHz);
    }

    /**
     * @param samples one channel, full scale ±1
     * @throws ClapFault where there is nothing to measure
     */
    static Burst find(float[] samples, int sampleRateHz) throws ClapFault {
        return new BurstFinder(samples, sampleRateHz).find(sampleRateHz);
    }

    private Burst find(int sampleRateHz) throws ClapFault {
        double loudest = Arrays.stream(envelope).max().orElse(0);
        if (loudest < SILENT) {
            throw ClapFault.silent();
        }
        double noise = noise();
        double over = Decibels.levelOfPower(loudest / Math.max(noise, SILENT * 1e-3));
        List<Integer> starts = starts(loudest);
        if (over < LEAST_OVER_NOISE_DB) {
            throw ClapFault.tooNoisy(over);
        }
        if (starts.isEmpty()) {
            throw spread(loudest / 10) > LONGEST_TOP_S ? ClapFault.notABurst() : ClapFault.noBurst();
        }
        starts.removeIf(s -> !falls(s));
        boolean lasts = spread(loudest / 10) > LONGEST_TOP_S * starts.size()
                || spread(loudest / 100) > 2 * LONGEST_TOP_S * starts.size();
        if (starts.isEmpty() || lasts) {
            throw ClapFault.notABurst();
        }
        int best = 0;
        double deepest = -1;
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : envelope.length;
            double depth = depth(starts.get(i), end);
            if (depth > deepest) {
                deepest = depth;
                best = i;
            }
        }
        int from = starts.get(best);
        int to = best + 1 < starts.size() ? starts.get(best + 1) - 2 : envelope.length;
        if ((to - from) / 1000.0 < LEAST_AFTER_S) {
            throw ClapFault.cutOff();
        }
        int start = exactStart(from);
        int end = Math.min(samples.length, to * tick);
        return new Burst(start, end, over, clipped(start, sampleRateHz), starts.size(), best + 1);
    }

    /** Mean squares of each millisecond, without rumble. */
    private static double[] envelope(float[] samples, int sampleRateHz) {
        int tick = Math.max(1, sampleRateHz / 1000);
        BiquadFilter highPass = new BiquadFilter(Biquad.highPass(HIGH_PASS_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        double[] envelope = new double[samples.length / tick];
        for (int i = 0; i < envelope.length; i++) {
            double sum = 0;
            for (int n = 0; n < tick; n++) {
                double x = highPass.next(samples[i * tick + n]);
                sum += x * x;
            }
            envelope[i] = sum / tick;
        }
        return envelope;
    }

    /** Level that a tenth of all 10 ms pieces do not reach. */
    private double noise() {
        double[] pieces = new double[envelope.length / 10];
        for (int i = 0; i < pieces.length; i++) {
            pieces[i] = mean(i * 10, i * 10 + 10);
        }
        return pieces.length == 0 ? 0 : Quantile.of(pieces, QUIET_SHARE);
    }

    private double mean(int from, int to) {
        double sum = 0;
        for (int i = Math.max(0, from); i < Math.min(envelope.length, to); i++) {
            sum += envelope[i];
        }
        return sum / Math.max(1, Math.min(envelope.length, to) - Math.max(0, from));
    }

    private List<Integer> starts(double loudest) {
        List<Integer> starts = new ArrayList<>();
        int last = -APART;
        for (int i = 1; i < envelope.length; i++) {
            double top = 0;
            for (int j = i; j < Math.min(envelope.length, i + RISE); j++) {
                top = Math.max(top, envelope[j]);
            }
            boolean loud = top >= loudest / LOUD_RATIO;
            boolean sudden = top > RISE_RATIO * mean(i - BEFORE, i);
            boolean steps = envelope[i] > top / 30;
            if (loud && sudden && steps && i - last >= APART) {
                starts.add(i);
                last = i;
            }
        }
        return starts;
    }

    /** Seconds in all that lie above a level. */
    private double spread(double level) {
        return Arrays.stream(envelope).filter(e -> e > level).count() / 1000.0;
    }

    /** Whether nothing louder follows at once: a word goes on, a clap is over. */
    private boolean falls(int start) {
        double first = mean(start, start + 2 * RISE);
        for (int i = start + 2 * RISE; i + 2 * RISE < Math.min(envelope.length, start + 2 * APART); i += 5) {
            if (mean(i, i + 2 * RISE) > LOUDER * first) {
                return false;
            }
        }
        return true;
    }

    /** How far it falls before the next, in dB. */
    private double depth(int from, int to) {
        double top = 0;
        for (int i = from; i < Math.min(to, from + RISE); i++) {
            top = Math.max(top, envelope[i]);
        }
        double lowest = top;
        for (int i = from; i + 10 <= to; i += 10) {
            lowest = Math.min(lowest, mean(i, i + 10));
        }
        return Decibels.levelOfPower(top / Math.max(lowest, SILENT * 1e-3)) + Math.min(1, (to - from) / 2000.0);
    }

    /** The sample at which the sound first reaches a tenth of the amplitude of its peak. */
    private int exactStart(int from) {
        int begin = Math.max(0, (from - 2) * tick);
        int end = Math.min(samples.length, (from + RISE) * tick);
        float top = 0;
        for (int n = begin; n < end; n++) {
            top = Math.max(top, Math.abs(samples[n]));
        }
        for (int n = begin; n < end; n++) {
            if (Math.abs(samples[n]) >= top / 10) {
                return n;
            }
        }
        return begin;
    }

    private boolean clipped(int start, int sampleRateHz) {
        int run = 0;
        for (int n = start; n < Math.min(samples.length, start + sampleRateHz / 20); n++) {
            run = Math.abs(samples[n]) >= FULL_SCALE ? run + 1 : 0;
            if (run >= CLIPPED_RUN) {
                return true;
            }
        }
        return false;
    }
}
