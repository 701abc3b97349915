package app.redlamp.core.measure.loudness;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Where the waveform was cut off.
 *
 * @param runs at full scale: how many there are
 * @param places the first thousand of them, in the order of time
 * @param flatTopDbfs level at which the waveform was cut off before it was turned down later; absent where it was not
 * @param flatTops the first thousand runs at that level
 */
public record Clipping(int runs, List<Run> places, OptionalDouble flatTopDbfs, List<Run> flatTops) {

    /**
     * Samples in a row at the ceiling.
     *
     * @param startS where they begin, in seconds
     * @param samples how many they are
     * @param channel in which channel, from 0
     */
    public record Run(double startS, int samples, int channel) {}

    public static final Clipping NONE = new Clipping(0, List.of(), OptionalDouble.empty(), List.of());

    public Clipping {
        places = List.copyOf(places);
        flatTops = List.copyOf(flatTops);
    }
}
