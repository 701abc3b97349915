package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.OptionalDouble;

/** Sorts the 50 ms levels of a recording into those of the noise and those of the voice. */
final class Hill {
    /** Frames of one drawn level (ours). */
    private static final int LEVEL_FRAMES = 5;

    /** Outside the pauses too, what lies less than this above the floor is a gap between words and no voice (ours). */
    private static final double NOISE_TOP_DB = 4;

    private Hill() {}

    static LevelHistogram ofNoise(float[] meanSquares, Pauses pauses) {
        return of(meanSquares, pauses, true);
    }

    static LevelHistogram ofVoice(float[] meanSquares, Pauses pauses) {
        return of(meanSquares, pauses, false);
    }

    private static LevelHistogram of(float[] meanSquares, Pauses pauses, boolean inPauses) {
        int points = meanSquares.length / LEVEL_FRAMES;
        double noiseTop = pauses.noiseFloorDbfs().orElse(Double.NEGATIVE_INFINITY) + NOISE_TOP_DB;
        double[] levelsDbfs = new double[points];
        int count = 0;
        for (int p = 0; p < points; p++) {
            boolean paused = pauses.contains((p + 0.5) * LEVEL_FRAMES / FrameClock.FRAMES_PER_SECOND);
            OptionalDouble level = levelOf(meanSquares, p * LEVEL_FRAMES);
            if (level.isPresent() && (paused || level.getAsDouble() < noiseTop) == inPauses) {
                levelsDbfs[count++] = level.getAsDouble();
            }
        }
        return LevelHistogram.of(Arrays.copyOf(levelsDbfs, count));
    }

    private static OptionalDouble levelOf(float[] meanSquares, int from) {
        double sum = 0;
        for (int i = from; i < from + LEVEL_FRAMES; i++) {
            sum += meanSquares[i];
        }
        return Decibels.ofPower(sum / LEVEL_FRAMES);
    }
}
