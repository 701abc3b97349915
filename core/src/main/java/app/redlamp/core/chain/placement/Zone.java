package app.redlamp.core.chain.placement;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What schools say of the distance from mouth to microphone. All of it is common practice, no source. */
public enum Zone {
    /** Very close voice, as some data sets want it. */
    DATA_SET(0.04, 0.06),
    /** Four fingers: dynamic microphones. */
    FINGERS(0.06, 0.09),
    /** Noisy rooms and dynamic microphones. */
    CLOSE(0.10, 0.15),
    /** Narration, the near school. */
    NARRATION(0.13, 0.18),
    /** A spread hand: narration, the far school. */
    HAND(0.15, 0.25),
    /** Further than this nobody should be. */
    TOO_FAR(0.30, Double.POSITIVE_INFINITY);

    private final double fromM;
    private final double toM;

    Zone(double fromM, double toM) {
        this.fromM = fromM;
        this.toM = toM;
    }

    /** Nearest distance in metres. */
    public double fromM() {
        return fromM;
    }

    /** Its far end; without end for the last. */
    public double toM() {
        return toM;
    }

    /** Name in reports, such as {@code too-far}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a distance in metres lies in it. */
    public boolean holds(double distanceM) {
        return distanceM >= fromM - 1e-9 && distanceM <= toM + 1e-9;
    }

    /** The schools that a distance suits. */
    public static List<Zone> at(double distanceM) {
        return Stream.of(values()).filter(z -> z.holds(distanceM)).toList();
    }
}
