package app.redlamp.core.setting.level;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Position;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.SpeechSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Between which distances a microphone probably stands, by the bass that its nearness adds: those at which the average of speech
 * through it comes within 2 dB of what was heard. Voices differ, and one voice from page to page, so it is a hint and not a
 * measurement; from a hand's breadth on nearness lifts so little that only the nearer bound can be told. A microphone that hears all
 * round gives none.
 *
 * @param nearestM it is about so far away at least
 * @param furthestM and so far at most; absent where the bass does not tell
 */
public record DistanceGuess(double nearestM, OptionalDouble furthestM) {
    /** Voices have so much more or less bass than the average (ours). */
    private static final double VOICES_DIFFER_DB = 2;

    /** Distances are tried from here (ours). */
    private static final double NEAREST_M = 0.03;

    /** To here: beyond, nearness lifts nothing (ours). */
    private static final double FURTHEST_M = 0.8;

    /** In steps of 8 % (ours). */
    private static final double STEP = 1.08;

    /** Thirds from 100 Hz (ours). */
    private static final int BASS_FROM = 2;

    /** And to 250 Hz, which nearness lifts; this one is the first that is not counted (ours). */
    private static final int BASS_TO = 7;

    /** Thirds from 400 Hz (ours). */
    private static final int MIDDLE_FROM = 8;

    /** And to 1.6 kHz, which it leaves; this one is the first that is not counted (ours). */
    private static final int MIDDLE_TO = 15;

    /**
     * @param angleDeg at which the kit has it
     * @return absent for a microphone whose bass does not tell the distance
     */
    public static Optional<DistanceGuess> of(VoiceSpectrum heard, Capsule capsule, double angleDeg) {
        if (capsule.pattern() == Pattern.OMNI) {
            return Optional.empty();
        }
        double lift = heard.levelDb(nominal(BASS_FROM), nominal(BASS_TO - 1))
                - heard.levelDb(nominal(MIDDLE_FROM), nominal(MIDDLE_TO - 1));
        double nearest = NEAREST_M;
        double furthest = NEAREST_M;
        // The bass falls with every step.
        for (double d = NEAREST_M; d <= FURTHEST_M; d *= STEP) {
            double bass = tilt(capsule, angleDeg, d);
            nearest = bass > lift + VOICES_DIFFER_DB ? d : nearest;
            furthest = bass > lift - VOICES_DIFFER_DB ? d : furthest;
        }
        boolean open = furthest * STEP > FURTHEST_M;
        return Optional.of(
                new DistanceGuess(nearest, open ? OptionalDouble.empty() : OptionalDouble.of(furthest * STEP)));
    }

    /** How a place in a kit lies to it. */
    public enum Against {
        CLOSER,
        AGREES,
        FURTHER
    }

    /** Whether it is where the kit has it, or certainly closer or further away. */
    public Against against(Position kit) {
        if (kit.distanceM() < nearestM) {
            return Against.FURTHER;
        }
        return kit.distanceM() > furthestM.orElse(Double.POSITIVE_INFINITY) ? Against.CLOSER : Against.AGREES;
    }

    private static double nominal(int third) {
        return OctaveBands.THIRDS.nominalHz(third);
    }

    private static double tilt(Capsule capsule, double angleDeg, double distanceM) {
        double bass = 0;
        double middle = 0;
        for (int b = BASS_FROM; b < MIDDLE_TO; b++) {
            double gain = capsule.gain(angleDeg, distanceM, OctaveBands.THIRDS.centreHz(b));
            double power = Decibels.toPower(SpeechSpectrum.VOICED.atDb(b)) * gain * gain;
            bass += b < BASS_TO ? power : 0;
            middle += b >= MIDDLE_FROM ? power : 0;
        }
        return Decibels.levelOfPower(bass / middle);
    }
}
