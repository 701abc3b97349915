package app.redlamp.core.taking.live;

import app.redlamp.core.planning.take.MarkKind;
import java.util.Locale;
import java.util.Optional;

/** What the reader has to know while reading, the gravest first. */
public enum TakeTrouble {
    /** The disk or the device does not take or give what it should. */
    MACHINE(Optional.empty()),
    /** Samples reached full scale; stays until it was seen. */
    CLIPPED(Optional.of(MarkKind.CLIPPED)),
    /** The room is louder than it was; the figure is by how many dB. */
    ROOM(Optional.of(MarkKind.ROOM)),
    /** The voice is louder than the gain card says; the figure is by how many dB. */
    LOUD(Optional.of(MarkKind.LOUD)),
    /** The voice is softer than the gain card says; the figure is by how many dB. */
    QUIET(Optional.of(MarkKind.QUIET)),
    /** A burst of breath hit the microphone. */
    PLOSIVE(Optional.of(MarkKind.PLOSIVE)),
    /** Two channels where one voice belongs, or nothing on one of them. */
    CHANNEL(Optional.of(MarkKind.CHANNEL)),
    /** Voice and air need a break; the figure is the minutes since the last one. */
    BREAK(Optional.empty());

    private final Optional<MarkKind> mark;

    TakeTrouble(Optional<MarkKind> mark) {
        this.mark = mark;
    }

    /** How it is marked in the take; absent where that is not of the sound. */
    public Optional<MarkKind> mark() {
        return mark;
    }

    /** Name in bundles, such as {@code room}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
