package app.redlamp.core.measure.room;

import app.redlamp.core.units.Decibels;

/**
 * Clarity of a voice: what arrives within 50 ms against what comes later, in dB, the reverberation falling evenly from the
 * moment the voice arrives. Source: early-to-late index C50 of ISO 3382-1:2009, annex A.
 */
public final class Clarity {
    /** What comes later than 50 ms is reverberation (ISO 3382-1, from memory). */
    private static final double EARLY_S = 0.05;

    private Clarity() {}

    /**
     * @param directDb the voice itself over all of the room's reverberation
     * @param decayS how long the room rings, to −60 dB
     */
    public static double db(double directDb, double decayS) {
        double direct = Decibels.toPower(directDb);
        double late = Decibels.toPower(-60 * EARLY_S / decayS);
        return Decibels.levelOfPower((direct + 1 - late) / late);
    }
}
