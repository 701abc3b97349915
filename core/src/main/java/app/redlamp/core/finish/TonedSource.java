package app.redlamp.core.finish;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Arrays;

/** High-pass, then gain. Samples that are no numbers, or beyond +60 dBFS, become zero. */
public final class TonedSource extends SourceStep {
    private static final float LARGEST = 1000;

    private final BiquadFilter[] filters;
    private final double gain;

    /** @param highPassHz corner in Hz, below half the sample rate */
    public TonedSource(AudioSource source, double highPassHz, double gainDb) {
        super(source);
        this.gain = Decibels.toAmplitude(gainDb);
        filters = new BiquadFilter[source.channels()];
        Arrays.setAll(
                filters,
                c -> new BiquadFilter(Biquad.highPass(highPassHz, Biquad.BUTTERWORTH_Q, source.sampleRateHz())));
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        int count = source.read(block, frames);
        for (int c = 0; c < filters.length; c++) {
            float[] samples = block[c];
            for (int i = 0; i < count; i++) {
                double x = Math.abs(samples[i]) <= LARGEST ? samples[i] : 0;
                samples[i] = (float) (filters[c].next(x) * gain);
            }
        }
        return count;
    }
}
