package app.redlamp.core.measure.noise;

import app.redlamp.core.measure.noise.Stretches.Span;
import app.redlamp.core.units.Decibels;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * Finds the pauses of a recording and the noise floor in them; how pauses are told from speech says {@link PauseSearch}.
 *
 * <p>Noise floor = energy mean of the pauses of at least 0.3 s, 50 ms trimmed at both ends, digital silence left out
 * (common practice, no source).
 *
 * <ul>
 *   <li>voice and quiet less than 6 dB apart: nobody speaks. Below −35 dBFS it is room tone, a pause as a whole; a louder
 *       steady sound is neither pause nor voice
 *   <li>nothing but digital silence: everything absent
 *   <li>more digital silence than pauses between the words, and in those pauses less than 20 dB below the voice: they are
 *       the remains of words, the noise is gated away and its level unknown (ours)
 * </ul>
 */
public final class PauseFinder {
    /** Frames: a pause lasts 0.3 s (common practice, no source). */
    public static final int SHORTEST = PauseSearch.SHORTEST;

    /** Frames at each end that may still be word (ours). */
    public static final int TRIM = 5;

    /** 8 dB over the floor, which is the least around, is speech (ours). */
    private static final double ABOVE_FLOOR = Decibels.toPower(8);

    /** Frames: shorter is no head or tail (ours). */
    private static final int SHORTEST_EDGE = 5;

    /** Where a gate shuts, what is so little below the voice is word (ours). */
    private static final double WORD_BELOW_VOICE_DB = 20;

    /** Frames of pause by which a noise is judged: half a second is what somebody would select (ours). */
    private static final int HEARD = 50;

    /** Frames within which they lie: eight seconds (ours). */
    private static final int TOGETHER = 800;

    private final float[] energy;
    private final BitSet silent = new BitSet();
    private final PauseSearch search;

    private PauseFinder(float[] meanSquares, float[] bends) {
        energy = meanSquares;
        for (int i = 0; i < energy.length; i++) {
            silent.set(i, energy[i] == 0);
        }
        search = new PauseSearch(energy, bends, silent);
    }

    /**
     * Pauses of a recording.
     *
     * @param meanSquares mean square of each 10 ms, digital silence as 0 (see {@link FrameLevels})
     * @param bends mean square of the second differences of the samples in each 10 ms
     */
    public static Pauses of(float[] meanSquares, float[] bends) {
        return new PauseFinder(meanSquares, bends).find();
    }

    private Pauses find() {
        if (!search.spoken()) {
            return nobody(search.roomTone());
        }
        List<Span> pauses = search.pauses();
        BitSet paused = new BitSet();
        pauses.forEach(p -> paused.set(p.from(), p.to()));
        float[] smooth = search.smooth();
        List<Span> words = Stretches.runs(
                i -> !silent.get(i) && !paused.get(i) && smooth[i] >= search.threshold(i),
                0,
                energy.length,
                PauseSearch.SHORTEST_WORD);
        return words.isEmpty() ? nobody(pauses) : spoken(words, pauses);
    }

    private Pauses spoken(List<Span> words, List<Span> pauses) {
        double sum = 0;
        int count = 0;
        for (Span word : words) {
            for (int i = word.from(); i < word.to(); i++) {
                sum += energy[i];
                count++;
            }
        }
        double voiceDbfs = Decibels.levelOfPower(sum / count);
        int first = firstWord(words.get(0).from());
        int last = lastWord(words.get(words.size() - 1).to());
        boolean gated = isGated(pauses, first, last, voiceDbfs);
        List<Span> known = gated ? List.of() : pauses;
        return new Pauses(
                floor(known),
                OptionalDouble.of(voiceDbfs),
                OptionalDouble.of(seconds(first)),
                OptionalDouble.of(seconds(energy.length - last)),
                edge(0, first),
                edge(last, energy.length),
                seconds(silent.cardinality()),
                gated,
                stretches(known),
                noisiest(known),
                known.isEmpty() ? OptionalDouble.empty() : search.throbS());
    }

