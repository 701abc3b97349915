package app.redlamp.core.measure.loudness;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Tells that a waveform was cut off before it was filtered, resampled, coded or drowned in noise, when no two samples of its tops
 * are equal any more: by the shape of its half-waves. A half-wave of a voice is narrow at its top; one that was cut off is as wide
 * there as further down. A high-pass lets a flat top sag, so that the same is asked of the half-wave with the sag taken back. How
 * it is told is ours.
 */
final class PlateauMeter {
    /** Longer half-waves are no voice, in seconds (ours). */
    private static final double LONGEST_S = 0.02;

    /** Shorter ones have no shape, in seconds (ours). */
    private static final double SHORTEST_S = 0.0003;

    /** Softer ones are not looked at (ours). */
    private static final float LOWEST = 0.02f;

    /** The top of a half-wave ... (ours). */
    private static final double HIGH = 0.87;

    /** ... and its foot, as shares of its peak (ours). */
    private static final double FOOT = 0.4;

    /** So much of the time above its foot a half-wave that was cut off is at its top; a sine 44 % (ours). */
    private static final double FLAT = 0.7;

    /** Steps of level in a decibel (ours). */
    private static final int STEPS = 4;

    /** Range of levels, in dB below full scale and above it (ours). */
    private static final int BELOW_DB = 40;

    /** See there (ours). */
    private static final int ABOVE_DB = 20;

    /** So many louder half-waves are clicks (ours). */
    private static final int CLICKS = 10;

    /** How far below the loudest those lie that are looked at, in dB (ours). */
    private static final double RANGE_DB = 10.5;

    /** The share of these that lie at the very top (ours). */
    private static final double HIGHEST = 0.02;

    /** Whether they are flat is asked of those within so many dB of the top (ours). */
    private static final double TOP_DB = 2.5;

    /** Fewer tell nothing (ours). */
    private static final int FEWEST = 40;

    /** Fewer flat ones are chance (ours). */
    private static final int FEWEST_FLAT = 20;

    /** After so many half-waves it is asked anew which are too soft to count (ours). */
    private static final int OFTEN = 256;

    /** More change no verdict (ours). */
    private static final int MOST_KEPT = 20_000;

    /**
     * What may have happened to a flat top: nothing, or a high-pass that let it sag. Corners are those that voices are usually
     * filtered at; of voices that were not cut off at most so many half-waves look flat once it is taken back (measured; ours).
     */
    private enum Sag {
        NONE(0, 0.06),
        GENTLE(80, 0.04),
        STEEP(113, 0.04);

        private final double hz;
        private final double leastShare;

        Sag(double hz, double leastShare) {
            this.hz = hz;
            this.leastShare = leastShare;
        }
    }

    private final int sampleRateHz;
    private final Wave[] waves;
    private final int[] counts = new int[(BELOW_DB + ABOVE_DB) * STEPS];
    private final List<Top> tops = new ArrayList<>();
    private final float[] raised;
    private float least = LOWEST;
    private int closed;

    /** The half-wave of a channel that has not ended yet. */
    private static final class Wave {
        final float[] samples;
        int length;
        float peak;
        boolean negative;
        long position;

        Wave(int longest) {
            samples = new float[longest];
        }

        /** Adds the magnitudes of what goes on; what is too long is only counted. */
        void add(float[] block, int from, int to) {
            for (int i = from; i < to && length + i - from < samples.length; i++) {
                samples[length + i - from] = Math.abs(block[i]);
            }
            length += to - from;
        }
    }

    /** A flat half-wave. */
    private record Top(double db, Set<Sag> by, Clipping.Run run) {}

    PlateauMeter(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        int longest = (int) Math.ceil(LONGEST_S * sampleRateHz);
        raised = new float[longest];
        waves = new Wave[channels];
        Arrays.setAll(waves, c -> new Wave(longest));
    }

    /** Takes the next samples of a channel. */
    void accept(int channel, float[] samples, int count) {
        Wave wave = waves[channel];
        boolean negative = wave.negative;
        float peak = wave.peak;
        int from = 0;
        for (int i = 0; i < count; i++) {
            float x = samples[i];
            if (x < 0 != negative) {
                if (peak >= least) {
                    wave.add(samples, from, i);
                    close(wave, channel, wave.position + i, peak);
                }
                wave.length = 0;
                negative = !negative;
                peak = 0;
                from = i;
            }
            peak = Math.max(peak, negative ? -x : x);
        }
        wave.add(samples, from, count);
        wave.negative = negative;
        wave.peak = peak;
        wave.position += count;
    }

