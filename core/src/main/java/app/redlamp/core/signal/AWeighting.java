package app.redlamp.core.signal;

import app.redlamp.core.units.Decibels;

/**
 * A-weighting, applied in the frequency domain because a bilinear filter falls short near half the sample rate.
 *
 * <p>Source: IEC 61672-1 annex E: poles at 20.6, 107.7, 737.9 and 12194 Hz, 0 dB at 1 kHz.
 */
public final class AWeighting {
    /** Corner in Hz (IEC 61672-1, annex E). */
    private static final double F1 = 20.598997;

    /** Corner in Hz (IEC 61672-1, annex E). */
    private static final double F2 = 107.65265;

    /** Corner in Hz (IEC 61672-1, annex E). */
    private static final double F3 = 737.86223;

    /** Corner in Hz (IEC 61672-1, annex E). */
    private static final double F4 = 12_194.217;

    /** 0 dB at 1 kHz (IEC 61672-1, annex E). */
    private static final double AT_1_KHZ = response(1000);

    private AWeighting() {}

    /** Weight of a frequency in dB; −∞ at 0 Hz. */
    public static double db(double frequencyHz) {
        return Decibels.levelOfAmplitude(response(frequencyHz) / AT_1_KHZ);
    }

    /** Mean square of a spectrum after weighting. */
    public static double meanSquare(double[] bins, double binHz) {
        double sum = 0;
        for (int k = 1; k < bins.length; k++) {
            double ratio = response(k * binHz) / AT_1_KHZ;
            sum += bins[k] * ratio * ratio;
        }
        return sum;
    }

    private static double response(double f) {
        double square = f * f;
        return F4
                * F4
                * square
                * square
                / ((square + F1 * F1) * Math.sqrt((square + F2 * F2) * (square + F3 * F3)) * (square + F4 * F4));
    }
}
