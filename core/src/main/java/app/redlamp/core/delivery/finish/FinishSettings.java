package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.process.BandPass;
import app.redlamp.core.delivery.process.Gain;
import app.redlamp.core.delivery.process.Limiter;
import app.redlamp.core.delivery.process.Processor;
import app.redlamp.core.delivery.process.ProcessorChain;
import app.redlamp.core.delivery.spec.SoundLimits;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.HighPassed;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One way to finish a recording, in the order of the steps.
 *
 * @param edges what is cut from or added to head and tail
 * @param sampleRateHz sample rate of the result
 * @param mix which channels of the recording become those of the result
 * @param band what is let through; the low bound is the corner of the high-pass
 * @param steep whether what lies outside falls by 36 dB an octave, as for the two bounds of a client's band
 * @param gainDb gain
 * @param ceilingDbtp where the limiter holds true peaks; absent for no limiter
 */
public record FinishSettings(
        EdgePlan edges,
        int sampleRateHz,
        ChannelMix mix,
        Limits band,
        boolean steep,
        double gainDb,
        OptionalDouble ceilingDbtp) {

    /** Only what must be: edges, conversion and band, no gain and no limiter. */
    public static FinishSettings neutral(Specification specification, Report recording, ChannelMix mix) {
        SoundLimits sound = specification.sound();
        Limits open = new Limits(OptionalDouble.empty(), OptionalDouble.empty());
        return new FinishSettings(
                sound.unprocessed() ? EdgePlan.NONE : EdgePlan.of(specification, recording),
                specification.format().sampleRateHz(),
                mix,
                sound.unprocessed() ? open : sound.bandHz().orElse(Limits.atLeast(HighPassed.CORNER_HZ)),
                !sound.unprocessed() && sound.bandHz().isPresent(),
                0,
                OptionalDouble.empty());
    }

    /** The steeper high-pass that would be allowed; absent where the client wants nothing done, or a band of the client's own. */
    static Optional<HighPassed.Steeper> steeper(Specification specification, Report recording) {
        SoundLimits sound = specification.sound();
        return sound.unprocessed() || sound.bandHz().isPresent()
                ? Optional.empty()
                : recording.highPassed().steeper();
    }

    /** The same behind a steeper high-pass. */
    FinishSettings behind(HighPassed.Steeper highPass) {
        return new FinishSettings(
                edges, sampleRateHz, mix, Limits.atLeast(highPass.cornerHz()), true, gainDb, ceilingDbtp);
    }

    /** Corner of a high-pass that had to be steeper than usual; absent where it had not. */
    public OptionalDouble steepHz() {
        return steep && band.high().isEmpty() ? band.low() : OptionalDouble.empty();
    }

    /** The steps that change the sound, in their order; edges, channels and sample rate come before them. */
    public ProcessorChain steps() {
        List<Processor> steps = new ArrayList<>();
        if (band.low().isPresent() || band.high().isPresent()) {
            steps.add(new BandPass(band, steep));
        }
        steps.add(new Gain(gainDb));
        ceilingDbtp.ifPresent(c -> steps.add(new Limiter(c)));
        return new ProcessorChain(steps);
    }

    /** Channels of the result, 1 or 2. */
    public int channels() {
        return mix.channels();
    }

    /** Whether nothing is made louder or held back: what all the rest follows from. */
    public boolean isNeutral() {
        return gainDb == 0 && ceilingDbtp.isEmpty();
    }

    /** The same with another gain and a limiter. */
    public FinishSettings with(double newGainDb, OptionalDouble newCeilingDbtp) {
        return new FinishSettings(edges, sampleRateHz, mix, band, steep, newGainDb, newCeilingDbtp);
    }
}
