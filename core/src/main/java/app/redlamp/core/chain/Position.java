package app.redlamp.core.chain;

import app.redlamp.core.acoustics.room.Mouth;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * Where the microphone stands to the mouth.
 *
 * @param distanceM from the lips to the capsule, 0.01 to 5 m
 * @param angleDeg by how much the microphone is turned away from the mouth, 0 to 180: 180 is the back of it
 * @param sideDeg by how much it stands beside the straight line out of the mouth, 0 to 90
 * @param raisedDeg by how much it stands above that line, or below it, −60 to 60
 */
public record Position(double distanceM, double angleDeg, double sideDeg, double raisedDeg) {
    /** Nearer than this there is a lip (ours). */
    public static final double NEAREST_M = 0.01;

    /** Further off no voice is recorded at home (ours). */
    public static final double FURTHEST_M = 5;

    /** Nobody hangs it higher over the mouth (ours). */
    public static final double HIGHEST_DEG = 60;

    /** @throws IllegalArgumentException out of range */
    public Position {
        if (!(distanceM >= NEAREST_M && distanceM <= FURTHEST_M)) {
            throw new IllegalArgumentException(Faults.say("position.distance-must-lie", distanceM));
        }
        if (!(angleDeg >= 0
                && angleDeg <= 180
                && sideDeg >= 0
                && sideDeg <= 90
                && Math.abs(raisedDeg) <= HIGHEST_DEG)) {
            throw new IllegalArgumentException(
                    Faults.say("position.turned-beside-above", angleDeg, sideDeg, raisedDeg));
        }
    }

    /** Straight before the mouth, and facing it. */
    public static Position straight(double distanceM) {
        return new Position(distanceM, 0, 0, 0);
    }

    /** The same at another distance in metres. */
    public Position at(double metres) {
        return new Position(Math.max(NEAREST_M, Math.min(FURTHEST_M, metres)), angleDeg, sideDeg, raisedDeg);
    }

    /** The same with the microphone turned off the mouth, in degrees. */
    public Position turned(double degrees) {
        return new Position(distanceM, degrees, sideDeg, raisedDeg);
    }

    /** The same with the other side of the microphone to the mouth. */
    public Position turnedRound() {
        return turned(180 - angleDeg);
    }

    /** The same so many degrees beside the mouth. */
    public Position beside(double degrees) {
        return new Position(distanceM, angleDeg, degrees, raisedDeg);
    }

    /** The same so many degrees above the mouth. */
    public Position raised(double degrees) {
        return new Position(distanceM, angleDeg, sideDeg, degrees);
    }

    /** Angle between the line out of the mouth and the microphone, in degrees. */
    public double offMouthDeg() {
        return Math.toDegrees(Math.acos(offMouth()));
    }

    private double offMouth() {
        return Math.cos(Math.toRadians(sideDeg)) * Math.cos(Math.toRadians(raisedDeg));
    }

    /**
     * What the place makes of a level at 1 m in front of the mouth, in dB: −20 log10(r), the inverse-distance law of a small
     * source, and what goes out of a mouth to this side.
     */
    public double distanceDb() {
        return -Decibels.levelOfAmplitude(distanceM) + Decibels.levelOfAmplitude(Mouth.gain(offMouth()));
    }

    /** What a pattern makes of a voice that comes from this side of the microphone, in dB, 0 from the front. */
    public double offAxisDb(Pattern pattern) {
        return Decibels.levelOfAmplitude(pattern.gain(Math.cos(Math.toRadians(angleDeg))));
    }
}
