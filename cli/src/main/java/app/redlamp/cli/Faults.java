package app.redlamp.cli;

import app.redlamp.core.fault.FaultWords;

/** The sentences of faults of the command line. */
final class Faults {
    private static final FaultWords WORDS = new FaultWords("app.redlamp.cli.faults");

    private Faults() {}

    /** As {@link FaultWords#say}. */
    static String say(String key, Object... values) {
        return WORDS.say(key, values);
    }
}
