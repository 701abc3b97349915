package app.redlamp.core.chain;

import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.DirectSound;
import app.redlamp.core.acoustics.room.Mouth;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.room.Clarity;
import app.redlamp.core.units.Decibels;

/**
 * The room as the microphone meets it.
 *
 * @param noise what comes from everywhere, in dB SPL
 * @param volumeM3 0.2 to 10 000 m³
 * @param decayS how long it rings at 500 Hz to 2 kHz, 0.02 to 10 s
 */
public record Surroundings(Noise noise, double volumeM3, double decayS) {

    /** @throws IllegalArgumentException out of range */
    public Surroundings {
        if (!(volumeM3 >= 0.2 && volumeM3 <= 10_000 && decayS >= 0.02 && decayS <= 10)) {
            throw new IllegalArgumentException(Faults.say("scene.must-lie-between", volumeM3, decayS));
        }
    }

    /** A room by what a sound level meter shows; the noise is taken for that of a fan, as most that is steady. */
    public static Surroundings of(double noiseDbA, double volumeM3, double decayS) {
        return new Surroundings(Noise.of(Timbre.FAN.at(noiseDbA)), volumeM3, decayS);
    }

    /**
     * What a microphone hears of noise from all round, against what an even one hears: −10 log10 of its directivity factor.
     */
    public Noise heardBy(Pattern pattern) {
        return noise.plus(-Decibels.levelOfPower(pattern.directivity()));
    }

    /** Level of the voice itself over that of the room's reverberation, in dB; see {@link DirectSound}. */
    public double directDb(Position position, Pattern pattern) {
        return overallDb(position, pattern) + position.offAxisDb(pattern);
    }

    /** Level of a voice from the front of the microphone over that of the room's reverberation in it, in dB. */
    double overallDb(Position position, Pattern pattern) {
        double critical = DirectSound.criticalM(Mouth.directivity() * pattern.directivity(), volumeM3, decayS);
        return Decibels.levelOfAmplitude(critical) + position.distanceDb();
    }

    /** Clarity of the voice in dB, as {@link Clarity} has it, the reverberation falling evenly. */
    public double clarityDb(Position position, Pattern pattern) {
        return Clarity.db(directDb(position, pattern), decayS);
    }
}
