package app.redlamp.core.verdict;

import java.util.Locale;

/** What a problem costs further down the job, if it stays. */
public enum Cost {
    /** Nothing can be recorded. */
    NO_RECORDING,
    /** What is cut off cannot be put back. */
    CLIPPED,
    /** Noise that comes up with the voice when it is finished. */
    NOISE,
    /** A room that no step takes out again. */
    ROOM_IN_VOICE,
    /** Something that is heard in every take. */
    HEARD,
    /** Work that is done twice. */
    RETAKES,
    /** A deadline that is missed. */
    LATE,
    /** A disk that fills up while somebody reads. */
    NO_ROOM_ON_DISK,
    /** A delivery that comes back. */
    REFUSED,
    /** Nobody knows yet. */
    NOT_KNOWN,
    /** Hardly anything. */
    LITTLE;

    /** Name in reports, such as {@code no-recording}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
