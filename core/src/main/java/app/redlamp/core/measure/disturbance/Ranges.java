package app.redlamp.core.measure.disturbance;

import app.redlamp.core.units.Decibels;

/**
 * How the energy of a sound lies over four ranges, each in dB of the whole, without the noise around it. What stands and floors
 * carry lies below speech: floors of dwellings resonate at 8 to 30 Hz, plates of tables from some 50 Hz on (common practice).
 *
 * @param subDb 11 to 45 Hz
 * @param lowDb 45 to 355 Hz
 * @param middleDb 355 to 1410 Hz
 * @param highDb 1.4 to 11 kHz
 * @param subAboveNoiseDb how far the range that floors carry stands out from the noise
 */
record Ranges(double subDb, double lowDb, double middleDb, double highDb, double subAboveNoiseDb) {
    /** What stands out from the noise by less is noise (ours). */
    private static final double STANDS_OUT = Decibels.toPower(6);

    /** Next to nothing (ours). */
    private static final double NOTHING = 1e-4;

    /** What an absent range is told as, in dB (ours). */
    private static final double LEAST_DB = -150;

    /** Octaves that belong to each range, from the lowest on (by definition). */
    private static final int[] OCTAVES = {2, 3, 2, 3};

    /**
     * From the energies of a sound in octaves.
     *
     * @param heard energy in each octave from 16 Hz on, the noise with it
     * @param noise energy of the noise alone in as much time
     */
    static Ranges of(double[] heard, double[] noise) {
        double[] ranges = new double[OCTAVES.length];
        double all = 0;
        double stands = 0;
        int octave = 0;
        for (int r = 0; r < ranges.length; r++) {
            for (int o = 0; o < OCTAVES[r]; o++, octave++) {
                double energy = Math.max(heard[octave] - noise[octave], heard[octave] * NOTHING);
                ranges[r] += heard[octave] > STANDS_OUT * noise[octave] ? energy : energy * NOTHING;
                stands = r == 0 ? Math.max(stands, heard[octave] / Math.max(noise[octave], Double.MIN_NORMAL)) : stands;
            }
            all += ranges[r];
        }
        return new Ranges(
                db(ranges[0] / all),
                db(ranges[1] / all),
                db(ranges[2] / all),
                db(ranges[3] / all),
                stands > 0 ? Decibels.levelOfPower(stands) : LEAST_DB);
    }

    private static double db(double share) {
        return share > 0 ? Math.max(LEAST_DB, Decibels.levelOfPower(share)) : LEAST_DB;
    }
}
