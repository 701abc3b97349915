package app.redlamp.media.fault;

import app.redlamp.core.fault.FaultWords;

/** The sentences of faults of files, codecs and devices. */
public final class Faults {
    private static final FaultWords WORDS = new FaultWords("app.redlamp.media.fault.faults");

    private Faults() {}

    /** As {@link FaultWords#say}. */
    public static String say(String key, Object... values) {
        return WORDS.say(key, values);
    }
}
