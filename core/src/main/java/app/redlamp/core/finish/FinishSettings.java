package app.redlamp.core.finish;

import app.redlamp.core.analysis.HighPassed;
import java.util.OptionalDouble;

/**
 * One way to finish a recording, in the order of the steps.
 *
 * @param edges what is cut from or added to head and tail
 * @param sampleRateHz sample rate of the result
 * @param channels channels of the result, 1 or 2
 * @param highPassHz corner of the high-pass
 * @param gainDb gain
 * @param ceilingDbtp where the limiter holds true peaks; absent for no limiter
 */
public record FinishSettings(
        EdgePlan edges, int sampleRateHz, int channels, double highPassHz, double gainDb, OptionalDouble ceilingDbtp) {

    /** Only what must be: edges, conversion and high-pass, no gain and no limiter. */
    public static FinishSettings neutral(EdgePlan edges, int sampleRateHz, int channels) {
        return new FinishSettings(edges, sampleRateHz, channels, HighPassed.CORNER_HZ, 0, OptionalDouble.empty());
    }

    public FinishSettings with(double newGainDb, double newCeilingDbtp) {
        return new FinishSettings(
                edges, sampleRateHz, channels, highPassHz, newGainDb, OptionalDouble.of(newCeilingDbtp));
    }
}
