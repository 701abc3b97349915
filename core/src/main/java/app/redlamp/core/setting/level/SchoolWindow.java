package app.redlamp.core.setting.level;

import app.redlamp.core.chain.GainSchool;
import java.util.OptionalDouble;

/**
 * Where a school wants the loudest line, all in dBFS. Common practice, no source.
 *
 * @param school which
 * @param lowDbfs peaks lie no lower
 * @param aimDbfs where they are aimed at
 * @param highDbfs and no higher
 * @param averageDbfs highest average of the reading; absent where only peaks count
 */
public record SchoolWindow(
        GainSchool school, double lowDbfs, double aimDbfs, double highDbfs, OptionalDouble averageDbfs) {
    /** A reading may be so far off the average that is wanted. */
    public static final double AVERAGE_WITHIN_DB = 2;

    public static SchoolWindow of(GainSchool school) {
        return switch (school) {
            case MIDDLE -> new SchoolWindow(school, -12, -9, -6, OptionalDouble.empty());
            case HOT -> new SchoolWindow(school, -8, -6, -4.5, OptionalDouble.empty());
            // The average decides; peaks only must not go over.
            case EDITED -> new SchoolWindow(school, -24, -14, -12, OptionalDouble.of(-18));
            case LIVE -> new SchoolWindow(school, -6, -3, -1, OptionalDouble.empty());
            case MIXER -> new SchoolWindow(school, -14, -11, -8, OptionalDouble.of(-18));
        };
    }

    public boolean holds(double peakDbfs) {
        return peakDbfs >= lowDbfs && peakDbfs <= highDbfs;
    }
}
