package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;

/**
 * How something is said, decided once for the whole script.
 *
 * @param term as it is written
 * @param said how it is said, in the user's own spelling; may be empty where it is left as it is written
 * @param note anything else, such as where it was heard; may be empty
 */
public record Saying(String term, String said, String note) {

    /** @throws IllegalArgumentException without a term */
    public Saying {
        if (term.isBlank()) {
            throw new IllegalArgumentException(Faults.say("saying.pronunciation-needs-word"));
        }
    }
}
