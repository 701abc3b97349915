package app.redlamp.core.acoustics.diary;

import java.util.ArrayList;
import java.util.List;

/**
 * What a long recording tells of the noise in a room.
 *
 * @param durationS seconds
 * @param quietDb A-weighted level in dBFS that a tenth of the time does not go over
 * @param levelsDb A-weighted mean level in dBFS of each step: a minute, or less where it is shorter than eight hours
 * @param loudestDb and the loudest fifth of a second in each
 * @param events everything that rises out of the quiet, in its order
 * @param groups events that come from one thing
 * @param leftOut how many short events are not listed because there are too many
 */
public record Diary(
        double durationS,
        double quietDb,
        List<Double> levelsDb,
        List<Double> loudestDb,
        List<NoiseEvent> events,
        List<NoiseGroup> groups,
        int leftOut) {

    public Diary {
        levelsDb = List.copyOf(levelsDb);
        loudestDb = List.copyOf(loudestDb);
        events = List.copyOf(events);
        groups = List.copyOf(groups);
    }

    /**
     * A stretch in which nothing rises out of the quiet.
     *
     * @param startS seconds from the beginning
     */
    public record Quiet(double startS, double endS) {
        /** From its first to its last frame, in seconds. */
        public double lengthS() {
            return endS - startS;
        }
    }

    /** Stretches of quiet that are no shorter than so much, in their order. */
    public List<Quiet> quiet(double leastS) {
        List<Quiet> all = new ArrayList<>();
        double to = 0;
        for (NoiseEvent event : events) {
            if (event.startS() - to >= leastS) {
                all.add(new Quiet(to, event.startS()));
            }
            to = Math.max(to, event.endS());
        }
        if (durationS - to >= leastS) {
            all.add(new Quiet(to, durationS));
        }
        return all;
    }

    /** Share of the time in which something is heard, 0 to 1. */
    public double disturbed() {
        double to = 0;
        double sum = 0;
        for (NoiseEvent event : events) {
            double from = Math.max(to, event.startS());
            sum += Math.max(0, event.endS() - from);
            to = Math.max(to, event.endS());
        }
        return Math.min(1, sum / durationS);
    }
}
