package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Finds the pauses of a recording and the noise floor in them.
 *
 * <p>Noise floor = energy mean of the pauses of at least 0.3 s, 50 ms trimmed at both ends, digital silence left out
 * (common practice, no source). How a pause is told from quiet speech is ours:
 *
 * <ol>
 *   <li>Voice: energy mean of the frames within 10 dB of the whole. Quiet: the level that 3 % of all stretches of
 *       200 ms stay below.
 *   <li>A candidate is a run of at least 0.3 s whose levels, smoothed over 50 ms, stay below the middle between the two.
 *   <li>Within a candidate only what lies at most 5 dB above its own median counts, again in runs of 0.3 s: this drops
 *       the dying end of a word and a breath, and follows a noise that changes from pause to pause.
 * </ol>
 *
 * <ul>
 *   <li>voice and quiet less than 6 dB apart: nobody speaks. Below −35 dBFS it is room tone, one single pause; a louder
 *       steady sound is neither pause nor voice
 *   <li>nothing but digital silence: everything absent
 * </ul>
 */
public final class PauseFinder {
    /** Frames: a pause lasts 0.3 s (common practice, no source). */
    private static final int SHORTEST = 30;

    /** Frames at each end that may still be word (ours). */
    private static final int TRIM = 5;

    /** Frames to each side of a mean (ours). */
    private static final int SMOOTH = 2;

    /** Frames of the stretch by which the quietest is told (ours). */
    private static final int QUIET_WINDOW = 20;

    /** The quietest part gives the floor (ours). */
    private static final double QUIET_SHARE = 0.03;

    /** Room tone varies by less (ours). */
    private static final double STEADY_DB = 6;

    /** No room tone is louder (ours). */
    private static final double ROOM_TONE_DBFS = -35;

    /** 5 dB over the median of the quietest is speech (ours). */
    private static final double ABOVE_MEDIAN = Decibels.toPower(5);

    /** 6 dB over the floor is speech (ours). */
    private static final double ABOVE_FLOOR = Decibels.toPower(6);

    /** Frames: shorter is a click (ours). */
    private static final int SHORTEST_WORD = 8;

    /** Frames: shorter is no head or tail (ours). */
    private static final int SHORTEST_EDGE = 5;

    private final float[] energy;
    private final float[] smooth;
    private final BitSet silent = new BitSet();

    private PauseFinder(float[] meanSquares) {
        energy = meanSquares;
        for (int i = 0; i < energy.length; i++) {
            silent.set(i, energy[i] == 0);
        }
        smooth = smoothed();
    }

    /** Pauses of a recording given the mean square of each 10 ms, digital silence as 0 (see {@link FrameLevels}). */
    public static Pauses of(float[] meanSquares) {
        return new PauseFinder(meanSquares).find();
    }

    private Pauses find() {
        double silenceS = seconds(silent.cardinality());
        double voice = gatedMean();
        if (!(voice > 0)) {
            return nobody(absent(), silenceS, List.of());
        }
        double quiet = quietest(voice);
        if (voice < quiet * Decibels.toPower(STEADY_DB) && silent.cardinality() < energy.length / 2) {
            return steady(voice, silenceS);
        }
        double threshold = Math.sqrt(quiet * voice);
        List<int[]> candidates = runs(i -> !silent.get(i) && smooth[i] < threshold, 0, energy.length, SHORTEST);
        List<int[]> pauses =
                candidates.stream().flatMap(run -> core(run).stream()).toList();
        return spoken(threshold, pauses, silenceS);
    }

    private Pauses steady(double level, double silenceS) {
        boolean roomTone = level < Decibels.toPower(ROOM_TONE_DBFS);
        List<int[]> pauses = roomTone ? runs(i -> !silent.get(i), 0, energy.length, SHORTEST) : new ArrayList<int[]>();
        return nobody(floor(pauses), silenceS, stretches(pauses));
    }

    private Pauses spoken(double threshold, List<int[]> pauses, double silenceS) {
        BitSet paused = new BitSet();
        pauses.forEach(p -> paused.set(p[0], p[1]));
        OptionalDouble floor = floor(pauses);
        List<int[]> words =
                runs(i -> !silent.get(i) && !paused.get(i) && smooth[i] >= threshold, 0, energy.length, SHORTEST_WORD);
        if (words.isEmpty()) {
            return nobody(floor, silenceS, stretches(pauses));
        }
        double sum = 0;
        int count = 0;
        for (int[] word : words) {
            for (int i = word[0]; i < word[1]; i++) {
                sum += energy[i];
                count++;
            }
        }
        // A word begins and ends where it rises from the floor, not where it passes the middle.
        double edge = floor.isPresent()
                ? Math.min(threshold, Decibels.toPower(floor.getAsDouble()) * ABOVE_FLOOR)
                : threshold / ABOVE_FLOOR;
        int first = words.get(0)[0];
        while (first > 0 && !silent.get(first - 1) && smooth[first - 1] > edge) {
            first--;
        }
        int last = words.get(words.size() - 1)[1];
        while (last < energy.length && !silent.get(last) && smooth[last] > edge) {
            last++;
        }
        return new Pauses(
                floor,
                Decibels.ofPower(sum / count),
                OptionalDouble.of(seconds(first)),
                OptionalDouble.of(seconds(energy.length - last)),
                edge(0, first),
                edge(last, energy.length),
                silenceS,
                stretches(pauses));
    }

