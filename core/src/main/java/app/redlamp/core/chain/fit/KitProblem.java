package app.redlamp.core.chain.fit;

import java.util.Locale;
import java.util.Optional;

/**
 * What can be wrong with a kit for a job.
 *
 * @param kind what it is
 * @param seat number of the voice, from 0; −1 for all of them
 * @param miss what does not go together, with its remedy; always there for {@link Kind#MISS}, and for others where there is one
 */
public record KitProblem(Kind kind, int seat, Optional<Miss> miss) {

    /** What it is, in the order in which it is to be mended. */
    public enum Kind {
        /** Something does not go together. */
        MISS,
        /** The loudest line is cut off wherever the knob stands. */
        CLIPS,
        /** The noise will be too loud in the file. */
        SIGNAL_TO_NOISE,
        /** The knob ends before it is loud enough. */
        GAIN_SHORT,
        /** The knob does not stand where it should. */
        GAIN,
        /** The room is heard. */
        CLARITY;

        /** Name in reports, such as {@code signal-to-noise}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
