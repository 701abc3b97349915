package app.redlamp.core.chain;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * What lies between microphone and preamp.
 *
 * @param lengthM 0 to 200 m; 0 where microphone and preamp are one
 * @param balanced whether two wires carry the signal against each other, so that what both pick up falls out
 */
public record Lead(double lengthM, boolean balanced) {
    /** Microphone and preamp in one. */
    public static final Lead NONE = new Lead(0, true);

    /** What a metre picks up beside mains leads, in volts (an estimate, no source). */
    static final double PICKED_UP_V_PER_M = 3e-6;

    /** Resistors that feed 48 V to each wire (IEC 61938, from memory): what both wires meet at the preamp. */
    static final double FEED_OHM = 6810;

    /** How far the two halves of an output lie apart, as a share of it (common practice, no source). */
    static final double UNEVEN = 0.01;

    /** @throws IllegalArgumentException out of range */
    public Lead {
        if (!(lengthM >= 0 && lengthM <= 200)) {
            throw new IllegalArgumentException(Faults.say("lead.lead-must-lie", lengthM));
        }
    }

    /**
     * By how much a balanced line keeps out what both wires pick up, in dB: the resistance that both meet over the difference
     * between them. Source: the bridge of common-mode rejection, any handbook of audio electronics.
     */
    public static double rejectionDb(double outputOhm) {
        return Decibels.levelOfAmplitude(FEED_OHM / (UNEVEN * outputOhm));
    }

    /** What is left of the voltage where the preamp loads the microphone, in dB. */
    public static double loadDb(double outputOhm, double inputOhm) {
        return Decibels.levelOfAmplitude(inputOhm / (inputOhm + outputOhm));
    }

    /** Hum that it picks up, in dBu. */
    public Noise hum(double outputOhm) {
        if (lengthM == 0) {
            return Noise.NONE;
        }
        double flat = Volts.dbu(PICKED_UP_V_PER_M * lengthM) - (balanced ? rejectionDb(outputOhm) : 0);
        OctaveLevels shape = Timbre.HUM.at(0);
        Noise hum = Noise.of(shape);
        return hum.plus(flat - hum.flatDb());
    }
}