    /** The result where nobody speaks. */
    private Pauses nobody(List<Span> pauses) {
        return new Pauses(
                floor(pauses),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Pauses.Edge.NONE,
                Pauses.Edge.NONE,
                seconds(silent.cardinality()),
                false,
                stretches(pauses),
                noisiest(pauses),
                OptionalDouble.empty());
    }

    private boolean isGated(List<Span> pauses, int first, int last, double voiceDbfs) {
        int silence = silent.get(first, last).cardinality();
        int pause = pauses.stream()
                .filter(p -> p.from() >= first && p.to() <= last)
                .mapToInt(Span::length)
                .sum();
        OptionalDouble floor = floor(pauses);
        return silence >= PauseSearch.SHORTEST
                && silence > pause
                && (floor.isEmpty() || floor.getAsDouble() > voiceDbfs - WORD_BELOW_VOICE_DB);
    }

    /** A word begins where it rises from the floor, not where it passes the middle. */
    private int firstWord(int from) {
        int first = from;
        while (first > 0 && !silent.get(first - 1) && search.smooth()[first - 1] > wordEdge(first - 1)) {
            first--;
        }
        return first;
    }

    private int lastWord(int to) {
        int last = to;
        while (last < energy.length && !silent.get(last) && search.smooth()[last] > wordEdge(last)) {
            last++;
        }
        return last;
    }

    private double wordEdge(int frame) {
        return Math.min(search.threshold(frame), search.floor(frame) * ABOVE_FLOOR);
    }

    private Pauses.Edge edge(int from, int to) {
        if (to - from < SHORTEST_EDGE) {
            return Pauses.Edge.NONE;
        }
        return silent.get(from, to).cardinality() * 2 > to - from ? Pauses.Edge.DIGITAL_SILENCE : Pauses.Edge.ROOM_TONE;
    }

    private OptionalDouble floor(List<Span> pauses) {
        double sum = 0;
        int count = 0;
        for (Span pause : pauses) {
            for (int i = pause.from() + TRIM; i < pause.to() - TRIM; i++) {
                sum += energy[i];
                count++;
            }
        }
        return count == 0 ? OptionalDouble.empty() : Decibels.ofPower(sum / count);
    }

    private List<Pauses.Stretch> stretches(List<Span> pauses) {
        return pauses.stream()
                .map(p -> new Pauses.Stretch(
                        seconds(p.from() + TRIM),
                        seconds(p.to() - TRIM),
                        floor(List.of(p)).orElseThrow()))
                .toList();
    }

    /**
     * The half second of pauses, one after the other within 8 s, in which it is loudest; less of them where there is no more
     * for 8 s.
     */
    private Optional<Pauses.Stretch> noisiest(List<Span> pauses) {
        int[] frames = pauses.stream()
                .flatMapToInt(p -> IntStream.range(p.from() + TRIM, p.to() - TRIM))
                .toArray();
        double most = -1;
        Pauses.Stretch worst = null;
        double sum = 0;
        int from = 0;
        for (int i = 0; i < frames.length; i++) {
            sum += energy[frames[i]];
            while (i - from >= HEARD || frames[i] - frames[from] >= TOGETHER) {
                sum -= energy[frames[from++]];
            }
            int count = i - from + 1;
            boolean alone = i + 1 == frames.length || frames[i + 1] - frames[from] >= TOGETHER;
            if ((count == HEARD || alone) && sum / count > most) {
                most = sum / count;
                worst = new Pauses.Stretch(seconds(frames[from]), seconds(frames[i] + 1), Decibels.levelOfPower(most));
            }
        }
        return Optional.ofNullable(worst);
    }

    private static double seconds(int frames) {
        return (double) frames / FrameLevels.FRAMES_PER_SECOND;
    }
}