    /** The result where nobody speaks. */
    private static Pauses nobody(OptionalDouble floor, double silenceS, List<Pauses.Stretch> stretches) {
        return new Pauses(floor, absent(), absent(), absent(), Pauses.Edge.NONE, Pauses.Edge.NONE, silenceS, stretches);
    }

    private Pauses.Edge edge(int from, int to) {
        if (to - from < SHORTEST_EDGE) {
            return Pauses.Edge.NONE;
        }
        return silent.get(from, to).cardinality() * 2 > to - from ? Pauses.Edge.DIGITAL_SILENCE : Pauses.Edge.ROOM_TONE;
    }

    /** Energy mean of the frames that reach 10 dB below the energy mean of all; silence left out. */
    private double gatedMean() {
        return meanAbove(meanAbove(0) * Decibels.toPower(-10));
    }

    private double meanAbove(double gate) {
        double sum = 0;
        int count = 0;
        for (float e : energy) {
            if (e > gate) {
                sum += e;
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }

    private double quietest(double fallback) {
        float[] means = new float[energy.length];
        int count = 0;
        double sum = 0;
        int length = 0;
        for (int i = 0; i < energy.length; i++) {
            if (silent.get(i)) {
                sum = 0;
                length = 0;
                continue;
            }
            sum += energy[i];
            length++;
            if (length > QUIET_WINDOW) {
                sum -= energy[i - QUIET_WINDOW];
                length--;
            }
            if (length == QUIET_WINDOW) {
                means[count++] = (float) Math.max(sum / QUIET_WINDOW, Float.MIN_NORMAL);
            }
        }
        if (count == 0) {
            return fallback;
        }
        return Quantile.of(Arrays.copyOf(means, count), QUIET_SHARE);
    }

    /** What within a candidate is steady, without the ends of the words around it. */
    private List<int[]> core(int[] run) {
        double limit = Quantile.median(Arrays.copyOfRange(smooth, run[0], run[1])) * ABOVE_MEDIAN;
        return runs(i -> smooth[i] <= limit, run[0], run[1], SHORTEST);
    }

    private OptionalDouble floor(List<int[]> pauses) {
        double sum = 0;
        int count = 0;
        for (int[] pause : pauses) {
            for (int i = pause[0] + TRIM; i < pause[1] - TRIM; i++) {
                sum += energy[i];
                count++;
            }
        }
        return count == 0 ? absent() : Decibels.ofPower(sum / count);
    }

    private List<Pauses.Stretch> stretches(List<int[]> pauses) {
        return pauses.stream()
                .map(p -> new Pauses.Stretch(
                        seconds(p[0] + TRIM),
                        seconds(p[1] - TRIM),
                        floor(List.of(p)).orElseThrow()))
                .toList();
    }

    private static List<int[]> runs(java.util.function.IntPredicate belongs, int from, int to, int shortest) {
        List<int[]> runs = new ArrayList<>();
        int start = from;
        for (int i = from; i <= to; i++) {
            if (i == to || !belongs.test(i)) {
                if (i - start >= shortest) {
                    runs.add(new int[] {start, i});
                }
                start = i + 1;
            }
        }
        return runs;
    }

    /** Mean over the 50 ms around each frame; silent neighbours are left out. */
    private float[] smoothed() {
        float[] result = new float[energy.length];
        for (int i = 0; i < energy.length; i++) {
            double sum = 0;
            int count = 0;
            for (int k = Math.max(0, i - SMOOTH); k <= Math.min(energy.length - 1, i + SMOOTH); k++) {
                if (!silent.get(k)) {
                    sum += energy[k];
                    count++;
                }
            }
            result[i] = count == 0 ? 0 : (float) (sum / count);
        }
        return result;
    }

    private static double seconds(int frames) {
        return (double) frames / FrameLevels.FRAMES_PER_SECOND;
    }

    private static OptionalDouble absent() {
        return OptionalDouble.empty();
    }
}
