package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What else is asked of the sound.
 *
 * @param clippedRuns how many clipped runs are let pass
 * @param shortTermLufs highest short-term loudness
 * @param rangeLu widest loudness range; advice
 * @param clarityDb least clarity of the voice in its room, as {@link app.redlamp.core.measure.room.Clarity} has it, that still
 *     counts as dry
 * @param bandHz band that the voice must keep to
 * @param unprocessed whether the client wants it as it was recorded: no filter, no limiter, nothing cut
 */
public record SoundLimits(
        int clippedRuns,
        OptionalDouble shortTermLufs,
        OptionalDouble rangeLu,
        OptionalDouble clarityDb,
        Optional<Limits> bandHz,
        boolean unprocessed) {

    /** No clipped run, and nothing else asked. */
    public static final SoundLimits PLAIN = new SoundLimits(
            0, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(), false);

    /** @throws IllegalArgumentException for fewer than no runs, or a band that is open or upside down */
    public SoundLimits {
        boolean band = bandHz.isEmpty()
                || (bandHz.get().low().orElse(0) > 0
                        && bandHz.get().high().orElse(0) > bandHz.get().low().orElse(0));
        if (!(clippedRuns >= 0 && band)) {
            throw new IllegalArgumentException(Faults.say("sound-limits.clipped-runs-band", clippedRuns, bandHz));
        }
    }
}
