package app.redlamp.core.measure.voice;

import java.util.Comparator;
import java.util.List;

/**
 * Something that happens at a place in a recording.
 *
 * @param amount how strong it is, in the unit of its kind; the larger the worse
 */
public record Event(double startS, double endS, double amount) {

    /** How many events are kept of a kind (ours). */
    public static final int MOST_KEPT = 200;

    /**
     * The events of one kind.
     *
     * @param count how many there are
     * @param worst the strongest of them, strongest first, at most {@value #MOST_KEPT}
     */
    public record Tally(int count, List<Event> worst) {
        public static final Tally NONE = new Tally(0, List.of());

        public Tally {
            worst = List.copyOf(worst);
        }

        /** Counts events and keeps the strongest. */
        public static Tally of(List<Event> events) {
            List<Event> worst = events.stream()
                    .sorted(Comparator.comparingDouble(Event::amount).reversed())
                    .limit(MOST_KEPT)
                    .toList();
            return new Tally(events.size(), worst);
        }
    }
}
