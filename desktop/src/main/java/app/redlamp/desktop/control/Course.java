package app.redlamp.desktop.control;

import app.redlamp.core.measure.analysis.Outline;
import java.util.List;

/**
 * What a {@link LongSkyline} shows of a recording.
 *
 * @param outline its level over time
 * @param pauses where nobody speaks, in the order of time
 * @param flags places worth hearing, in the order of time
 */
public record Course(Outline outline, List<Span> pauses, List<Flag> flags) {
    public Course {
        pauses = List.copyOf(pauses);
        flags = List.copyOf(flags);
    }

    /** From one place to another, in seconds. */
    public record Span(double fromS, double toS) {}

    /**
     * A place with its name.
     *
     * @param atS where, in seconds
     * @param name what is there, in a word or two
     */
    public record Flag(double atS, String name) {}
}
