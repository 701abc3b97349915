package app.redlamp.core.units;

import java.util.OptionalDouble;

/**
 * Decibels and the ratios they stand for: {@code dB = 20 log10(a)} for an amplitude {@code a}, {@code dB = 10 log10(p)}
 * for a power {@code p}. Full scale is amplitude 1, so the same functions give dBFS.
 *
 * <ul>
 *   <li>zero, negative or NaN has no level: the result is absent, never −∞
 * </ul>
 */
public final class Decibels {
    /** Natural logarithm of 1 dB of amplitude (by definition). */
    private static final double LN10_OVER_20 = Math.log(10) / 20;

    private Decibels() {}

    /** Level in dB of an amplitude; absent unless the amplitude is above zero and finite. */
    public static OptionalDouble ofAmplitude(double amplitude) {
        return amplitude > 0 && amplitude <= Double.MAX_VALUE
                ? OptionalDouble.of(levelOfAmplitude(amplitude))
                : OptionalDouble.empty();
    }

    /** Level in dB of a power; absent unless the power is above zero and finite. */
    public static OptionalDouble ofPower(double power) {
        return power > 0 && power <= Double.MAX_VALUE ? OptionalDouble.of(levelOfPower(power)) : OptionalDouble.empty();
    }

    /** Level in dB of an amplitude that is known to be above 0; of 0 it would be −∞, so bound it from below where it may be. */
    public static double levelOfAmplitude(double amplitude) {
        return 20 * Math.log10(amplitude);
    }

    /** Level in dB of a power that is known to be above 0; of 0 it would be −∞, so bound it from below where it may be. */
    public static double levelOfPower(double power) {
        return 10 * Math.log10(power);
    }

    /** The same in nepers, the natural logarithm of the amplitude; a power has twice as many. */
    public static double toNepers(double db) {
        return db * LN10_OVER_20;
    }

    /** Amplitude ratio of a level in dB. */
    public static double toAmplitude(double db) {
        return Math.exp(db * LN10_OVER_20);
    }

    /** Power ratio of a level in dB. */
    public static double toPower(double db) {
        return Math.exp(2 * db * LN10_OVER_20);
    }
}
