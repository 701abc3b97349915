package app.redlamp.core.setting.marks;

import app.redlamp.core.fault.Faults;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * Level over the marks of a control, as far as it was heard: through the points, and never falling. Where a later point is softer, both
 * are taken as equal, since nobody says a line twice alike. Interpolation: monotone piecewise cubic with slopes after F. N. Fritsch and
 * J. Butland, SIAM J. Sci. Stat. Comput. 5 (1984), pages 300 to 304; from memory.
 */
public final class MarkCurve {
    /** Fewer say nothing of how it bends (ours). */
    public static final int FEWEST = 3;

    /** A line that comes out softer by more was said otherwise, or something else was turned (ours). */
    private static final double FALLS_DB = 4;

    private final double[] marks;
    private final double[] levels;
    private final double[] slopes;
    private final boolean falls;

    private MarkCurve(double[] marks, double[] levels, boolean falls) {
        this.marks = marks;
        this.levels = levels;
        this.falls = falls;
        slopes = slopes();
    }

    /**
     * @param levels in dB, by the mark at which they were heard
     * @return absent for fewer than {@link #FEWEST} marks
     * @throws IllegalArgumentException for a mark or a level that is not finite
     */
    public static Optional<MarkCurve> through(Map<Double, Double> levels) {
        if (levels.entrySet().stream().anyMatch(e -> !Double.isFinite(e.getKey()) || !Double.isFinite(e.getValue()))) {
            throw new IllegalArgumentException(Faults.say("mark-curve.not-finite"));
        }
        if (levels.size() < FEWEST) {
            return Optional.empty();
        }
        TreeMap<Double, Double> sorted = new TreeMap<>(levels);
        double[] marks = sorted.keySet().stream().mapToDouble(m -> m).toArray();
        double[] heard = sorted.values().stream().mapToDouble(l -> l).toArray();
        boolean falls = false;
        for (int i = 1; i < heard.length; i++) {
            falls |= heard[i] < heard[i - 1] - FALLS_DB;
        }
        return Optional.of(new MarkCurve(marks, rising(heard), falls));
    }

    /** The nearest levels that never fall: neighbours that do are pooled (pool adjacent violators; common practice in statistics). */
    private static double[] rising(double[] heard) {
        double[] means = new double[heard.length];
        int[] counts = new int[heard.length];
        int pools = 0;
        for (double level : heard) {
            means[pools] = level;
            counts[pools++] = 1;
            while (pools > 1 && means[pools - 2] > means[pools - 1]) {
                int count = counts[pools - 2] + counts[pools - 1];
                means[pools - 2] =
                        (means[pools - 2] * counts[pools - 2] + means[pools - 1] * counts[pools - 1]) / count;
                counts[pools - 2] = count;
                pools--;
            }
        }
        double[] all = new double[heard.length];
        int at = 0;
        for (int p = 0; p < pools; p++) {
            for (int i = 0; i < counts[p]; i++) {
                all[at++] = means[p];
            }
        }
        return all;
    }

    private double[] slopes() {
        double[] all = new double[marks.length];
        for (int i = 1; i < all.length - 1; i++) {
            double before = slope(i - 1);
            double after = slope(i);
            double share = (1 + (marks[i + 1] - marks[i]) / (marks[i + 1] - marks[i - 1])) / 3;
            all[i] = before * after <= 0 ? 0 : before * after / (share * after + (1 - share) * before);
        }
        all[0] = end(slope(0), all[1]);
        all[all.length - 1] = end(slope(all.length - 2), all[all.length - 2]);
        return all;
    }

    /** At an end it bends on as it does beside it, as far as that keeps it from falling. */
    private static double end(double chord, double inner) {
        return Math.max(0, Math.min(3 * chord, 2 * chord - inner));
    }

    private double slope(int i) {
        return (levels[i + 1] - levels[i]) / (marks[i + 1] - marks[i]);
    }

    /** The lowest mark at which something was heard. */
    public double lowest() {
        return marks[0];
    }

    /** And the highest. */
    public double highest() {
        return marks[marks.length - 1];
    }

    /** Level at the highest mark, in dB. */
    public double mostDb() {
        return levels[levels.length - 1];
    }

    /** Level at the lowest mark, in dB. */
    public double leastDb() {
        return levels[0];
    }

    /** Whether a line came out plainly softer at a higher mark: what was learnt contradicts itself. */
    public boolean falls() {
        return falls;
    }

    /** Whether something was heard at a mark or on both sides of it. */
    public boolean knows(double mark) {
        return mark >= lowest() && mark <= highest();
    }

    /** Level at a mark in dB; beyond its ends that of the end. */
    public double dbAt(double mark) {
        double within = Math.max(lowest(), Math.min(highest(), mark));
        int i = 0;
        while (i < marks.length - 2 && within > marks[i + 1]) {
            i++;
        }
        double width = marks[i + 1] - marks[i];
        double t = (within - marks[i]) / width;
        double u = 1 - t;
        return levels[i] * u * u * (1 + 2 * t)
                + levels[i + 1] * t * t * (3 - 2 * t)
                + width * t * u * (slopes[i] * u - slopes[i + 1] * t);
    }

    /** The lowest mark with a level; absent where that is beyond its ends. */
    public OptionalDouble markAt(double db) {
        if (db < leastDb() || db > mostDb()) {
            return OptionalDouble.empty();
        }
        double low = lowest();
        double high = highest();
        for (int i = 0; i < Double.SIZE; i++) {
            double middle = (low + high) / 2;
            if (dbAt(middle) < db) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of(high);
    }
}
