package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;

/**
 * What lifts the voltage of a microphone to what a converter wants.
 *
 * @param minGainDb knob down, −40 to 60 dB
 * @param maxGainDb knob up, at least as much, up to 90 dB
 * @param einDbu its noise as if it came in with the microphone, unweighted over 20 kHz at 150 Ω, −135 to −60
 * @param strainDb by how much that rises towards the end of the knob, 0 to 12 dB
 * @param maxInputDbu loudest sine that it takes with the knob down, −60 to 40
 * @param inputOhm resistance that it loads a microphone with, 100 Ω to 10 MΩ
 */
public record Preamp(
        double minGainDb, double maxGainDb, double einDbu, double strainDb, double maxInputDbu, double inputOhm) {
    /** Preamps get noisy in the last part of their range (common practice, no source). */
    public static final double STRAINED_DB = 6;

    /** Thermal noise of the resistance that preamps are measured with (common practice, no source). */
    static final double TEST_DBU = Volts.thermalDbu(150);

    /** Below thermal noise there is a slip of the pen (ours). */
    private static final double LOWEST_EIN = -135;

    /** Above, it is no preamp (ours). */
    private static final double HIGHEST_EIN = -60;

    /** @throws IllegalArgumentException out of range; the message says what is allowed */
    public Preamp {
        checkEin(einDbu);
        if (!(minGainDb >= -40 && minGainDb <= 60 && maxGainDb >= minGainDb && maxGainDb <= 90)) {
            throw new IllegalArgumentException(Faults.say("preamp.gain-to-db", minGainDb, maxGainDb));
        }
        if (!(strainDb >= 0 && strainDb <= 12 && maxInputDbu >= -60 && maxInputDbu <= 40)) {
            throw new IllegalArgumentException(Faults.say("preamp.strain-db-to", strainDb, maxInputDbu));
        }
        if (!(inputOhm >= 100 && inputOhm <= 1e7)) {
            throw new IllegalArgumentException(Faults.say("preamp.input-must-lie", inputOhm));
        }
    }

    static void checkEin(double einDbu) {
        if (!(einDbu >= LOWEST_EIN && einDbu <= HIGHEST_EIN)) {
            String sign = -einDbu >= LOWEST_EIN && -einDbu <= HIGHEST_EIN ? "; did you mean −" + einDbu + "?" : "";
            throw new IllegalArgumentException(Faults.say("preamp.equivalent-input-noise", einDbu, sign));
        }
    }

    /** Sine in dBu behind the preamp that is full scale in the converter. */
    public double fullScaleDbu() {
        return maxInputDbu + minGainDb;
    }

    /** The gain nearest to a wish. */
    public double within(double gainDb) {
        return Math.max(minGainDb, Math.min(maxGainDb, gainDb));
    }

    /** Where the last part of the knob begins. */
    public double cleanGainDb() {
        return strainDb > 0 ? Math.max(minGainDb, maxGainDb - STRAINED_DB) : maxGainDb;
    }

    /** What it adds itself, as if it came in: the thermal noise of the microphone counts with the microphone. */
    Noise noise(double gainDb) {
        double up = Math.max(0, Math.min(1, (gainDb - cleanGainDb()) / STRAINED_DB));
        return Noise.white(Volts.without(einDbu + strainDb * up, TEST_DBU));
    }
}
