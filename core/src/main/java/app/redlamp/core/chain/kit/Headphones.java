package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * What headphones ask of the socket that they are plugged into, and what they make of it.
 *
 * @param ohm their impedance, 4 to 2000 Ω
 * @param dbPerMilliwatt sound pressure level of 1 mW at the ear (the characteristic level of IEC 60268-7), 60 to 130 dB
 */
public record Headphones(double ohm, double dbPerMilliwatt) {
    /** In watts (by definition). */
    private static final double MILLIWATT = 1e-3;

    /** @throws IllegalArgumentException out of range */
    public Headphones {
        if (!(ohm >= 4 && ohm <= 2000 && dbPerMilliwatt >= 60 && dbPerMilliwatt <= 130)) {
            throw new IllegalArgumentException(Faults.say("headphones.must-lie", ohm, dbPerMilliwatt));
        }
    }

    /** Of those whose level is given for 1 V, in dB. */
    public static Headphones ofVolt(double ohm, double dbPerVolt) {
        return new Headphones(ohm, dbPerVolt - Decibels.levelOfPower(1 / (ohm * MILLIWATT)));
    }

    /** Sound pressure level at a voltage across them, in dB. */
    public double levelDb(double volts) {
        return dbPerMilliwatt + Decibels.levelOfPower(volts * volts / ohm / MILLIWATT);
    }
}
