package app.redlamp.core.booth;

import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.fault.Faults;
import java.util.Optional;

/**
 * A part of what is performed in a booth. Whoever is not named sits still.
 *
 * @param stand who, from 0
 * @param cue what
 * @param effort how loud; absent for as loud as that voice does it
 * @param seconds how long, above 0, a day at most
 */
public record Act(int stand, Cue cue, Optional<VocalEffort> effort, double seconds) {
    /** A day (ours). */
    private static final double LONGEST_S = 86_400;

    /** @throws IllegalArgumentException out of range */
    public Act {
        if (!(stand >= 0 && seconds > 0 && seconds <= LONGEST_S)) {
            throw new IllegalArgumentException(Faults.say("act.voice-for-must", stand + 1, seconds));
        }
    }
}
