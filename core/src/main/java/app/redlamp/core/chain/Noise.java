package app.redlamp.core.chain;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AWeighting;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;

/**
 * A noise by two levels: as the meter of a client hears it, and as data sheets give it.
 *
 * @param flatDb unweighted from 80 Hz to 20 kHz: behind the high-pass that finishing uses anyway
 * @param dbA A-weighted (IEC 61672-1)
 */
public record Noise(double flatDb, double dbA) {
    /** Corner of the high-pass of finishing (common practice, no source). */
    static final double CORNER_HZ = 80;

    /** Highest frequency that counts (common practice, no source). */
    static final double HIGHEST_HZ = 20_000;

    /** What stands for no noise at all. */
    public static final Noise NONE = new Noise(-200, -200);

    /** Share of white noise up to 20 kHz that the A curve leaves (IEC 61672-1, from memory). */
    private static final double WHITE_A = whiteA();

    /** @throws IllegalArgumentException where it is no number */
    public Noise {
        if (!(Double.isFinite(flatDb) && Double.isFinite(dbA))) {
            throw new IllegalArgumentException(Faults.say("noise.noise-db-db", flatDb, dbA));
        }
    }

    /** White noise, as thermal noise is, by its unweighted level over 20 kHz. */
    public static Noise white(double flatDb) {
        return new Noise(flatDb, flatDb + WHITE_A);
    }

    /** White noise by its A-weighted level: what capsules and preamps make is taken for white. */
    public static Noise whiteA(double dbA) {
        return new Noise(dbA - WHITE_A, dbA);
    }

    /** How much the A-weighting takes from white noise of 20 kHz, in dB: −2 to −3. */
    public static double whiteWeightDb() {
        return WHITE_A;
    }

    /** A noise by its octaves. */
    public static Noise of(OctaveLevels octaves) {
        double sum = 0;
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            sum += Decibels.toPower(octaves.at(b)) * passed(OctaveLevels.centreHz(b));
        }
        return new Noise(Decibels.levelOfPower(sum), octaves.dbA());
    }

    /** Share of the power of an octave that a high-pass of the second order lets through, over thirds of it. */
    private static double passed(double centreHz) {
        double sum = 0;
        for (int third = -1; third <= 1; third++) {
            double ratio = centreHz * Math.pow(OctaveBands.THIRD, third) / CORNER_HZ;
            double fourth = Math.pow(ratio, 4);
            sum += fourth / (1 + fourth);
        }
        return sum / 3;
    }

    private static double whiteA() {
        double sum = 0;
        for (int hz = 1; hz <= HIGHEST_HZ; hz++) {
            sum += Decibels.toPower(AWeighting.db(hz));
        }
        return Decibels.levelOfPower(sum / HIGHEST_HZ);
    }

    /** The same noise louder or quieter. */
    public Noise plus(double db) {
        return new Noise(flatDb + db, dbA + db);
    }

    /** Both together: powers add. */
    public Noise and(Noise other) {
        return new Noise(sum(flatDb, other.flatDb), sum(dbA, other.dbA));
    }

    /** What two levels give together in dB. */
    public static double sum(double aDb, double bDb) {
        double high = Math.max(aDb, bDb);
        return high + Decibels.levelOfPower(1 + Decibels.toPower(Math.min(aDb, bDb) - high));
    }
}
