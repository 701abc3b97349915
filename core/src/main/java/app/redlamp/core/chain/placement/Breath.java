package app.redlamp.core.chain.placement;

import app.redlamp.core.chain.Position;
import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * What the puff of a P does at the capsule. It is a jet of air: its speed on the axis falls with 6 D/x beyond six openings D, and
 * to half at a tenth of the way beside the axis (S. B. Pope, Turbulent Flows, 2000, section 5.1; from memory). What it presses
 * with goes with the square of its speed.
 */
public final class Breath {
    /** The lips of a P (ours). */
    private static final double OPENING_M = 0.01;

    /** How fast a jet of air loses its speed, in openings (round jets, any fluid mechanics handbook). */
    private static final double DECAY = 6;

    /** Half of it is beside this share of the way (round jets, any fluid mechanics handbook). */
    private static final double HALF_AT = 0.1;

    /** A pop screen takes so much where it has room to work (common practice, no source). */
    private static final double SCREEN_DB = 20;

    /** Nearer to the capsule than this it does nothing (common practice, no source). */
    private static final double USELESS_M = 0.01;

    /** From here on it does all it can (common practice, no source). */
    private static final double ROOM_M = 0.03;

    /** Heads move by so much while they read (common practice, no source). */
    private static final double SWAY_DEG = 5;

    /** Softest that is told (ours). */
    private static final double SOFTEST_DB = -60;

    /** From this on a P is heard as a bump (common practice, no source): straight before the mouth at 19 cm. */
    public static final double POPS_DB = -20;

    private Breath() {}

    /**
     * Pressure of the puff at the capsule against that at the lips, in dB, −60 to 0.
     *
     * @param screenM distance from the lips to a pop filter; absent for none
     */
    public static double db(Position position, OptionalDouble screenM) {
        double on = Math.min(1, DECAY * OPENING_M / position.distanceM());
        double beside =
                Math.tan(Math.toRadians(Math.max(0, Math.min(89, position.offMouthDeg() - SWAY_DEG)))) / HALF_AT;
        double db = 2 * (Decibels.levelOfAmplitude(on) - Decibels.levelOfAmplitude(2) * beside * beside);
        return Math.max(SOFTEST_DB, db - screenDb(position, screenM));
    }

    /** What a pop filter takes away, in dB: it breaks the jet, and needs room behind it for that. */
    public static double screenDb(Position position, OptionalDouble screenM) {
        if (screenM.isEmpty()) {
            return 0;
        }
        double behind = position.distanceM() - screenM.getAsDouble();
        return SCREEN_DB * Math.max(0, Math.min(1, (behind - USELESS_M) / (ROOM_M - USELESS_M)));
    }

    /** Where a pop filter belongs, from the lips: halfway, or 3 cm before the capsule where that is nearer to it. */
    public static double screenAtM(double distanceM) {
        return Math.max(distanceM / 2, distanceM - 2 * ROOM_M);
    }
}
