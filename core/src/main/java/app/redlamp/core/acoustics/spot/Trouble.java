package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.SixBands;

/**
 * How far a place is from what is wanted, in points: 10 for a band that rings twice as long as it may, one for each
 * decibel of an echo, of a boom or of noise over its limit (ours; it only puts places and steps in an order).
 *
 * @param decay for all bands together
 * @param echo for all first reflections together
 * @param boom for the worst boom
 * @param noise for the quietest hour
 */
public record Trouble(double decay, double echo, double boom, double noise) {
    /** Points for a decay of twice what is wanted (ours). */
    private static final double POINTS_A_DOUBLING = 10;

    /** Points of all its parts together. */
    public double sum() {
        return decay + echo + boom + noise;
    }

    /** Counts the points of a place. */
    public static Trouble of(Study study) {
        double decay = 0;
        for (int b = 0; b < SixBands.COUNT; b++) {
            decay += ofDecay(
                    study.decay().seconds().at(b), study.wanted().decays().at(b));
        }
        double echo = 0;
        for (Reflection r : study.reflections()) {
            echo += ofEcho(r);
        }
        double boom = Math.max(0, study.bass().worstDb() - Study.BOOM_DB);
        double noise = Math.max(0, study.noiseDbA().orElse(0) - study.wanted().noiseDbA());
        return new Trouble(decay, echo, boom, noise);
    }

    static double ofDecay(double seconds, double most) {
        return POINTS_A_DOUBLING * Math.max(0, Math.log(seconds / most) / Math.log(2));
    }

    static double ofEcho(Reflection reflection) {
        return Math.max(0, reflection.levelDb() - Reflection.HEARD_DB);
    }
}
