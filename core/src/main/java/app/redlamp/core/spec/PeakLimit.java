package app.redlamp.core.spec;

import app.redlamp.core.analysis.Report;
import java.util.OptionalDouble;

/**
 * Which peak a client measures and the highest it may be.
 *
 * @param highest in dBFS or dBTP, at most 0
 */
public record PeakLimit(Measure measure, double highest) {

    /** How peaks are measured. */
    public enum Measure {
        SAMPLE("dBFS"),
        TRUE("dBTP");

        private final String unit;

        Measure(String unit) {
            this.unit = unit;
        }

        public String unit() {
            return unit;
        }
    }

    /** @throws IllegalArgumentException unless the limit is at most 0 */
    public PeakLimit {
        if (!(highest <= 0)) {
            throw new IllegalArgumentException("peak limit " + highest + ": must be at most 0");
        }
    }

    public OptionalDouble of(Report report) {
        return measure == Measure.SAMPLE ? report.samplePeakDbfs() : report.truePeakDbtp();
    }
}
