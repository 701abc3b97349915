package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * What turns the voltage into numbers.
 *
 * @param bits of a sample, 8 to 32
 * @param dynamicRangeDbA from its own noise up to a full-scale sine, A-weighted, 40 to 140 dB
 */
public record Converter(int bits, double dynamicRangeDbA) {
    /** @throws IllegalArgumentException out of range */
    public Converter {
        if (!(bits >= 8 && bits <= 32 && dynamicRangeDbA >= 40 && dynamicRangeDbA <= 140)) {
            throw new IllegalArgumentException(Faults.say("converter.bits-db-must", bits, dynamicRangeDbA));
        }
    }

    /** Its own noise and that of whole steps, in dBFS RMS. */
    public Noise noise() {
        return Noise.whiteA(-dynamicRangeDbA - Volts.SINE_CREST_DB).and(steps(bits));
    }

    /**
     * Noise of whole steps in dBFS RMS: 6.02 N + 1.76 dB under a full-scale sine (any handbook of digital audio).
     */
    static Noise steps(int bits) {
        return Noise.white(-Decibels.levelOfAmplitude(2) * bits - Decibels.levelOfPower(1.5) - Volts.SINE_CREST_DB);
    }
}
