package app.redlamp.core.chain;

import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.units.Decibels;

/**
 * How much bass a directional microphone adds close to a small source: |A + B cos θ (1 + 1/(jkr))| against the same far away.
 * Source: any microphone handbook, from the pressure gradient of a spherical wave. Microphones that are built for close voices
 * take some of it out again; a data sheet rarely says how much.
 */
public final class Proximity {
    /** Speed of sound in m/s, at 20 °C (see Air). */
    private static final double SOUND_MPS = Air.USUAL.speedMps();

    private Proximity() {}

    /**
     * Lift in dB, 0 or more.
     *
     * @param angleDeg by how much the microphone is turned away, 0 to 180
     * @param distanceM above 0
     * @param frequencyHz above 0
     */
    public static double db(Pattern pattern, double angleDeg, double distanceM, double frequencyHz) {
        double even = pattern.even();
        double gradient = (1 - even) * Math.cos(Math.toRadians(angleDeg));
        double wave = 2 * Math.PI * frequencyHz / SOUND_MPS * distanceM;
        double far = Math.abs(even + gradient);
        double near = Math.hypot(even + gradient, gradient / wave);
        // Where it hears nothing far away, what it hears near by is no lift of anything.
        return far < 1e-3 ? 0 : Decibels.levelOfAmplitude(near / far);
    }

    /**
     * What a microphone hears of a voice close by, as an amplitude ratio to what it hears from the front of one far away that
     * is as loud where it stands.
     *
     * @param angleDeg by how much the microphone is turned away, 0 to 180
     * @param distanceM above 0
     * @param frequencyHz above 0
     */
    public static double gain(Pattern pattern, double angleDeg, double distanceM, double frequencyHz) {
        double gradient = (1 - pattern.even()) * Math.cos(Math.toRadians(angleDeg));
        double wave = 2 * Math.PI * frequencyHz / SOUND_MPS * distanceM;
        return Math.max(Pattern.QUIETEST, Math.hypot(pattern.even() + gradient, gradient / wave));
    }
}
