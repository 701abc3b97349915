package app.redlamp.core.measure.noise;

import app.redlamp.core.measure.noise.Stretches.Span;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Finds the stretches in which nobody speaks, by level, by steadiness and by treble, against what is around them.
 *
 * <p>A pause lasts at least 0.3 s (common practice, no source). How it is told from quiet speech is ours:
 *
 * <ol>
 *   <li>Voice: energy mean of the frames within 10 dB of the whole, without what stays steady below −35 dBFS for a second.
 *   <li>A candidate is a run of at least 0.3 s whose levels, smoothed over 50 ms, stay below the middle in decibels between
 *       the voice and the {@link LocalFloor}.
 *   <li>Within a candidate only what is steady counts, again in runs of 0.3 s: this drops the dying end of a word, a breath
 *       and a whisper, and follows a noise that changes.
 *   <li>It has to lie near the floor around it, or to stay steady for a second.
 *   <li>{@link SteadyNoise} is a pause too, however loud, if it lies 10 dB below the voice.
 *   <li>Where the noise throbs ({@link Throb}), all of this is asked of the levels less its course.
 *   <li>Whatever is much louder than the quietest of the recording has to be there under the words before it or after it as
 *       well: a noise that comes stays for a while, and a breath, a hiss and a soft word do not. {@link RecurringNoise} stays for
 *       less.
 * </ol>
 */
final class PauseSearch {
    /** Frames: a pause lasts 0.3 s (common practice, no source). */
    static final int SHORTEST = 30;

    /** Frames to each side of a mean (ours). */
    private static final int SMOOTH = 2;

    /** Frames around a moment in which a noise is steady (ours). */
    private static final int SECOND = 100;

    /** Frames between two looks at how steady it is (ours). */
    private static final int HOP = 10;

    /** Room tone varies by less (ours). */
    private static final double STEADY = Decibels.toPower(6);

    /** The levels of a second of noise lie within this, and those of a second of speech do not (ours). */
    private static final double STEADY_SPREAD = Decibels.toPower(5);

    /** No room tone is louder (ours). */
    private static final double ROOM_TONE = Decibels.toPower(-35);

    /** The lower levels of a stretch, of which its noise makes the most (ours). */
    private static final double LOW_SHARE = 0.2;

    /** The lowest of them, by which it is seen how much a noise varies (ours). */
    private static final double LOWEST_SHARE = 0.05;

    /** A noise that varies by nothing stays within 4 dB of its lower levels (ours). */
    private static final double LEAST_ABOVE_DB = 4;

    /** And one that varies within so many times more (ours). */
    private static final double ABOVE_TIMES = 2.5;

    /** But within 10 dB (ours). */
    private static final double MOST_ABOVE_DB = 10;

    /** So much above the floor around it a pause may lie (ours). */
    private static final double NEAR_FLOOR = Decibels.toPower(8);

    /** So much above the quietest, it has to stay (ours). */
    private static final double LIFTED = Decibels.toPower(10);

    /** And lies so far below the voice (ours). */
    private static final double LIFTED_BELOW_VOICE = Decibels.toPower(-10);

    /** It is never so much softer (ours) ... */
    private static final double STAYS = Decibels.toPower(-8);

    /** ... in as many frames beside it: in less there is a gap between two words, or a consonant that stops the breath (ours). */
    private static final int BESIDE = 220;

    /** Frames: shorter is a click (ours). */
    static final int SHORTEST_WORD = 8;

    private final float[] energy;
    private final float[] bends;
    private final float[] smooth;
    private final Throb throb;
    private final float[] even;
    private final BitSet silent;
    private final BitSet steady;
    private double voice;
    private LocalFloor floor;

    PauseSearch(float[] energy, float[] bends, BitSet silent) {
        this.energy = energy;
        this.bends = bends;
        this.silent = silent;
        smooth = smoothed(energy);
        throb = Throb.of(smooth, silent);
        even = throb.takenOut(smooth);
        steady = steady();
    }

    /** Levels smoothed over 50 ms; silent neighbours left out. */
    float[] smooth() {
        return smooth;
    }

    /** Seconds from swell to swell of a noise that throbs; absent where none does. */
    OptionalDouble throbS() {
        return throb.turnS();
    }

    /** Whether somebody speaks; where nobody does it is either noise or a steady sound that is too loud for it. */
    boolean spoken() {
        voice = voice();
        floor = new LocalFloor(throb.takenOut(energy), silent, voice);
        return voice > 0 && !(voice < floor.quietest() * STEADY && silent.cardinality() < energy.length / 2);
    }

    /** The level below which it does not fall around a frame; asked where somebody speaks. */
    double floor(int frame) {
        return floor.at(frame) * throb.times(frame);
    }

    /** Below is no voice, around a frame; asked where somebody speaks. */
    double threshold(int frame) {
        return Math.sqrt(floor(frame) * voice);
    }

    /** The pauses between words; asked where somebody speaks. */
    List<Span> pauses() {
        BitSet found = new BitSet();
        Stretches.runs(i -> !silent.get(i) && smooth[i] < threshold(i), 0, energy.length, SHORTEST).stream()
                .flatMap(run -> core(run).stream())
                .filter(this::isPause)
                .forEach(p -> found.set(p.from(), p.to()));
        float[] treble = throb.takenOut(smoothed(bends));
        List<Span> lifted = SteadyNoise.find(even, treble, silent).stream()
                .flatMap(run -> core(run).stream())
                .filter(run -> isLifted(evenLevel(run)) && level(run) < voice * LIFTED_BELOW_VOICE)
                .toList();
        lifted.stream().filter(this::stays).forEach(p -> found.set(p.from(), p.to()));
        RecurringNoise.of(lifted.stream().map(run -> heard(run, treble)).toList())
                .forEach(h -> found.set(h.span().from(), h.span().to()));
        return Stretches.runs(found::get, 0, energy.length, SHORTEST);
    }

