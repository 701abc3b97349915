package app.redlamp.core.acoustics.outside;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AWeighting;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.function.IntToDoubleFunction;

/** A noise by its level in each octave from 63 Hz to 8 kHz, in dB. */
public final class OctaveLevels {
    /** Octaves from 63 Hz to 8 kHz (IEC 61260-1). */
    public static final int COUNT = 8;

    /** Outside all octaves (by definition). */
    public static final int NO_BAND = -1;

    /** What stands for silence (ours). */
    public static final double SILENCE_DB = -100;

    /** Index of 1 kHz (by definition). */
    private static final int BAND_OF_1_KHZ = 4;

    /** Noise-rating curves: L = a + b · NR (ISO/R 1996:1971; from memory). */
    private static final double[] NR_A = {35.5, 22.0, 12.0, 4.8, 0.0, -3.5, -6.1, -8.0};

    /** Slopes of the noise rating curves (ISO/R 1996:1971, from memory). */
    private static final double[] NR_B = {0.790, 0.870, 0.930, 0.974, 1.000, 1.015, 1.025, 1.030};

    /** Exact centres (IEC 61260-1, base ten, from memory). */
    private static final double[] CENTRES_HZ = new double[COUNT];

    static {
        Arrays.setAll(CENTRES_HZ, b -> OctaveBands.octaveHz((double) b - BAND_OF_1_KHZ));
    }

    private final double[] levels;

    private OctaveLevels(double[] levels) {
        this.levels = levels;
    }

    /** @throws IllegalArgumentException unless there are eight numbers */
    public static OctaveLevels of(double... levels) {
        if (!(levels.length == COUNT && Arrays.stream(levels).allMatch(Double::isFinite))) {
            throw new IllegalArgumentException(Faults.say("octave-levels.must-be-eight", Arrays.toString(levels)));
        }
        return new OctaveLevels(levels.clone());
    }

    /** Levels in dB, one for each octave from 0 to {@link #COUNT} − 1. */
    public static OctaveLevels each(IntToDoubleFunction level) {
        double[] levels = new double[COUNT];
        Arrays.setAll(levels, level);
        return of(levels);
    }

    /** Nothing at all: {@link #SILENCE_DB} in every octave. */
    public static OctaveLevels silence() {
        return each(b -> SILENCE_DB);
    }

    /** Exact centre of a band in Hz (IEC 61260-1, base ten). */
    public static double centreHz(int band) {
        return CENTRES_HZ[band];
    }

    /** Centre of a band in Hz as it is called: 63, 125, and so on (IEC 61260-1, annex E). */
    public static double nominalHz(int band) {
        // The octave of 31.5 Hz comes before.
        return OctaveBands.OCTAVES.nominalHz(band + 1);
    }

    /** Lower edge of a band in Hz, which belongs to it. */
    public static double lowHz(int band) {
        return centreHz(band) / OctaveBands.HALF_OCTAVE;
    }

    /** Upper edge of a band in Hz, which does not. */
    public static double highHz(int band) {
        return centreHz(band) * OctaveBands.HALF_OCTAVE;
    }

    /** The band that a frequency lies in; {@link #NO_BAND} outside all of them. */
    public static int bandOf(double hz) {
        for (int b = 0; b < COUNT; b++) {
            if (hz >= lowHz(b) && hz < highHz(b)) {
                return b;
            }
        }
        return NO_BAND;
    }

    /** Level of an octave in dB. */
    public double at(int band) {
        return levels[band];
    }

    /** The same by so many dB louder. */
    public OctaveLevels plus(double db) {
        return each(b -> levels[b] + db);
    }

    /** Both noises together: powers add. */
    public OctaveLevels and(OctaveLevels other) {
        return each(b -> Decibels.levelOfPower(Decibels.toPower(levels[b]) + Decibels.toPower(other.levels[b])));
    }

    /** A-weighted level in dB(A) (IEC 61672-1). */
    public double dbA() {
        double sum = 0;
        for (int b = 0; b < COUNT; b++) {
            sum += Decibels.toPower(levels[b] + AWeighting.db(centreHz(b)));
        }
        return Decibels.levelOfPower(sum);
    }

    /** Number of the noise-rating curve that no band goes over. */
    public double noiseRating() {
        double rating = Double.NEGATIVE_INFINITY;
        for (int b = 0; b < COUNT; b++) {
            rating = Math.max(rating, (levels[b] - NR_A[b]) / NR_B[b]);
        }
        return rating;
    }

    /** Level in a band of the noise-rating curve of a number. */
    public static double noiseRatingDb(double rating, int band) {
        return NR_A[band] + NR_B[band] * rating;
    }

    /** The band that counts most for the ear. */
    public int loudestBand() {
        int loudest = 0;
        for (int b = 1; b < COUNT; b++) {
            if (weighted(b) > weighted(loudest)) {
                loudest = b;
            }
        }
        return loudest;
    }

    private double weighted(int band) {
        return levels[band] + AWeighting.db(centreHz(band));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OctaveLevels o && Arrays.equals(levels, o.levels);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(levels);
    }

    @Override
    public String toString() {
        return Arrays.toString(levels);
    }
}
