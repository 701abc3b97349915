package app.redlamp.core.taking.joins;

import app.redlamp.core.measure.noise.FrameLevels;
import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * What of a join could be heard. The quiet before it is held against the quiet after it, up to a quarter of a second of each; limits
 * are ours.
 *
 * @param levelStepDb by how much the quiet is louder after it than before it, softer below 0; absent where one side has hardly any
 * @param clickDb largest second difference of the samples at the join over the root mean square of those beside it, in dB; some 12 in
 *     plain noise
 * @param spectralStepDb the same as the level, in the octave from 250 Hz to 8 kHz in which it is most, without sign; absent likewise
 */
public record JoinFigures(OptionalDouble levelStepDb, double clickDb, OptionalDouble spectralStepDb) {
    /** A larger step of the noise is heard (ours). */
    public static final double MOST_LEVEL_DB = 3;

    /** Noise alone stays below (ours). */
    public static final double MOST_CLICK_DB = 18;

    /** A larger step of an octave is heard (ours). */
    public static final double MOST_SPECTRAL_DB = 8;

    /** So much of the quiet is held against the other side (ours). */
    private static final double SIDE_S = 0.25;

    /** And so much is heard of each side (ours). */
    private static final double HEARD_S = 1.5;

    /** Of less no level is told (ours). */
    private static final double LEAST_S = 0.08;

    /** Levels are told of so much (ours). */
    private static final double HOP_S = 0.01;

    /** A click is held against so much beside it at least (ours). */
    private static final double BESIDE_S = 0.02;

    /** A stop in a word is shorter (ours). */
    private static final int SILENT_FRAMES = 15;

    /** Speech rises from the noise by more (ours). */
    private static final double SPEECH = Decibels.toPower(12);

    /** Edges of the octaves of 250 Hz and 8 kHz (IEC 61260-1). */
    private static final double LOWEST_HZ = 177;

    /** The upper one (IEC 61260-1). */
    private static final double HIGHEST_HZ = 11_314;

    /** Spectra are of so much at most (ours). */
    private static final double WINDOW_S = 0.04;

    /** Below −90 dBFS nobody hears a step (ours). */
    private static final double UNHEARD = Decibels.toPower(-90);

    /** And in an octave below −100 (ours). */
    private static final double UNHEARD_OCTAVE = Decibels.toPower(-100);

    /** Softer than any converter (ours). */
    private static final double SILENCE = 1e-14;

    /**
     * Listens to a join as it will be heard.
     *
     * @param join from 1 to the number of joins
     * @throws IOException where a take cannot be read; one line
     */
    public static JoinFigures of(Assembly assembly, int join, RawSounds sounds) throws IOException {
        long at = assembly.startOf(join);
        int fade = assembly.passages().get(join).fade();
        try (AssembledSource source = AssembledSource.open(assembly, sounds)) {
            int rate = source.sampleRateHz();
            int side = (int) Math.round(HEARD_S * rate) + fade / 2 + 2;
            long from = Math.max(0, at - side);
            source.skip(from);
            float[] sound = mono(source, 2 * side);
            return of(sound, (int) (at - from), fade, rate);
        }
    }

    private static float[] mono(AssembledSource source, int frames) throws IOException {
        float[][] block = new float[source.channels()][frames];
        float[] sound = new float[frames];
        int done = 0;
        int got;
        while (done < frames && (got = source.read(block, frames - done)) > 0) {
            for (int i = 0; i < got; i++) {
                for (float[] channel : block) {
                    sound[done + i] += channel[i] / block.length;
                }
            }
            done += got;
        }
        return Arrays.copyOf(sound, done);
    }

