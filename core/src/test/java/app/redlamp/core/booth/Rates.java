package app.redlamp.core.booth;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.voice.Event;
import java.util.List;

/**
 * What a detector found of what a simulated reader did.
 *
 * @param labelled how often it was done
 * @param hits how many of these were found
 * @param falseAlarms found where nothing was done
 * @param seconds how long it was listened to
 */
public record Rates(int labelled, int hits, int falseAlarms, double seconds) {
    private static final double NEAR_S = 0.12;

    /** A recording and the truth about it. */
    public record Heard(Report report, List<BoothEvent> events) {}

    public static Rates of(Heard heard, BoothEvent.Kind kind, Event.Tally tally) {
        List<BoothEvent> labelled =
                heard.events().stream().filter(e -> e.kind() == kind).toList();
        List<Event> found = tally.worst();
        int hits = (int) labelled.stream()
                .filter(l -> found.stream().anyMatch(f -> near(l, f)))
                .count();
        int wrong = (int) found.stream()
                .filter(f -> labelled.stream().noneMatch(l -> near(l, f)))
                .count();
        return new Rates(labelled.size(), hits, wrong, heard.report().info().durationS());
    }

    private static boolean near(BoothEvent label, Event found) {
        return found.endS() > label.startS() - NEAR_S && found.startS() < label.endS() + NEAR_S;
    }

    public double hitRate() {
        return (double) hits / labelled;
    }

    public double falseAMinute() {
        return falseAlarms * 60.0 / seconds;
    }
}
