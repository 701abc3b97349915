package app.redlamp.core.chain;

import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Where the loudest line of a job is put when the gain is set: the one table that prediction and measurement go by. All levels
 * in dBFS; common practice, no source.
 */
public enum GainSchool {
    /** Peaks of the loudest line between −12 and −6 dBFS, aimed at −9. */
    MIDDLE(-12, -9, -6, OptionalDouble.empty()),
    /** Peaks around −6 dBFS: little room for the excited line. */
    HOT(-8, -6, -4.5, OptionalDouble.empty()),
    /** Average around −18 dBFS with peaks under −12: for what is edited later. The average decides; peaks must not go over. */
    EDITED(-24, -14, -12, OptionalDouble.of(-18)),
    /** Close to full scale behind a limiter: only for what goes out live. */
    LIVE(-6, -3, -1, OptionalDouble.empty()),
    /** An analogue mixer: faders at unity, trim until normal speech sits at 0 VU, which is about −18 dBFS. */
    MIXER(-14, -11, -8, OptionalDouble.of(-18));

    /** An average may be so far off the one that is wanted, in dB (common practice, no source). */
    public static final double AVERAGE_WITHIN_DB = 2;

    /** Less is not worth a turn: nobody sets a knob more finely, in dB (ours). */
    public static final double WORTH_DB = 0.5;

    private final double lowDbfs;
    private final double aimDbfs;
    private final double highDbfs;
    private final OptionalDouble averageDbfs;

    GainSchool(double lowDbfs, double aimDbfs, double highDbfs, OptionalDouble averageDbfs) {
        this.lowDbfs = lowDbfs;
        this.aimDbfs = aimDbfs;
        this.highDbfs = highDbfs;
        this.averageDbfs = averageDbfs;
    }

    /** Name in files, such as {@code middle}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Peaks of the loudest line lie no lower. */
    public double lowDbfs() {
        return lowDbfs;
    }

    /** Where they are aimed at. */
    public double aimDbfs() {
        return aimDbfs;
    }

    /** And no higher. */
    public double highDbfs() {
        return highDbfs;
    }

    /** Average of the reading that is wanted; absent where only peaks count. */
    public OptionalDouble averageDbfs() {
        return averageDbfs;
    }

    /**
     * By how much the gain should change, in dB; up is positive.
     *
     * @param peakDbfs peaks of the loudest line as they are
     * @param readingDbfs average of the reading as it is; absent where nobody knows it
     */
    public double changeDb(double peakDbfs, OptionalDouble readingDbfs) {
        if (averageDbfs.isEmpty() || readingDbfs.isEmpty()) {
            return aimDbfs - peakDbfs;
        }
        double byAverage = averageDbfs.getAsDouble() - readingDbfs.getAsDouble();
        return Math.min(byAverage, highDbfs - peakDbfs - WORTH_DB);
    }

    /** Whether the gain stands where it is wanted, for the same figures. */
    public boolean fits(double peakDbfs, OptionalDouble readingDbfs) {
        double change = changeDb(peakDbfs, readingDbfs);
        return Math.abs(change) < WORTH_DB || (holds(peakDbfs) && averageFits(readingDbfs, change));
    }

    private boolean holds(double peakDbfs) {
        return peakDbfs >= lowDbfs && peakDbfs <= highDbfs;
    }

    private boolean averageFits(OptionalDouble readingDbfs, double change) {
        if (averageDbfs.isEmpty() || readingDbfs.isEmpty()) {
            return true;
        }
        double off = readingDbfs.getAsDouble() - averageDbfs.getAsDouble();
        // Lower than the average that is wanted it may be where the peaks do not let it up.
        return off <= AVERAGE_WITHIN_DB && (off >= -AVERAGE_WITHIN_DB || change < AVERAGE_WITHIN_DB);
    }
}
