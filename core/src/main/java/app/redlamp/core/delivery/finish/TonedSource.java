package app.redlamp.core.delivery.finish;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.core.units.Decibels;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * High-pass, low-pass, then gain. A high-pass alone falls by 12 dB an octave; the two bounds of a band fall by 36, so
 * that what lies outside is gone. Samples that are no numbers, or beyond +60 dBFS, become zero.
 */
public final class TonedSource extends SourceStep {
    private static final float LARGEST = 1000;

    /** Q of the three sections of a sixth-order Butterworth response. */
    private static final double[] STEEP = {0.5176, 0.7071, 1.9319};

    private final BiquadFilter[][] filters;
    private final double gain;

    /** @param band what is let through; a bound beyond half the sample rate does nothing */
    public TonedSource(AudioSource source, Limits band, double gainDb) {
        super(source);
        this.gain = Decibels.toAmplitude(gainDb);
        filters = new BiquadFilter[source.channels()][];
        List<Biquad> sections = sections(band, source.sampleRateHz());
        Arrays.setAll(filters, c -> sections.stream().map(BiquadFilter::new).toArray(BiquadFilter[]::new));
    }

    private static List<Biquad> sections(Limits band, int rate) {
        List<Biquad> sections = new ArrayList<>();
        boolean both = band.low().isPresent() && band.high().isPresent();
        double[] slopes = both ? STEEP : new double[] {Biquad.BUTTERWORTH_Q};
        for (double q : slopes) {
            band.low().stream().filter(f -> f < rate / 2.0).forEach(f -> sections.add(Biquad.highPass(f, q, rate)));
            band.high().stream().filter(f -> f < rate / 2.0).forEach(f -> sections.add(Biquad.lowPass(f, q, rate)));
        }
        return sections;
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        int count = source.read(block, frames);
        for (int c = 0; c < filters.length; c++) {
            float[] samples = block[c];
            for (int i = 0; i < count; i++) {
                double x = Math.abs(samples[i]) <= LARGEST ? samples[i] : 0;
                for (BiquadFilter filter : filters[c]) {
                    x = filter.next(x);
                }
                samples[i] = (float) (x * gain);
            }
        }
        return count;
    }
}
