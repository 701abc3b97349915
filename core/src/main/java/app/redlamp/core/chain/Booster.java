package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;

/**
 * A small amplifier in the lead.
 *
 * @param gainDb 1 to 40 dB
 * @param einDbu its noise as if it came in with the microphone, unweighted over 20 kHz at 150 Ω, −135 to −90
 * @param maxOutputDbu loudest sine that comes out, −20 to 30
 */
public record Booster(double gainDb, double einDbu, double maxOutputDbu) {
    /** @throws IllegalArgumentException out of range */
    public Booster {
        Preamp.checkEin(einDbu);
        if (!(gainDb >= 1 && gainDb <= 40 && maxOutputDbu >= -20 && maxOutputDbu <= 30)) {
            throw new IllegalArgumentException(Faults.say("booster.booster-db-to", gainDb, maxOutputDbu));
        }
    }

    /** What it adds itself, as if it came in: the thermal noise of the microphone counts with the microphone. */
    Noise noise() {
        return Noise.white(Volts.without(einDbu, Preamp.TEST_DBU));
    }
}
