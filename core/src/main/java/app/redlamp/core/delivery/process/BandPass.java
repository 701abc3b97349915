package app.redlamp.core.delivery.process;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * High-pass, low-pass or both, falling by 12 dB an octave, or by 36 where what lies outside has to be gone.
 *
 * @param band what is let through, in Hz; the low bound is the corner of the high-pass. A bound beyond half the sample rate does
 *     nothing
 * @param steep whether by 36 dB an octave
 */
public record BandPass(Limits band, boolean steep) implements Processor {
    /** Q of the three sections of a sixth-order Butterworth response (any filter table, from memory). */
    private static final double[] STEEP = {0.5176, 0.7071, 1.9319};

    /** @throws IllegalArgumentException for a corner that is not above 0 */
    public BandPass {
        if (!(band.low().orElse(1) > 0 && band.high().orElse(1) > 0)) {
            throw new IllegalArgumentException(Faults.say("band-pass.band-both-corners", band));
        }
    }

    @Override
    public String id() {
        return band.high().isPresent() ? "band-pass" : "high-pass";
    }

    @Override
    public int latencyFrames(int sampleRateHz) {
        return 0;
    }

    @Override
    public Run over(AudioSource source) {
        BiquadFilter[][] filters = new BiquadFilter[source.channels()][];
        List<Biquad> sections = sections(source.sampleRateHz());
        Arrays.setAll(filters, c -> sections.stream().map(BiquadFilter::new).toArray(BiquadFilter[]::new));
        return new SampleRun(source) {
            @Override
            double next(int channel, double sample) {
                double x = sample;
                for (BiquadFilter filter : filters[channel]) {
                    x = filter.next(x);
                }
                return x;
            }
        };
    }

    private List<Biquad> sections(int rate) {
        List<Biquad> sections = new ArrayList<>();
        double[] slopes = steep ? STEEP : new double[] {Biquad.BUTTERWORTH_Q};
        for (double q : slopes) {
            band.low().stream().filter(f -> f < rate / 2.0).forEach(f -> sections.add(Biquad.highPass(f, q, rate)));
            band.high().stream().filter(f -> f < rate / 2.0).forEach(f -> sections.add(Biquad.lowPass(f, q, rate)));
        }
        return sections;
    }
}
