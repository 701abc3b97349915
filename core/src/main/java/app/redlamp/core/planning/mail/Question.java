package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;

/**
 * Something that the client has to be asked.
 *
 * @param asked what it is about
 * @param words words of the mail that it is about; empty where nothing was said
 */
public record Question(Kind kind, Asked asked, String words) {

    /** Why it has to be asked. */
    public enum Kind {
        /** Nothing is said. */
        MISSING,
        /** Two places say different things. */
        CONTRADICTION,
        /** A target without how far from it may be. */
        TOLERANCE,
        /** A level that could be RMS or LUFS. */
        MEASURE,
        /** A level above full scale, where a minus sign is likely to be missing. */
        SIGN,
        /** Words that no measurement can answer. */
        VAGUE,
        /** A format that Red Lamp does not write, or a figure that it cannot hold to. */
        IMPOSSIBLE
    }
}
