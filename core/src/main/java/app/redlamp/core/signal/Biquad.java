package app.redlamp.core.signal;

import app.redlamp.core.fault.Faults;

/**
 * A second-order section {@code y[n] = b0 x[n] + b1 x[n−1] + b2 x[n−2] − a1 y[n−1] − a2 y[n−2]}, coefficients divided by
 * a0.
 */
public record Biquad(double b0, double b1, double b2, double a1, double a2) {

    /** Q of a second-order Butterworth response (by definition). */
    public static final double BUTTERWORTH_Q = Math.sqrt(0.5);

    /**
     * High-pass of 12 dB an octave.
     *
     * <p>Source: R. Bristow-Johnson, audio EQ cookbook (W3C note), HPF.
     *
     * @param frequencyHz corner, above 0 and below half the sample rate
     * @throws IllegalArgumentException for a corner outside that range
     */
    public static Biquad highPass(double frequencyHz, double q, double sampleRateHz) {
        if (!(frequencyHz > 0 && frequencyHz < sampleRateHz / 2)) {
            throw new IllegalArgumentException(Faults.say("biquad.high-pass-at", frequencyHz, sampleRateHz / 2));
        }
        double w0 = 2 * Math.PI * frequencyHz / sampleRateHz;
        double cos = Math.cos(w0);
        double alpha = Math.sin(w0) / (2 * q);
        double a0 = 1 + alpha;
        double b = (1 + cos) / 2 / a0;
        return new Biquad(b, -2 * b, b, -2 * cos / a0, (1 - alpha) / a0);
    }

    /**
     * Low-pass of 12 dB an octave.
     *
     * <p>Source: R. Bristow-Johnson, audio EQ cookbook (W3C note), LPF.
     *
     * @param frequencyHz corner, above 0 and below half the sample rate
     * @throws IllegalArgumentException for a corner outside that range
     */
    public static Biquad lowPass(double frequencyHz, double q, double sampleRateHz) {
        if (!(frequencyHz > 0 && frequencyHz < sampleRateHz / 2)) {
            throw new IllegalArgumentException(Faults.say("biquad.low-pass-at", frequencyHz, sampleRateHz / 2));
        }
        double w0 = 2 * Math.PI * frequencyHz / sampleRateHz;
        double cos = Math.cos(w0);
        double alpha = Math.sin(w0) / (2 * q);
        double a0 = 1 + alpha;
        double b = (1 - cos) / 2 / a0;
        return new Biquad(b, 2 * b, b, -2 * cos / a0, (1 - alpha) / a0);
    }

    /** Gain as an amplitude ratio at a frequency. */
    public double gainAt(double frequencyHz, double sampleRateHz) {
        double w = 2 * Math.PI * frequencyHz / sampleRateHz;
        double numerator =
                Math.hypot(b0 + b1 * Math.cos(w) + b2 * Math.cos(2 * w), b1 * Math.sin(w) + b2 * Math.sin(2 * w));
        double denominator =
                Math.hypot(1 + a1 * Math.cos(w) + a2 * Math.cos(2 * w), a1 * Math.sin(w) + a2 * Math.sin(2 * w));
        return numerator / denominator;
    }
}
