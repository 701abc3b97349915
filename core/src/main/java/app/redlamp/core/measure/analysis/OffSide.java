package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.VoiceSpectrum;

/**
 * A take into the wrong side of a microphone, or from too far: dull, roomy and soft at once. Nearness lifts the bass at the back of a
 * directional microphone as it does at the front, so dull is treble against bass. Common practice, no source, for the three; the limits
 * are ours, from simulated booths whose readers face both sides.
 */
final class OffSide {
    /** A voice with less clarity has a room in it (ours). */
    private static final double ROOMY_DB = 18.5;

    /** Treble against bass, both against speech in general, at which a voice is dull (ours). */
    private static final double DULL_DB = -8;

    /** And at which it is so dull that a microphone very near may be as loud as from the front (ours). */
    private static final double VERY_DULL_DB = -12;

    /** Peaks that every school of gain calls soft (common practice, no source). */
    private static final double SOFT_DBFS = -12;

    /** Bass from here (ours). */
    private static final double BASS_FROM_HZ = 100;

    /** To here (ours). */
    private static final double BASS_TO_HZ = 315;

    /** Treble from here (ours). */
    private static final double TREBLE_FROM_HZ = 3150;

    /** To here (ours). */
    private static final double TREBLE_TO_HZ = 10_000;

    private OffSide() {}

    /** Whether a take sounds like that; not where its treble was left out afterwards. */
    static boolean is(Report report) {
        Reverberation.Standing room = report.voice().reverberation().against(ROOMY_DB);
        boolean roomy = room == Reverberation.Standing.NEAR || room == Reverberation.Standing.UNCLEAR;
        if (!roomy
                || report.voice().spectrum().isEmpty()
                || report.truePeakDbtp().isEmpty()
                || report.bandwidthHz() < TREBLE_TO_HZ) {
            return false;
        }
        VoiceSpectrum voice = report.voice().spectrum().get();
        double tilt = voice.deviationDb(TREBLE_FROM_HZ, TREBLE_TO_HZ) - voice.deviationDb(BASS_FROM_HZ, BASS_TO_HZ);
        return tilt <= VERY_DULL_DB || (tilt <= DULL_DB && report.truePeakDbtp().getAsDouble() < SOFT_DBFS);
    }
}
