package app.redlamp.core.booth;

import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import java.util.Locale;

/** What a reader is asked to do. */
public enum Cue {
    /** Sits still. */
    STILL,
    /** Reads on as most of the job is read. */
    READ,
    /** Speaks the loudest line of the job. */
    LOUDEST,
    /** The loudest line once more, carried away. */
    EXCITED;

    /** People get so much louder than they meant to when they get going (common practice, no source). */
    public static final double CARRIED_AWAY_DB = 4;

    /** Name in files, such as {@code loudest}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** How loud a voice does it. */
    VocalEffort effort(Voice voice) {
        return this == READ || this == STILL ? voice.reading() : voice.loudest();
    }

    /** By how much it is louder than its effort, in dB. */
    double moreDb() {
        return this == EXCITED ? CARRIED_AWAY_DB : 0;
    }
}
