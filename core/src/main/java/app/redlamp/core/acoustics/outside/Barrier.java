package app.redlamp.core.acoustics.outside;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * What stands between a noise and a room.
 *
 * @param name in general words
 * @param massKgPerM2 of one square metre, 0.5 to 1000
 * @param areaM2 of what divides, 0.1 to 200
 * @param gapPercent share of the area that is open: gaps, key holes, vents; 0 to 100
 */
public record Barrier(String name, double massKgPerM2, double areaM2, double gapPercent) {

    /** As tight as people get with seals by themselves (common practice, no source). */
    public static final double SEALED_PERCENT = 0.01;

    /** The law of mass for sound from all sides, 20 log(m f) − 47 dB (any acoustics handbook). */
    private static final double FIELD_DB = 47;

    /** @throws IllegalArgumentException out of range */
    public Barrier {
        boolean wall = massKgPerM2 >= 0.5 && massKgPerM2 <= 1000 && areaM2 >= 0.1 && areaM2 <= 200;
        if (!(wall && gapPercent >= 0 && gapPercent <= 100)) {
            throw new IllegalArgumentException(
                    Faults.say("barrier.gaps-must-be", name, massKgPerM2, areaM2, gapPercent));
        }
    }

    /**
     * Field-incidence mass law, 20 log(m f) − 47 dB, in any acoustics handbook. It is the best that a single leaf can do:
     * at its coincidence frequency it does worse, and sound also goes round it.
     */
    public static double massLawDb(double massKgPerM2, double frequencyHz) {
        return Math.max(0, Decibels.levelOfAmplitude(massKgPerM2 * frequencyHz) - FIELD_DB);
    }

    /** What it keeps out in an octave in dB, its gaps counted in. */
    public double lossDb(int band) {
        double open = gapPercent / 100;
        double through = Decibels.toPower(-massLawDb(massKgPerM2, OctaveLevels.centreHz(band)));
        return -Decibels.levelOfPower((1 - open) * through + open);
    }

    /** The same with its gaps sealed, as well as anybody does it. */
    public Barrier sealed() {
        return new Barrier(name, massKgPerM2, areaM2, Math.min(gapPercent, SEALED_PERCENT));
    }

    /** The same with so many times its mass. */
    public Barrier heavier(double factor) {
        return new Barrier(name, Math.min(1000, massKgPerM2 * factor), areaM2, gapPercent);
    }
}
