package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sound that comes off one surface on its way to the microphone.
 *
 * @param face the side it comes off; for a thing, the floor
 * @param thing id of the piece of furniture it comes off; absent for a side
 * @param material what it comes off
 * @param point where it comes off
 * @param pathM from the mouth over there to the microphone
 * @param delayMs how long after the voice itself
 * @param levelsDb against the voice itself, in each band, as the microphone hears it
 */
public record Reflection(
        Face face,
        Optional<String> thing,
        Material material,
        Point point,
        double pathM,
        double delayMs,
        SixBands levelsDb) {

    /** Levels below this are heard as the room's tail and not as an echo (common practice, no source). */
    public static final double HEARD_DB = -20;

    /** The level that counts for speech: mean power of 500 Hz to 4 kHz, in dB against the voice itself. */
    public double levelDb() {
        double sum = 0;
        for (int b = SixBands.MIDDLE; b < SixBands.COUNT; b++) {
            sum += Decibels.toPower(levelsDb.at(b));
        }
        return Decibels.levelOfPower(sum / (SixBands.COUNT - SixBands.MIDDLE));
    }

    /**
     * Frequencies in Hz at which it cancels the voice: (2k + 1) / (2 Δt), in any acoustics handbook.
     *
     * @param count how many, lowest first
     */
    public List<Double> notchesHz(int count) {
        List<Double> notches = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            notches.add((2 * k + 1) / (2 * delayMs / 1000));
        }
        return notches;
    }

    /** How deep the notches are, in dB below the voice itself: 20 log(1 − a) for an echo of amplitude a. */
    public double notchDb() {
        double amplitude = Math.min(0.999, Decibels.toAmplitude(levelDb()));
        return Decibels.levelOfAmplitude(1 - amplitude);
    }
}
