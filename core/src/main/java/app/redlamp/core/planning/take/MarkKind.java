package app.redlamp.core.planning.take;

import java.util.Locale;

/** What a place in a take is marked as; files may hold others. */
public enum MarkKind {
    /** Frames that the microphone gave and nobody has. */
    LOST,
    /** Something else than the reader ended the take here. */
    CUT_OFF,
    /** A stretch that was recorded anew: the recording stepped back to where it begins, and went on where it ends. */
    PUNCH_IN,
    /** A stumble: the sentence is read again after it. */
    AGAIN,
    /** It was read well. */
    GOOD,
    /** A noise from outside. */
    NOISE,
    /** How a word is said has to be asked. */
    PRONUNCIATION,
    /** Something to remember. */
    NOTE,
    /** A click of the mouth. */
    CLICK,
    /** A page was turned. */
    PAGE,
    /** Samples reached full scale. */
    CLIPPED,
    /** The voice was louder than the gain card says. */
    LOUD,
    /** The voice was softer than the gain card says. */
    QUIET,
    /** The room came up. */
    ROOM,
    /** A burst of breath hit the microphone. */
    PLOSIVE,
    /** A wrong channel, or two that do not belong together. */
    CHANNEL;

    /** Name in files, such as {@code cut-off}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
