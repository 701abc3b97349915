package app.redlamp.core.measure.loudness;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Finds digital clipping (common practice, no source; how flat tops are told is ours):
 *
 * <ul>
 *   <li>at full scale: at least {@value #SHORTEST_RUN} samples in a row at or beyond it with the same sign. Each
 *       channel's runs count.
 *   <li>before a later gain change: at least {@value #SHORTEST_FLAT} samples that differ by no more than a step of 16
 *       bits, into and out of which the waveform breaks off with a kink, nothing within the 10 ms around going beyond
 *       them, and at least three of them at one level. A natural crest bends over many samples and has no kink.
 *   <li>before it was filtered, coded or resampled: {@link PlateauMeter}, where neither of both is found
 * </ul>
 */
public final class ClipMeter {
    /** Shortest run at full scale that counts, in samples (ours). */
    public static final int SHORTEST_RUN = 3;

    /** Shortest flat top below full scale that counts, in samples (ours). */
    public static final int SHORTEST_FLAT = 4;

    /** Full scale of a 16-bit file is 32767/32768; anything from here on is at the ceiling (by definition). */
    private static final float CEILING = 0.9999f;

    /** Samples that differ by a step of 16 bits are equal (ours). */
    private static final float STEP = 1 / 32_768f * 1.05f;

    /** A flat top begins and ends with a kink (ours). */
    private static final float KINK = 6 / 32_768f;

    /** Nothing is cut off so low (ours). */
    private static final float LOWEST = 0.05f;

    /** Flats within a tenth of a decibel are of one ceiling (ours). */
    private static final double SAME_LEVEL = 1.012;

    /** What rises over them by less is ripple of a codec (ours). */
    private static final float HIGHER = 1.002f;

    /** Samples looked at together (ours). */
    private static final int STRETCH = 48;

    /** So many flats make a ceiling (ours). */
    private static final int FEWEST_FLATS = 3;

    /** More places nobody listens to (ours). */
    private static final int PLACES_KEPT = 1000;

    /** More flats change no verdict (ours). */
    private static final int FLATS_KEPT = 20_000;

    private final int sampleRateHz;
    private final PlateauMeter plateaus;
    private final State[] states;
    private final List<Clipping.Run> places = new ArrayList<>();
    private final List<Flat> flats = new ArrayList<>();
    private int runs;

    private record Flat(float level, Clipping.Run run) {}

    /** What is remembered of one channel: the last sample and the run that it belongs to. */
    private static final class State {
        float last;
        float entry;
        int length = 1;
        long position;
    }

    public ClipMeter(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        plateaus = new PlateauMeter(sampleRateHz, channels);
        states = new State[channels];
        Arrays.setAll(states, c -> new State());
    }

    /** Takes the next samples of a channel. */
    public void accept(int channel, float[] samples, int count) {
        plateaus.accept(channel, samples, count);
        State state = states[channel];
        float last = state.last;
        int length = state.length;
        int i = 0;
        while (i < count) {
            int skipped = length == 1 ? skip(samples, i, count) : i;
            if (skipped > i) {
                i = skipped - 2;
                last = samples[i - 1];
            }
            float x = samples[i];
            float step = x - last;
            if (goesOn(x, last, step)) {
                length++;
            } else {
                if (length >= SHORTEST_RUN) {
                    close(channel, state, samples, i, last, length, step);
                }
                length = 1;
                state.entry = step;
            }
            last = x;
            i++;
        }
        state.last = last;
        state.length = length;
        state.position += count;
    }

    /**
     * Goes on to where a run may be: over whole stretches in which nothing is loud enough, else in threes, as every run
     * that counts holds the first of three samples at the ceiling, or its pair with the next.
     */
    private static int skip(float[] samples, int from, int count) {
        int i = from;
        while (i + 5 <= count) {
            if (i + STRETCH + 5 <= count && isQuiet(samples, i)) {
                i += STRETCH;
                continue;
            }
            int end = Math.min(count - 5, i + STRETCH);
            for (; i <= end; i += 3) {
                float x = samples[i];
                float step = samples[i + 1] - x;
                boolean flat = step <= STEP && step >= -STEP && Math.abs(x) >= LOWEST - STEP;
                if (flat || x >= CEILING || x <= -CEILING) {
                    return i;
                }
            }
        }
        return i;
    }

    private static boolean isQuiet(float[] samples, int from) {
        for (int i = from; i < from + STRETCH; i++) {
            if (Math.abs(samples[i]) >= LOWEST - STEP) {
                return false;
            }
        }
        return true;
    }

    private static boolean goesOn(float x, float last, float step) {
        float magnitude = Math.abs(x);
        boolean same = Math.abs(step) <= STEP && magnitude >= LOWEST;
        return same || (magnitude >= CEILING && Math.abs(last) >= CEILING && x > 0 == last > 0);
    }

    /** What was found; call once, at the end. */
    public Clipping result() {
        for (int c = 0; c < states.length; c++) {
            State state = states[c];
            if (state.length >= SHORTEST_RUN) {
                close(c, state, new float[0], 0, state.last, state.length, -state.last);
                state.length = 1;
            }
        }
        places.sort(Comparator.comparingDouble(Clipping.Run::startS));
        flats.sort(Comparator.comparingDouble(f -> -f.level()));
        for (int from = 0; from + FEWEST_FLATS <= flats.size(); from++) {
            int to = from;
            while (to < flats.size()
                    && flats.get(to).level() * SAME_LEVEL >= flats.get(from).level()) {
                to++;
            }
            if (to - from >= FEWEST_FLATS) {
                double level = Decibels.levelOfAmplitude(flats.get(from).level());
                List<Clipping.Run> tops = flats.subList(from, to).stream()
                        .map(Flat::run)
                        .sorted(Comparator.comparingDouble(Clipping.Run::startS))
                        .limit(PLACES_KEPT)
                        .toList();
                return new Clipping(runs, places, OptionalDouble.of(level), tops);
            }
        }
        Optional<PlateauMeter.Cut> cut = runs > 0 ? Optional.empty() : plateaus.result();
        return cut.map(c -> new Clipping(
                        runs,
                        places,
                        OptionalDouble.of(c.db()),
                        c.runs().stream().limit(PLACES_KEPT).toList()))
                .orElseGet(() -> new Clipping(runs, places, OptionalDouble.empty(), List.of()));
    }

    /** Ends a run before sample {@code at} of a block. */
    private void close(int channel, State state, float[] samples, int at, float level, int length, float exit) {
        long end = state.position + at;
        Clipping.Run run = new Clipping.Run((double) (end - length) / sampleRateHz, length, channel);
        if (Math.abs(level) >= CEILING) {
            runs++;
            if (places.size() < PLACES_KEPT) {
                places.add(run);
            }
            return;
        }
        float sign = Math.signum(level);
        boolean kinks = sign * state.entry >= KINK && -sign * exit >= KINK;
        if (length >= SHORTEST_FLAT && kinks && flats.size() < FLATS_KEPT && isHighest(samples, at, level)) {
            flats.add(new Flat(Math.abs(level), run));
        }
    }

    /** Whether nothing nearby, as far as the block goes, lies beyond a level. */
    private boolean isHighest(float[] samples, int at, float level) {
        int near = sampleRateHz / 100;
        float limit = Math.abs(level) * HIGHER;
        for (int i = Math.max(0, at - near); i < Math.min(samples.length, at + near); i++) {
            if (Math.abs(samples[i]) > limit && Math.signum(samples[i]) == Math.signum(level)) {
                return false;
            }
        }
        return true;
    }
}
