package app.redlamp.core.booth;

import java.util.Locale;

/** What may be wrong with a sound device. */
public enum Defect {
    /** After three seconds it is gone. */
    GONE,
    /** Nothing but zeros. */
    ZEROS,
    /** Now and then a sample that is no number. */
    NOT_A_NUMBER,
    /** Says another rate and gives the band of a telephone. */
    NARROW_BAND,
    /** Loses twenty milliseconds, some times a minute. */
    STUTTER,
    /** Its first channel is silent. */
    FIRST_CHANNEL_SILENT,
    /** Cut off at −6 dBFS. */
    CLIPPED_BELOW,
    /** The operating system sets the level. */
    AUTOMATIC_GAIN,
    /** The middle of the wave is not at zero. */
    OFFSET;

    /** Name in files, such as {@code automatic-gain}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
