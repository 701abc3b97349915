package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.disturbance.DisturbanceMeter;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.noise.PauseFinder;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.noise.QuietPieces;
import app.redlamp.core.measure.origin.BlockMeter;
import app.redlamp.core.measure.origin.EdgeMeter;
import app.redlamp.core.measure.voice.EchoMeter;
import app.redlamp.core.measure.voice.VoiceSpectrumMeter;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;

/**
 * Holds the last 10 s of the first two channels and, each time they are full, passes on what needs samples and not only
 * levels: quiet stretches to {@link QuietPieces}, all of it to {@link DisturbanceMeter}, windows of voice to {@link VoiceSpectrumMeter}, windows of
 * anything to {@link EdgeMeter} and {@link EchoMeter}, what has treble to {@link BlockMeter}, both channels to {@link RelationMeter}.
 */
final class Excerpts {
    /** Ten seconds: long enough to hear a voice, short enough to compare (ours). */
    private static final int FRAMES = 10 * FrameClock.FRAMES_PER_SECOND;

    /** Frames so far over the floor are speech (ours). */
    private static final double SPOKEN_DB = 8;

    /** Windows of voice taken from each 10 s (ours) ... */
    private static final int WINDOWS = 24;

    /** ... and from the first that have a voice, which may be all there is (ours). */
    private static final int FIRST_WINDOWS = 120;

    /** Windows of anything taken from each 10 s (ours). */
    private static final int WINDOWS_OF_ALL = 12;

    /** Windows for echoes taken from each 10 s (ours) ... */
    private static final int WINDOWS_OF_ECHO = 4;

    /** ... until there are so many; then one, for they are long (ours). */
    private static final int ENOUGH = 60;

    /** Share of the power around from which a window is one of speech (ours). */
    private static final double LOUD_ENOUGH = 0.3;

    private final int sampleRateHz;
    private final QuietPieces quiet;
    private final VoiceSpectrumMeter voice;
    private final EdgeMeter edges;
    private final BlockMeter blocks;
    private final EchoMeter echo;
    private final DisturbanceMeter disturbances;
    private final RelationMeter relation;
    private final float[][] samples;
    private int filled;
    private long start;

    Excerpts(
            int sampleRateHz,
            int channels,
            QuietPieces quiet,
            VoiceSpectrumMeter voice,
            EdgeMeter edges,
            BlockMeter blocks,
            EchoMeter echo,
            DisturbanceMeter disturbances,
            RelationMeter relation) {
        this.sampleRateHz = sampleRateHz;
        this.quiet = quiet;
        this.voice = voice;
        this.edges = edges;
        this.blocks = blocks;
        this.echo = echo;
        this.disturbances = disturbances;
        this.relation = relation;
        samples = new float[Math.min(2, channels)][10 * sampleRateHz + 1];
    }

    /** Frame with which the stretch being filled began. */
    int firstFrame() {
        return (int) start;
    }

    void accept(float[][] block, int from, int count) {
        for (int c = 0; c < samples.length; c++) {
            System.arraycopy(block[c], from, samples[c], filled, count);
        }
        filled += count;
    }

    /** Whether a frame that has just been completed is the last of a stretch. */
    static boolean isFull(int frames) {
        return frames % FRAMES == 0;
    }

    /**
     * Passes on what is held and begins anew.
     *
     * @param meanSquares levels of the frames held
     * @param bends mean squares of their second differences
     * @param low mean squares below 60 Hz
     */
    void pass(float[] meanSquares, float[] bends, float[] low) {
        Pauses pauses = PauseFinder.of(meanSquares, bends);
        float[] live = live();
        double startS = FrameClock.secondsOf(start);
        for (Pauses.Stretch pause : pauses.stretches()) {
            int from = Math.min(filled, (int) Math.round(pause.startS() * sampleRateHz));
            int to = Math.min(filled, (int) Math.round(pause.endS() * sampleRateHz));
            for (float[] channel : samples) {
                quiet.offer(startS + pause.startS(), channel, from, to);
            }
        }
        if (pauses.voiceDbfs().isPresent()) {
            passVoice(live, meanSquares, Decibels.toPower(pauses.voiceDbfs().getAsDouble() - SPOKEN_DB));
            if (samples.length == 2) {
                relation.delayIn(samples[0], samples[1], filled);
            }
        }
        disturbances.listen(live, filled, meanSquares, bends, low, pauses.voiceDbfs());
        passAll(live);
        passTreble(live, bends);
        passLoud(live, meanSquares);
        start += meanSquares.length;
        filled = 0;
    }

    /** The first channel, or the second where the first is dead beside it. */
    private float[] live() {
        return samples.length == 2 && Levels.isDead(power(samples[0]), power(samples[1])) ? samples[1] : samples[0];
    }

    private double power(float[] channel) {
        double sum = 0;
        for (int i = 0; i < filled; i++) {
            sum += channel[i] * channel[i];
        }
        return sum;
    }

    private void passAll(float[] live) {
        int window = edges.windowSamples();
        int hop = Math.max(window, 10 * sampleRateHz / WINDOWS_OF_ALL);
        for (int at = 0; at + window <= filled; at += hop) {
            edges.add(live, at);
        }
    }

    /** The pieces with the most treble, one of each half of a stretch. */
    private void passTreble(float[] live, float[] bends) {
        int length = (int) ((long) BlockMeter.PIECE * FrameClock.FRAMES_PER_SECOND / sampleRateHz) + 1;
        for (int half = 0; half < 2; half++) {
            int best = -1;
            double most = -1;
            for (int f = half * FRAMES / 2; f + length <= Math.min(bends.length, (half + 1) * FRAMES / 2); f++) {
                double treble = mean(bends, f, f + length);
                best = treble > most ? f : best;
                most = Math.max(most, treble);
            }
            int from = best < 0 ? filled : (int) (FrameClock.startOf(start + best, sampleRateHz) - passed());
            if (from + BlockMeter.PIECE <= filled) {
                blocks.offer(passed() + from, most, live, from);
            }
        }
    }

    /** Samples that were passed on before. */
    private long passed() {
        return FrameClock.startOf(start, sampleRateHz);
    }

    /** Windows in which somebody speaks most of the time: an echo is heard in what causes it. */
    private void passLoud(float[] live, float[] meanSquares) {
        int window = echo.windowSamples();
        int hop = Math.max(window, 10 * sampleRateHz / (echo.windows() < ENOUGH ? WINDOWS_OF_ECHO : 1));
        double all = mean(meanSquares, 0, meanSquares.length);
        for (int at = 0; at + window <= filled; at += hop) {
            int from = (int) ((long) at * FrameClock.FRAMES_PER_SECOND / sampleRateHz);
            int to = (int) ((long) (at + window) * FrameClock.FRAMES_PER_SECOND / sampleRateHz);
            if (mean(meanSquares, from, Math.min(to, meanSquares.length)) > LOUD_ENOUGH * all) {
                echo.add(live, at);
            }
        }
    }

    private static double mean(float[] values, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += values[i];
        }
        return to > from ? sum / (to - from) : 0;
    }

    private void passVoice(float[] live, float[] meanSquares, double loud) {
        int window = voice.windowSamples();
        int hop = Math.max(window, filled / (voice.windows() == 0 ? FIRST_WINDOWS : WINDOWS));
        for (int at = 0; at + window <= filled; at += hop) {
            int frame = (int) ((at + window / 2L) * FrameClock.FRAMES_PER_SECOND / sampleRateHz);
            if (frame < meanSquares.length && meanSquares[frame] > loud) {
                voice.add(live, at);
            }
        }
    }
}
