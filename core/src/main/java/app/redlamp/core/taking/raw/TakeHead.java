package app.redlamp.core.taking.raw;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.plan.TakeFinder;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * What is known of a take before its first sample.
 *
 * @param name of its file, with ending and without folders
 * @param piece title of the chapter or cue; empty where that is not known
 * @param begun when it began, as the clock had it
 * @param format how it is written
 * @param card id of the gain card that it is recorded with; absent for none
 * @param input what it is recorded from
 * @param simulated whether that is the simulated booth
 */
public record TakeHead(
        String name,
        String piece,
        LocalDateTime begun,
        RecordingFormat format,
        Optional<String> card,
        String input,
        boolean simulated) {

    /** @throws IllegalArgumentException for a name that is none */
    public TakeHead {
        if (name.isBlank() || name.startsWith(".") || name.contains("/") || name.contains("\\")) {
            throw new IllegalArgumentException(Faults.say("take-head.is-no-name", name));
        }
    }

    /** Its place in the production's folder. */
    public String file() {
        return TakeFinder.RAW + "/" + name;
    }

    /** The same in a file of another name. */
    public TakeHead called(String other) {
        return new TakeHead(other, piece, begun, format, card, input, simulated);
    }

    /** The same begun at another moment. */
    public TakeHead begun(LocalDateTime moment) {
        return new TakeHead(name, piece, moment, format, card, input, simulated);
    }
}
