package app.redlamp.core.fault;

/** The sentences of faults of what is computed. */
public final class Faults {
    private static final FaultWords WORDS = new FaultWords("app.redlamp.core.fault.faults");

    private Faults() {}

    /** As {@link FaultWords#say}. */
    public static String say(String key, Object... values) {
        return WORDS.say(key, values);
    }
}
