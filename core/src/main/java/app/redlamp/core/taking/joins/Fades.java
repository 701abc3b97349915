package app.redlamp.core.taking.joins;

import app.redlamp.core.taking.joins.Quiet.Gap;

/** How long an overlap is, and where in a pause it lies. */
final class Fades {
    /** An overlap takes so long where there is room for it (ours; 10 to 50 ms are common practice). */
    private static final double FADE_S = 0.04;

    private Fades() {}

    /** Frames of overlap that fit into both pauses. */
    static int over(Gap one, Gap other, int sampleRateHz) {
        return (int) Math.min(Math.round(FADE_S * sampleRateHz), Math.min(one.frames(), other.frames()));
    }

    /** The place in a pause that is nearest to a frame, with room for the overlap to both sides. */
    static long within(Gap gap, long frame, int fade) {
        long first = gap.from() + (fade + 1) / 2;
        long last = gap.to() - (fade + 1) / 2;
        return first > last ? gap.middle() : Math.max(first, Math.min(last, frame));
    }
}
