package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;

/** Something that belongs to a kit. All that ships is generic, with invented names. */
public sealed interface Gear permits Microphone, AudioInterface, BoosterPart, Cable, Extra {
    int LONGEST_NAME = 80;

    String id();

    String name();

    Price price();

    /** Its name up to the first comma: what stands behind explains it. */
    default String shortName() {
        int comma = name().indexOf(',');
        return comma > 0 ? name().substring(0, comma) : name();
    }

    /** What is worth knowing of it, one sentence; empty for nothing. */
    String note();

    /** @throws IllegalArgumentException without an id or a name, or for a name of more than 80 characters */
    static void check(String id, String name) {
        if (id.isBlank() || name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(Faults.say("gear.part-needs-id", id, name, LONGEST_NAME));
        }
    }
}
