package app.redlamp.core.setting.level;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Position;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.SpeechSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.Optional;

/**
 * Where a microphone probably stands, by the bass that its nearness adds: the distance at which the average of speech through it
 * comes nearest to what was heard. Voices differ, so it is a hint and not a measurement; a microphone that hears all round gives
 * none.
 *
 * @param distanceM about
 * @param surplusDb by how much the bass sticks out of what the place in the kit would give; negative for less
 */
public record DistanceGuess(double distanceM, double surplusDb) {
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

    /** Absent for a microphone whose bass does not tell the distance. */
    public static Optional<DistanceGuess> of(VoiceSpectrum heard, Capsule capsule, Position kit) {
        if (capsule.pattern() == Pattern.OMNI) {
            return Optional.empty();
        }
        double lift = tilt(heard.levelsDb());
        double best = NEAREST_M;
        double least = Double.MAX_VALUE;
        for (double d = NEAREST_M; d <= FURTHEST_M; d *= STEP) {
            double off = Math.abs(lift - tilt(capsule, kit.angleDeg(), d));
            if (off < least) {
                least = off;
                best = d;
            }
        }
        return Optional.of(new DistanceGuess(best, lift - tilt(capsule, kit.angleDeg(), kit.distanceM())));
    }

    /** Whether it is about where the kit has it: within half and twice as far. */
    public boolean agrees(Position kit) {
        double ratio = distanceM / kit.distanceM();
        return ratio > 0.5 && ratio < 2;
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

    private static double tilt(List<Double> thirds) {
        double bass = 0;
        double middle = 0;
        for (int b = BASS_FROM; b < MIDDLE_TO; b++) {
            double power = Decibels.toPower(thirds.get(b));
            bass += b < BASS_TO ? power : 0;
            middle += b >= MIDDLE_FROM ? power : 0;
        }
        return Decibels.levelOfPower(Math.max(1e-12, bass) / Math.max(1e-12, middle));
    }
}
