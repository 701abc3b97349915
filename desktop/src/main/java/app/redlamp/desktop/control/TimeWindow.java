package app.redlamp.desktop.control;

/**
 * The part of a recording that is in view. It never leaves the recording, and is never shorter than {@value #SHORTEST_S}
 * s unless the recording is.
 *
 * @param totalS length of the recording in seconds
 * @param fromS where the part begins
 * @param lengthS how long it is
 */
record TimeWindow(double totalS, double fromS, double lengthS) {
    private static final double SHORTEST_S = 2;
    private static final double[] STEPS_S = {
        0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 14_400, 36_000
    };

    TimeWindow {
        lengthS = Math.min(totalS, Math.max(SHORTEST_S, lengthS));
        fromS = Math.max(0, Math.min(totalS - lengthS, fromS));
    }

    /** All of a recording. */
    static TimeWindow whole(double totalS) {
        return new TimeWindow(totalS, 0, totalS);
    }

    double toS() {
        return fromS + lengthS;
    }

    boolean isWhole() {
        return lengthS >= totalS;
    }

    /** As long as this one times a factor, with a place staying where it is in view. */
    TimeWindow zoomed(double factor, double aroundS) {
        double length = Math.min(totalS, Math.max(SHORTEST_S, lengthS * factor));
        double share = lengthS > 0 ? (aroundS - fromS) / lengthS : 0;
        return new TimeWindow(totalS, aroundS - share * length, length);
    }

    /** Moved by a share of its own length; forward where positive. */
    TimeWindow moved(double share) {
        return new TimeWindow(totalS, fromS + share * lengthS, lengthS);
    }

    /** Moved so that a place lies in its middle. */
    TimeWindow centredOn(double atS) {
        return new TimeWindow(totalS, atS - lengthS / 2, lengthS);
    }

    boolean holds(double atS) {
        return atS >= fromS && atS <= toS();
    }

    /** Where a place lies in view as a share of the width: 0 at the left, 1 at the right, beyond where it is not in view. */
    double shareOf(double atS) {
        return lengthS > 0 ? (atS - fromS) / lengthS : 0;
    }

    /** The place at a share of the width. */
    double at(double share) {
        return fromS + share * lengthS;
    }

    /** Seconds between the marks of a ruler that has room for so many. */
    double stepS(double most) {
        for (double step : STEPS_S) {
            if (lengthS / step <= most) {
                return step;
            }
        }
        return STEPS_S[STEPS_S.length - 1] * Math.ceil(lengthS / most / STEPS_S[STEPS_S.length - 1]);
    }
}
