package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * What a job asks of a room. All of it is common practice, no source, unless said otherwise.
 *
 * @param decayS longest decay from 500 Hz up, 0.05 to 3 s
 * @param noiseDbA loudest noise at the microphone that leaves room to the noise floor that is asked for, 0 to 80
 */
public record Wanted(double decayS, double noiseDbA) {
    /** No room that somebody speaks in is drier (ours). */
    public static final double SHORTEST_S = 0.05;

    /** And no one records in more (ours). */
    public static final double LONGEST_S = 3;

    /** Low octaves may ring longer: the voice has less there, and nobody has room for what would stop it. */
    private static final SixBands LONGER = SixBands.of(2.0, 1.5, 1.2, 1, 1, 1);

    /** Read speech as close as narrators read, in dB at 1 m: normal effort, ANSI S3.5-1997 (from memory). */
    private static final double SPEECH_AT_1_M = 62.35;

    /** The floor is measured with a wide ear and the noise with an A-weighted one; and rooms have bad days (ours). */
    private static final double MARGIN_DB = 6;

    /** @throws IllegalArgumentException out of range */
    public Wanted {
        if (!(decayS >= SHORTEST_S && decayS <= LONGEST_S && noiseDbA >= 0 && noiseDbA <= 80)) {
            throw new IllegalArgumentException(Faults.say("wanted.db-must-lie", decayS, noiseDbA));
        }
    }

    /** Longest decay in each band. */
    public SixBands decays() {
        return LONGER.map(l -> l * decayS);
    }

    /** What the voice is at the microphone in dB, at a distance in metres: 6 dB more each time it is halved. */
    public static double voiceDb(double distanceM) {
        return SPEECH_AT_1_M - Decibels.levelOfAmplitude(Math.max(0.02, distanceM));
    }

    /**
     * The loudest noise that leaves a signal-to-noise ratio between voice and floor.
     *
     * @param snrDb from the voice down to the floor, as it is delivered
     */
    public static double noiseDbA(double distanceM, double snrDb) {
        return Math.max(10, Math.min(60, voiceDb(distanceM) - snrDb - MARGIN_DB));
    }
}
