package app.redlamp.core.loudness;

import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Plain levels of the samples: peak, root mean square and mean.
 *
 * <ul>
 *   <li>RMS is taken over all channels together, in the plain convention: a full-scale sine reads −3.01 dBFS (AES17
 *       would call it 0). The usual window for audiobooks is meant so.
 *   <li>digital silence has no level: absent
 * </ul>
 */
public final class SampleLevels implements SampleSink {
    private final double[] sums;
    private final double[] squares;
    private float peak;
    private long frames;

    public SampleLevels(int channels) {
        sums = new double[channels];
        squares = new double[channels];
    }

    @Override
    public void accept(float[][] block, int count) {
        for (int c = 0; c < sums.length; c++) {
            float[] samples = block[c];
            double sum = sums[c];
            double square = squares[c];
            float largest = peak;
            for (int i = 0; i < count; i++) {
                float x = samples[i];
                sum += x;
                square += (double) x * x;
                largest = Math.max(largest, Math.abs(x));
            }
            sums[c] = sum;
            squares[c] = square;
            peak = largest;
        }
        frames += count;
    }

    public OptionalDouble peakDbfs() {
        return Decibels.ofAmplitude(peak);
    }

    public OptionalDouble rmsDbfs() {
        return frames == 0
                ? OptionalDouble.empty()
                : Decibels.ofPower(Arrays.stream(squares).sum() / frames / sums.length);
    }

    /** Mean of the channel that is furthest from zero, as a share of full scale with its sign; 0 for no samples. */
    public double dcOffset() {
        double worst = 0;
        for (double sum : sums) {
            double mean = frames == 0 ? 0 : sum / frames;
            worst = Math.abs(mean) > Math.abs(worst) ? mean : worst;
        }
        return worst;
    }

    public long frames() {
        return frames;
    }
}
