package app.redlamp.core.acoustics.decay;

import java.util.OptionalDouble;

/**
 * How the sound of a burst fell in one octave. Times are those of a fall of 60 dB, in seconds, whatever part of the fall
 * they come from (ISO 3382-1).
 *
 * @param edt from the first 10 dB
 * @param t20 from −5 to −25 dB
 * @param t30 from −5 to −35 dB
 * @param rangeDb how far the fall can be followed down to the noise
 * @param bendDb how far the fall between −5 and −25 dB lies off a straight line, at most
 * @param twoSlopes whether it falls in two slopes: a dead room with a live one behind it
 * @param edtTrust how far the first figure can be trusted
 * @param t20Trust the second
 * @param t30Trust the third
 */
public record BandDecay(
        OptionalDouble edt,
        OptionalDouble t20,
        OptionalDouble t30,
        double rangeDb,
        double bendDb,
        boolean twoSlopes,
        Trust edtTrust,
        Trust t20Trust,
        Trust t30Trust) {

    /** How far a figure can be trusted. */
    public enum Trust {
        /** The noise lies at least 10 dB below the part that it comes from (ISO 3382-1, 4.3.3). */
        GOOD,
        /** The noise is nearer and was taken off: good for a comparison. */
        FAIR,
        /** There is no figure, or the burst was clipped, or the filter itself rings longer. */
        NONE
    }

    /** The best figure there is: T20, or the early decay where the noise hides the rest. */
    public OptionalDouble seconds() {
        return t20.isPresent() ? t20 : edt;
    }

    /** How far {@link #seconds} can be trusted. */
    public Trust trust() {
        return t20.isPresent() ? t20Trust : edtTrust;
    }
}
