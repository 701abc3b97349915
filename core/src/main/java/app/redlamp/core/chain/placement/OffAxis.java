package app.redlamp.core.chain.placement;

import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.units.Decibels;

/**
 * What a capsule loses in the treble when sound comes from the side, because the wave reaches its parts one after the other:
 * 2 J1(x)/x with x = k a sin θ, a round piston. Source: any acoustics handbook (Kinsler et al., Fundamentals of Acoustics).
 */
public final class OffAxis {
    /** Speed of sound in m/s, at 20 °C (see Air). */
    private static final double SOUND_MPS = Air.USUAL.speedMps();

    /** No notch is deeper in a real capsule (ours). */
    private static final double QUIETEST_DB = -20;

    /** Strips of the diaphragm that are summed (ours). */
    private static final int STEPS = 64;

    private OffAxis() {}

    /**
     * In dB, 0 from the front, −20 at the least.
     *
     * @param diameterM of the diaphragm, above 0
     */
    public static double db(double diameterM, double angleDeg, double frequencyHz) {
        double x = 2 * Math.PI * frequencyHz / SOUND_MPS * diameterM / 2 * Math.sin(Math.toRadians(angleDeg));
        if (Math.abs(x) < 1e-4) {
            return 0;
        }
        return Math.max(QUIETEST_DB, Decibels.levelOfAmplitude(Math.max(1e-9, Math.abs(2 * besselOne(x) / x))));
    }

    /** Bessel function J1 by its integral, (1/π) ∫ cos(τ − x sin τ) dτ from 0 to π, which trapezia sum up to the last digit. */
    static double besselOne(double x) {
        double sum = 0;
        for (int k = 0; k < STEPS; k++) {
            double t = Math.PI * (k + 0.5) / STEPS;
            sum += Math.cos(t - x * Math.sin(t));
        }
        return sum / STEPS;
    }
}
