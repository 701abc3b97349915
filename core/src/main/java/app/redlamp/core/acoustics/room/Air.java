package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;

/**
 * The air in a room.
 *
 * @param temperatureC −20 to 50 °C
 * @param humidityPercent relative, 1 to 100
 */
public record Air(double temperatureC, double humidityPercent) {
    /** A room that people live in. */
    public static final Air USUAL = new Air(20, 50);

    /** 0 °C in kelvin (by definition). */
    private static final double ZERO_K = 273.15;

    /** 20 °C (ISO 9613-1, from memory). */
    private static final double REFERENCE_K = 293.15;

    /** The triple point of water (ISO 9613-1, from memory). */
    private static final double TRIPLE_K = 273.16;

    /** Speed of sound in dry air at 0 °C (any acoustics handbook). */
    private static final double SPEED_AT_ZERO = 331.3;

    /** @throws IllegalArgumentException out of range */
    public Air {
        if (!(temperatureC >= -20 && temperatureC <= 50 && humidityPercent >= 1 && humidityPercent <= 100)) {
            throw new IllegalArgumentException(Faults.say("air.must-lie-between", temperatureC, humidityPercent));
        }
    }

    /** Speed of sound in m/s: 331.3 √(1 + ϑ/273.15), from any acoustics handbook. */
    public double speedMps() {
        return SPEED_AT_ZERO * Math.sqrt(1 + temperatureC / ZERO_K);
    }

    /**
     * What the air itself takes away at normal pressure, in dB a metre.
     *
     * <p>Source: ISO 9613-1:1993, formulae (3) to (5).
     */
    public double absorptionDbPerM(double frequencyHz) {
        double kelvin = temperatureC + ZERO_K;
        double ratio = kelvin / REFERENCE_K;
        double saturation = Math.pow(10, -6.8346 * Math.pow(TRIPLE_K / kelvin, 1.261) + 4.6151);
        double water = humidityPercent * saturation;
        double oxygen = 24 + 4.04e4 * water * (0.02 + water) / (0.391 + water);
        double nitrogen =
                Math.pow(ratio, -0.5) * (9 + 280 * water * Math.exp(-4.170 * (Math.pow(ratio, -1 / 3.0) - 1)));
        double square = frequencyHz * frequencyHz;
        double classical = 1.84e-11 * Math.sqrt(ratio);
        double relaxing = 0.01275 * Math.exp(-2239.1 / kelvin) / (oxygen + square / oxygen)
                + 0.1068 * Math.exp(-3352.0 / kelvin) / (nitrogen + square / nitrogen);
        return 8.686 * square * (classical + Math.pow(ratio, -2.5) * relaxing);
    }

    /** The same as the exponent m of the energy, 1/m, in each band. */
    public SixBands exponents() {
        return SixBands.each(b -> 2 * Decibels.toNepers(absorptionDbPerM(SixBands.centreHz(b))));
    }
}
