package app.redlamp.core.delivery.spec;

import java.util.OptionalDouble;

/**
 * How far the files of one delivery may lie apart; more is advice, because listeners hear it and no gate rejects it.
 *
 * @param loudnessDb loudest less softest, in the specification's own measure
 * @param noiseFloorDb noisiest less quietest pause level
 * @param toneDb RMS difference of the voice's third-octave spectrum from the middle of all
 */
public record SetLimits(OptionalDouble loudnessDb, OptionalDouble noiseFloorDb, OptionalDouble toneDb) {
    /** Common practice, no source. */
    public static final SetLimits USUAL =
            new SetLimits(OptionalDouble.of(2), OptionalDouble.of(6), OptionalDouble.of(4));
}
