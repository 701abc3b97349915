package app.redlamp.core.acoustics.diary;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.signal.Quantile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * Events that are so alike that they come from one thing.
 *
 * @param events in the order in which they were heard
 * @param periodS seconds from one beginning to the next; absent where it follows no clock
 */
public record NoiseGroup(List<NoiseEvent> events, OptionalDouble periodS) {
    /** Events whose octaves differ by more, as a mean over those that count, are not the same thing (ours). */
    private static final double ALIKE_DB = 5;

    /** Noises of one source differ by less (ours). */
    private static final double SAME_LEVEL_DB = 6;

    /** And in length by less than this factor (ours). */
    private static final double SAME_LENGTH = 2.2;

    /** Comes again after the same time within a fifth (ours). */
    private static final double REGULAR = 0.2;

    /** In so many of its times (ours). */
    private static final double REGULAR_SHARE = 0.6;

    /** Over the floor, in dB: louder ones wake a microphone (ours). */
    private static final double COUNTS_DB = 25;

    public NoiseGroup {
        events = List.copyOf(events);
    }

    /** Groups, the one that takes most time and level first. */
    static List<NoiseGroup> of(List<NoiseEvent> events) {
        List<List<NoiseEvent>> groups = new ArrayList<>();
        for (NoiseEvent event : events) {
            List<NoiseEvent> best = null;
            double nearest = ALIKE_DB;
            for (List<NoiseEvent> group : groups) {
                double distance = distance(group.get(0), event);
                if (distance < nearest) {
                    nearest = distance;
                    best = group;
                }
            }
            if (best == null) {
                best = new ArrayList<>();
                groups.add(best);
            }
            best.add(event);
        }
        return groups.stream()
                .map(g -> new NoiseGroup(g, period(g)))
                .sorted(Comparator.comparingDouble(g -> -g.weight()))
                .toList();
    }

    private double weight() {
        double sum = 0;
        for (NoiseEvent e : events) {
            sum += Math.max(1, e.lengthS()) * e.riseDb();
        }
        return sum;
    }

    private static double distance(NoiseEvent a, NoiseEvent b) {
        double lengths = Math.max(a.lengthS(), b.lengthS()) / Math.max(0.1, Math.min(a.lengthS(), b.lengthS()));
        boolean apart = a.kind() != b.kind()
                || Math.abs(a.levelDb() - b.levelDb()) > SAME_LEVEL_DB
                || (lengths > SAME_LENGTH && a.kind() != NoiseEvent.Kind.CLICK);
        if (apart) {
            return Double.POSITIVE_INFINITY;
        }
        double topA = top(a);
        double topB = top(b);
        double sum = 0;
        int count = 0;
        for (int band = 0; band < OctaveLevels.COUNT; band++) {
            double inA = Math.max(-COUNTS_DB, a.octaves().at(band) - topA);
            double inB = Math.max(-COUNTS_DB, b.octaves().at(band) - topB);
            if (inA > -COUNTS_DB || inB > -COUNTS_DB) {
                sum += Math.abs(inA - inB);
                count++;
            }
        }
        return sum / Math.max(1, count);
    }

    private static double top(NoiseEvent event) {
        double top = Double.NEGATIVE_INFINITY;
        for (int band = 0; band < OctaveLevels.COUNT; band++) {
            top = Math.max(top, event.octaves().at(band));
        }
        return top;
    }

    private static OptionalDouble period(List<NoiseEvent> events) {
        if (events.size() < 3) {
            return OptionalDouble.empty();
        }
        List<Double> steps = new ArrayList<>();
        for (int i = 1; i < events.size(); i++) {
            steps.add(events.get(i).startS() - events.get(i - 1).startS());
        }
        double middle = Quantile.median(steps);
        long regular = steps.stream()
                .filter(s -> Math.abs(s - middle) <= REGULAR * middle)
                .count();
        return regular >= REGULAR_SHARE * steps.size() ? OptionalDouble.of(middle) : OptionalDouble.empty();
    }

    /** What its events are; they are all of one kind. */
    public NoiseEvent.Kind kind() {
        return events.get(0).kind();
    }

    /** How long it lasts as a rule: the median in seconds. */
    public double lengthS() {
        return median(NoiseEvent::lengthS);
    }

    /** How far it lies over the quiet as a rule, A-weighted: the median in dB. */
    public double overDb() {
        return median(NoiseEvent::overDb);
    }

    /** How far it rises as a rule, A-weighted or in its lowest octaves: the median in dB. */
    public double riseDb() {
        return median(NoiseEvent::riseDb);
    }

    private double median(ToDoubleFunction<NoiseEvent> figure) {
        return Quantile.median(events.stream().mapToDouble(figure).toArray());
    }
}
