package app.redlamp.core.analysis;

import app.redlamp.core.noise.FrameLevels;
import app.redlamp.core.noise.PauseFinder;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/** Measures {@link HighPassed}; leaves the blocks it is given as they are. */
final class HighPassedLevels implements SampleSink {
    private final BiquadFilter[] filters;
    private final FrameLevels frames;
    private float[][] filtered = new float[0][0];

    HighPassedLevels(int sampleRateHz, int channels) {
        frames = new FrameLevels(sampleRateHz, channels);
        filters = new BiquadFilter[channels];
        Biquad section = Biquad.highPass(HighPassed.CORNER_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz);
        Arrays.setAll(filters, c -> new BiquadFilter(section));
    }

    @Override
    public void accept(float[][] block, int count) {
        if (filtered.length == 0 || filtered[0].length < count) {
            filtered = new float[filters.length][count];
        }
        for (int c = 0; c < filters.length; c++) {
            for (int i = 0; i < count; i++) {
                filtered[c][i] = (float) filters[c].next(block[c][i]);
            }
        }
        frames.accept(filtered, count);
    }

    HighPassed result() {
        float[] meanSquares = frames.meanSquares();
        double sum = 0;
        for (float meanSquare : meanSquares) {
            sum += meanSquare;
        }
        return new HighPassed(
                Decibels.ofPower(sum / Math.max(1, meanSquares.length)),
                PauseFinder.of(meanSquares).noiseFloorDbfs());
    }
}
