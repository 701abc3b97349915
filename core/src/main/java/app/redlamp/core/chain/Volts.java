package app.redlamp.core.chain;

import app.redlamp.core.units.Decibels;

/** Voltages as levels. */
public final class Volts {
    /** 0 dBu: the voltage of 1 mW in 600 Ω (by definition). */
    public static final double DBU_V = Math.sqrt(0.6);

    /** Sound pressure level of 1 Pa, rounded as data sheets have it (94.0 dB re 20 µPa is 1.002 Pa) (IEC 61672-1; data sheets say 94). */
    public static final double PASCAL_DB = 94;

    /** From the RMS of a sine up to its peak (by definition). */
    public static final double SINE_CREST_DB = Decibels.levelOfPower(2);

    /** In joules a kelvin (SI, 2019). */
    private static final double BOLTZMANN = 1.380649e-23;

    /** 20 °C (ours). */
    private static final double ROOM_K = 293.15;

    private Volts() {}

    /** Level of a voltage in dBu; the voltage must lie above 0. */
    public static double dbu(double volts) {
        return Decibels.levelOfAmplitude(volts / DBU_V);
    }

    /**
     * Thermal noise of a resistance at 20 °C over 20 kHz in dBu: √(4 k T R B).
     *
     * <p>Source: J. B. Johnson and H. Nyquist, Phys. Rev. 32, 1928.
     */
    public static double thermalDbu(double ohm) {
        return dbu(Math.sqrt(4 * BOLTZMANN * ROOM_K * ohm * Noise.HIGHEST_HZ));
    }

    /** What is left of a level when another that was part of it is taken out; far below it where nothing is. */
    public static double without(double allDb, double partDb) {
        double rest = Decibels.toPower(allDb) - Decibels.toPower(partDb);
        return rest > 0 ? Decibels.levelOfPower(rest) : Noise.NONE.flatDb();
    }
}
