package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/**
 * Which peak a client measures and the window it must lie in.
 *
 * @param lowest in dBFS or dBTP; absent where peaks may be as low as they like
 * @param highest in dBFS or dBTP, at most 0
 */
public record PeakLimit(Measure measure, OptionalDouble lowest, double highest) {

    /** How peaks are measured. */
    public enum Measure {
        SAMPLE("dBFS"),
        TRUE("dBTP");

        private final String unit;

        Measure(String unit) {
            this.unit = unit;
        }

        /** Unit of its limit: dBFS or dBTP. */
        public String unit() {
            return unit;
        }
    }

    /** Only a highest. */
    public PeakLimit(Measure measure, double highest) {
        this(measure, OptionalDouble.empty(), highest);
    }

    /** @throws IllegalArgumentException unless the limit is at most 0 and the lowest below it */
    public PeakLimit {
        if (!(highest <= 0 && lowest.orElse(Double.NEGATIVE_INFINITY) < highest)) {
            throw new IllegalArgumentException(
                    lowest.isPresent()
                            ? Faults.say("peak-limit.range", lowest.getAsDouble(), highest)
                            : Faults.say("peak-limit.highest", highest));
        }
    }

    /** What a recording has of it; absent for silence. */
    public OptionalDouble of(Report report) {
        return measure == Measure.SAMPLE ? report.samplePeakDbfs() : report.truePeakDbtp();
    }

    /** The same as a window. */
    public Limits limits() {
        return new Limits(lowest, OptionalDouble.of(highest));
    }
}
