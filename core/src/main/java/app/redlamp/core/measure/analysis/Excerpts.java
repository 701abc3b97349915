package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.PauseFinder;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.noise.QuietPieces;
import app.redlamp.core.measure.voice.VoiceSpectrumMeter;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;

/**
 * Holds the last 10 s of the first two channels and, each time they are full, passes on what needs samples and not only
 * levels: quiet stretches to {@link QuietPieces}, windows of voice to {@link VoiceSpectrumMeter}, both channels to
 * {@link RelationMeter}.
 */
final class Excerpts {
    /** Ten seconds: long enough to hear a voice, short enough to compare (ours). */
    private static final int FRAMES = 10 * FrameClock.FRAMES_PER_SECOND;

    /** Frames so far over the floor are speech (ours). */
    private static final double SPOKEN_DB = 8;

    /** Windows of voice taken from each 10 s (ours). */
    private static final int WINDOWS = 24;

    private final int sampleRateHz;
    private final QuietPieces quiet;
    private final VoiceSpectrumMeter voice;
    private final RelationMeter relation;
    private final float[][] samples;
    private int filled;
    private long start;

    Excerpts(int sampleRateHz, int channels, QuietPieces quiet, VoiceSpectrumMeter voice, RelationMeter relation) {
        this.sampleRateHz = sampleRateHz;
        this.quiet = quiet;
        this.voice = voice;
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
     */
    void pass(float[] meanSquares, float[] bends) {
        Pauses pauses = PauseFinder.of(meanSquares, bends);
        double startS = FrameClock.secondsOf(start);
        for (Pauses.Stretch pause : pauses.stretches()) {
            int from = Math.min(filled, (int) Math.round(pause.startS() * sampleRateHz));
            int to = Math.min(filled, (int) Math.round(pause.endS() * sampleRateHz));
            for (float[] channel : samples) {
                quiet.offer(startS + pause.startS(), channel, from, to);
            }
        }
        if (pauses.voiceDbfs().isPresent()) {
            passVoice(meanSquares, Decibels.toPower(pauses.voiceDbfs().getAsDouble() - SPOKEN_DB));
            if (samples.length == 2) {
                relation.delayIn(samples[0], samples[1], filled);
            }
        }
        start += meanSquares.length;
        filled = 0;
    }

    private void passVoice(float[] meanSquares, double loud) {
        int window = voice.windowSamples();
        int hop = Math.max(window, filled / WINDOWS);
        for (int at = 0; at + window <= filled; at += hop) {
            int frame = (int) ((at + window / 2L) * FrameClock.FRAMES_PER_SECOND / sampleRateHz);
            if (frame < meanSquares.length && meanSquares[frame] > loud) {
                voice.add(samples[0], at);
            }
        }
    }
}
