package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was measured of a room with a clap.
 *
 * @param name of the recording
 * @param seconds decay in each band; absent where it cannot be trusted
 * @param twoSlopes whether it falls in two slopes
 * @param flutter a rattle between two surfaces
 * @param echoes early reflections
 */
public record MeasuredDecay(
        String name,
        List<OptionalDouble> seconds,
        boolean twoSlopes,
        Optional<Flutter> flutter,
        List<EarlyEcho> echoes) {

    /** @throws IllegalArgumentException unless there is one figure, or none, for each band */
    public MeasuredDecay {
        seconds = List.copyOf(seconds);
        echoes = List.copyOf(echoes);
        if (seconds.size() != SixBands.COUNT || !seconds.stream().allMatch(s -> s.orElse(1) > 0 && s.orElse(1) < 60)) {
            throw new IllegalArgumentException(Faults.say("measured-decay.measured-decay-needs", seconds));
        }
    }

    /** What of a clap is kept with a place. */
    public static MeasuredDecay of(String name, Clap clap) {
        return new MeasuredDecay(
                name,
                clap.bands().stream()
                        .map(b -> b.trust() == BandDecay.Trust.NONE ? OptionalDouble.empty() : b.seconds())
                        .toList(),
                clap.twoSlopes(),
                clap.flutter(),
                clap.echoes());
    }
}
