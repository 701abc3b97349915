package app.redlamp.core.acoustics.decay;

import app.redlamp.core.acoustics.room.SixBands;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * What a clap told of a room.
 *
 * @param burst which one it was
 * @param bands decay in each octave of {@link SixBands}; those above half the sample rate have none
 * @param flutter a rattle between two surfaces
 * @param echoes early reflections in the order in which they come
 */
public record Clap(Burst burst, List<BandDecay> bands, Optional<Flutter> flutter, List<EarlyEcho> echoes) {

    public Clap {
        bands = List.copyOf(bands);
        echoes = List.copyOf(echoes);
    }

    /** Decay time at 500 Hz in seconds, or in the nearest band that has one. */
    public OptionalDouble middleS() {
        for (int away : new int[] {0, 1, -1, 2, -2, 3}) {
            OptionalDouble one = bands.get(SixBands.MIDDLE + away).seconds();
            if (one.isPresent()) {
                return one;
            }
        }
        return OptionalDouble.empty();
    }

    /** Whether the room falls in two slopes: two octaves beside each other do. */
    public boolean twoSlopes() {
        return IntStream.range(1, bands.size())
                .anyMatch(b -> bands.get(b - 1).twoSlopes() && bands.get(b).twoSlopes());
    }
}