    /**
     * Figures of a join in a sound.
     *
     * @param at sample at which the one passage ends and the other begins
     * @param fade samples of the overlap around it
     */
    static JoinFigures of(float[] sound, int at, int fade, int sampleRateHz) {
        int from = Math.max(0, at - fade / 2);
        int to = Math.min(sound.length, at + fade - fade / 2);
        int before = from - quiet(sound, from, -1, sampleRateHz);
        int after = to + quiet(sound, to, 1, sampleRateHz);
        int beside = (int) Math.round(BESIDE_S * sampleRateHz);
        double click = click(
                sound,
                Math.max(0, Math.min(before, from - beside)),
                from,
                to,
                Math.min(sound.length, Math.max(after, to + beside)));
        int least = (int) Math.round(LEAST_S * sampleRateHz);
        if (from - before < least || after - to < least) {
            return new JoinFigures(OptionalDouble.empty(), click, OptionalDouble.empty());
        }
        double step = Decibels.levelOfPower(Math.max(UNHEARD, power(sound, to, after)))
                - Decibels.levelOfPower(Math.max(UNHEARD, power(sound, before, from)));
        double[] one = octaves(sound, before, from, sampleRateHz);
        double[] other = octaves(sound, to, after, sampleRateHz);
        double most = 0;
        for (int band = 0; band < OctaveBands.OCTAVES.count(); band++) {
            double centre = OctaveBands.OCTAVES.centreHz(band);
            if (centre > LOWEST_HZ && centre < Math.min(HIGHEST_HZ, sampleRateHz / 3.0)) {
                most = Math.max(most, Math.abs(Decibels.levelOfPower(one[band]) - Decibels.levelOfPower(other[band])));
            }
        }
        return new JoinFigures(OptionalDouble.of(step), click, OptionalDouble.of(most));
    }

    /** Samples on one side over which nobody speaks: it stays nearly as soft as the softest moment of that side. */
    private static int quiet(float[] sound, int from, int way, int sampleRateHz) {
        int hop = (int) Math.round(HOP_S * sampleRateHz);
        double softest = Double.MAX_VALUE;
        int silent = 0;
        for (int i = 0; frame(sound, from, way, i, hop) >= 0; i++) {
            int a = frame(sound, from, way, i, hop);
            double power = power(sound, a, a + hop);
            if (FrameLevels.isSilent(power)) {
                silent++;
            } else {
                softest = Math.min(softest, power);
            }
        }
        if (silent >= SILENT_FRAMES) {
            // Where it is digitally silent, nothing else is quiet.
            softest = SILENCE;
        }
        int most = (int) Math.round(SIDE_S / HOP_S);
        int count = 0;
        while (count < most && frame(sound, from, way, count, hop) >= 0) {
            int a = frame(sound, from, way, count, hop);
            if (power(sound, a, a + hop) > softest * SPEECH) {
                break;
            }
            count++;
        }
        return count * hop;
    }

    /** First sample of a frame, counted away from the join; -1 beyond the sound. */
    private static int frame(float[] sound, int from, int way, int number, int hop) {
        int a = way > 0 ? from + number * hop : from - (number + 1) * hop;
        return a >= 0 && a + hop <= sound.length ? a : -1;
    }

    private static double power(float[] sound, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += (double) sound[i] * sound[i];
        }
        return Math.max(SILENCE, sum / (to - from));
    }

    private static double click(float[] sound, int before, int from, int to, int after) {
        double beside = Math.max(bends(sound, before, from), bends(sound, to, after));
        double most = 0;
        for (int i = Math.max(2, from - 1); i < Math.min(sound.length, to + 3); i++) {
            most = Math.max(most, bend(sound, i));
        }
        return Decibels.levelOfPower(Math.max(SILENCE, most) / Math.max(SILENCE, beside));
    }

    private static double bends(float[] sound, int from, int to) {
        double sum = 0;
        for (int i = Math.max(2, from); i < to; i++) {
            sum += bend(sound, i);
        }
        return sum / Math.max(1, to - Math.max(2, from));
    }

    private static double bend(float[] sound, int i) {
        double second = sound[i] - 2.0 * sound[i - 1] + sound[i - 2];
        return second * second;
    }

    private static double[] octaves(float[] sound, int from, int to, int sampleRateHz) {
        PowerSpectrum spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(WINDOW_S, sampleRateHz), sampleRateHz);
        for (int i = from; i + spectrum.length() <= to; i += spectrum.length() / 2) {
            spectrum.add(sound, i);
        }
        double[] powers = OctaveBands.OCTAVES.powers(spectrum.bins(), spectrum.binHz());
        for (int b = 0; b < powers.length; b++) {
            powers[b] = Math.max(UNHEARD_OCTAVE, powers[b]);
        }
        return powers;
    }

    /** Whether nobody would hear it. */
    public boolean unheard() {
        return Math.abs(levelStepDb.orElse(0)) <= MOST_LEVEL_DB
                && clickDb <= MOST_CLICK_DB
                && spectralStepDb.orElse(0) <= MOST_SPECTRAL_DB;
    }
}