    private void close(Wave wave, int channel, long end, float peak) {
        if (wave.length > wave.samples.length || wave.length < SHORTEST_S * sampleRateHz) {
            return;
        }
        double db = Decibels.levelOfAmplitude(peak);
        counts[(int) Math.max(0, Math.min(counts.length - 1, (db + BELOW_DB) * STEPS))]++;
        if (++closed % OFTEN == 0) {
            // What is loudest only rises: so far below it nothing can be among the top any more.
            least = (float) Math.max(LOWEST, Decibels.toAmplitude(levelOf(CLICKS) - RANGE_DB - TOP_DB));
        }
        if (tops.size() >= MOST_KEPT) {
            return;
        }
        Set<Sag> by = EnumSet.noneOf(Sag.class);
        for (Sag sag : Sag.values()) {
            if (isFlat(wave, sag, peak)) {
                by.add(sag);
            }
        }
        if (!by.isEmpty()) {
            double startS = (double) (end - wave.length) / sampleRateHz;
            tops.add(new Top(db, by, new Clipping.Run(startS, wave.length, channel)));
        }
    }

    /** Whether a half-wave is flat once a sag is taken back. */
    private boolean isFlat(Wave wave, Sag sag, float plainPeak) {
        double peak = plainPeak;
        if (sag != Sag.NONE) {
            peak = takeBack(wave, sag);
        }
        float[] y = sag == Sag.NONE ? wave.samples : raised;
        int high = 0;
        int foot = 0;
        for (int i = 0; i < wave.length; i++) {
            high += y[i] > HIGH * peak ? 1 : 0;
            foot += y[i] > FOOT * peak ? 1 : 0;
        }
        return high > FLAT * foot;
    }

    /** What a high-pass took since the half-wave began, in proportion to all that was. */
    private double takeBack(Wave wave, Sag sag) {
        double share = 2 * Math.PI * sag.hz / sampleRateHz;
        double sum = 0;
        double peak = 0;
        for (int i = 0; i < wave.length; i++) {
            sum += wave.samples[i];
            raised[i] = (float) (wave.samples[i] + share * sum);
            peak = Math.max(peak, raised[i]);
        }
        return peak;
    }

    /**
     * The half-waves that were cut off.
     *
     * @param db level of those in the middle of them, in dBFS
     */
    record Cut(double db, List<Clipping.Run> runs) {}

    /** What was found; absent where nothing was cut off. */
    Optional<Cut> result() {
        double top = topDb();
        int all = countAbove(top - TOP_DB);
        for (Sag sag : Sag.values()) {
            List<Top> flat = tops.stream()
                    .filter(t -> t.db() >= top - TOP_DB && t.by().contains(sag))
                    .sorted(Comparator.comparingDouble(Top::db))
                    .toList();
            if (all >= FEWEST && flat.size() >= FEWEST_FLAT && flat.size() >= sag.leastShare * all) {
                return Optional.of(new Cut(
                        flat.get(flat.size() / 2).db(),
                        flat.stream()
                                .map(Top::run)
                                .sorted(Comparator.comparingDouble(Clipping.Run::startS))
                                .toList()));
            }
        }
        return Optional.empty();
    }

    /** Where the loudest half-waves end but for clicks, in dBFS. */
    private double topDb() {
        double loudest = levelOf(CLICKS);
        int all = countAbove(loudest - RANGE_DB);
        return levelOf((int) Math.max(CLICKS, HIGHEST * all));
    }

    /** The level that so many half-waves reach. */
    private double levelOf(int many) {
        int sum = 0;
        for (int b = counts.length - 1; b >= 0; b--) {
            sum += counts[b];
            if (sum >= many) {
                return (double) b / STEPS - BELOW_DB;
            }
        }
        return -BELOW_DB;
    }

    private int countAbove(double db) {
        int sum = 0;
        for (int b = (int) Math.max(0, (db + BELOW_DB) * STEPS); b < counts.length; b++) {
            sum += counts[b];
        }
        return sum;
    }
}
