package app.redlamp.core.measure.loudness;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.units.Decibels;

/**
 * The K-weighting: a high shelf for the head, then a high-pass.
 *
 * <p>Source: ITU-R BS.1770-5 annex 1. The standard prints coefficients for 48 kHz only; for every rate they are derived
 * here by the bilinear transform from the analogue prototype behind those numbers.
 */
public final class KWeighting {
    /** Of the analogue filter behind the table (ITU-R BS.1770-5, annex 1, table 1, solved for other rates). */
    private static final double SHELF_HZ = 1681.974450955533;

    /** Of the analogue filter (as above). */
    private static final double SHELF_DB = 3.999843853973347;

    /** Of the analogue filter (as above). */
    private static final double SHELF_Q = 0.7071752369554196;

    /** Of the analogue filter (as above). */
    private static final double SHELF_BAND_EXPONENT = 0.4996667741545416;

    /** Of the analogue filter (ITU-R BS.1770-5, annex 1, table 2, solved for other rates). */
    private static final double HIGH_PASS_HZ = 38.13547087602444;

    /** Of the analogue filter (as above, table 2). */
    private static final double HIGH_PASS_Q = 0.5003270373238773;

    private KWeighting() {}

    /** Stage 1 of the standard. */
    public static Biquad shelf(double sampleRateHz) {
        double k = Math.tan(Math.PI * SHELF_HZ / sampleRateHz);
        double vh = Decibels.toAmplitude(SHELF_DB);
        double vb = Math.pow(vh, SHELF_BAND_EXPONENT);
        double a0 = 1 + k / SHELF_Q + k * k;
        return new Biquad(
                (vh + vb * k / SHELF_Q + k * k) / a0,
                2 * (k * k - vh) / a0,
                (vh - vb * k / SHELF_Q + k * k) / a0,
                2 * (k * k - 1) / a0,
                (1 - k / SHELF_Q + k * k) / a0);
    }

    /** Stage 2 of the standard; its numerator stays 1, −2, 1 at every rate. */
    public static Biquad highPass(double sampleRateHz) {
        double k = Math.tan(Math.PI * HIGH_PASS_HZ / sampleRateHz);
        double a0 = 1 + k / HIGH_PASS_Q + k * k;
        return new Biquad(1, -2, 1, 2 * (k * k - 1) / a0, (1 - k / HIGH_PASS_Q + k * k) / a0);
    }
}