    /** Whether a quiet stretch is no soft voice. */
    private boolean isPause(Span run) {
        double level = evenLevel(run);
        boolean near = level <= floor.at((run.from() + run.to()) / 2) * NEAR_FLOOR;
        return level(run) < voice / STEADY && (near || run.length() >= SECOND) && (!isLifted(level) || stays(run));
    }

    private boolean isLifted(double level) {
        return level > floor.quietest() * LIFTED;
    }

    /** Whether a noise is there under the words before it or after it too, which no breath and no soft word is. */
    private boolean stays(Span run) {
        double least = evenLevel(run) * STAYS;
        return level(run) < voice * LIFTED_BELOW_VOICE
                && (stays(least, run.from() - 1, -1) == BESIDE || stays(least, run.to(), 1) == BESIDE);
    }

    /** For how many frames, of {@link #BESIDE}, the level does not fall below one. */
    private int stays(double least, int from, int step) {
        int count = 0;
        for (int i = from;
                count < BESIDE && i >= 0 && i < even.length && !silent.get(i) && even[i] >= least;
                i += step) {
            count++;
        }
        return count;
    }

    private RecurringNoise.Heard heard(Span run, float[] treble) {
        double sum = 0;
        for (int i = run.from(); i < run.to(); i++) {
            sum += treble[i];
        }
        double level = evenLevel(run);
        int beside = stays(level * STAYS, run.from() - 1, -1) + stays(level * STAYS, run.to(), 1);
        return new RecurringNoise.Heard(run, level, sum / run.length(), beside);
    }

    /** The stretches of room tone where nobody speaks; none where the sound is too loud for room tone. */
    List<Span> roomTone() {
        return Stretches.runs(i -> !silent.get(i) && smooth[i] < ROOM_TONE, 0, energy.length, SHORTEST);
    }

    /** What within a candidate is steady, without the ends of the words around it. */
    private List<Span> core(Span run) {
        float[] limits = new float[(run.length() + HOP - 1) / HOP];
        for (int k = 0; k < limits.length; k++) {
            int middle = run.from() + k * HOP + HOP / 2;
            int from = Math.max(run.from(), Math.min(middle - SECOND / 2, run.to() - SECOND));
            limits[k] = (float) limit(from, Math.min(run.to(), from + SECOND));
        }
        return Stretches.runs(i -> even[i] <= limits[(i - run.from()) / HOP], run.from(), run.to(), SHORTEST);
    }

    /** The level that noise does not pass which has the lower levels of a stretch. */
    private double limit(int from, int to) {
        float[] levels = Arrays.copyOfRange(even, from, to);
        Arrays.sort(levels);
        double low = levels[(int) (LOW_SHARE * levels.length)];
        double lowest = Math.max(levels[(int) (LOWEST_SHARE * levels.length)], Float.MIN_NORMAL);
        double above = LEAST_ABOVE_DB + ABOVE_TIMES * Decibels.levelOfPower(low / lowest);
        return low * Decibels.toPower(Math.min(MOST_ABOVE_DB, above));
    }

    private double level(Span span) {
        double sum = 0;
        for (int i = span.from(); i < span.to(); i++) {
            sum += energy[i];
        }
        return sum / span.length();
    }

    /** What it would be if the noise did not throb. */
    private double evenLevel(Span span) {
        double sum = 0;
        for (int i = span.from(); i < span.to(); i++) {
            sum += energy[i] / throb.times(i);
        }
        return sum / span.length();
    }

    /** Energy mean of the frames that reach 10 dB below the energy mean of all; silence and steady noise left out. */
    private double voice() {
        boolean spoken = !Stretches.runs(i -> !silent.get(i) && !steady.get(i), 0, energy.length, SHORTEST_WORD)
                .isEmpty();
        return spoken ? meanAbove(meanAbove(0) * Decibels.toPower(-10)) : 0;
    }

    private double meanAbove(double gate) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < energy.length; i++) {
            if (energy[i] > gate && !steady.get(i)) {
                sum += energy[i];
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }

    /** Frames of every second that stays steady and is soft enough for room tone. */
    private BitSet steady() {
        BitSet found = new BitSet();
        for (int from = 0; from + SECOND <= smooth.length; from += HOP) {
            float[] levels = Arrays.copyOfRange(even, from, from + SECOND);
            if (silent.get(from, from + SECOND).isEmpty()
                    && Quantile.of(levels, 1 - LOWEST_SHARE) < ROOM_TONE
                    && Quantile.of(levels, 1 - LOWEST_SHARE) < Quantile.of(levels, LOWEST_SHARE) * STEADY_SPREAD) {
                found.set(from, from + SECOND);
            }
        }
        return found;
    }

    /** Mean over the 50 ms around each frame; silent neighbours are left out. */
    private float[] smoothed(float[] values) {
        float[] result = new float[values.length];
        for (int i = 0; i < energy.length; i++) {
            double sum = 0;
            int count = 0;
            for (int k = Math.max(0, i - SMOOTH); k <= Math.min(energy.length - 1, i + SMOOTH); k++) {
                if (!silent.get(k)) {
                    sum += values[k];
                    count++;
                }
            }
            result[i] = count == 0 ? 0 : (float) (sum / count);
        }
        return result;
    }
}
