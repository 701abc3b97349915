package app.redlamp.core.signal;

import java.util.function.DoubleUnaryOperator;

/**
 * The shortest impulse response of a given gain over frequency: its phase follows from the gain by way of the cepstrum. Source:
 * A. V. Oppenheim and R. W. Schafer, Discrete-Time Signal Processing, chapter on the cepstrum.
 */
public final class MinimumPhase {
    /** Gains are taken no lower: 120 dB below 1 (ours). */
    private static final double LOWEST = 1e-6;

    /** The end of a response is faded out over an eighth of it (ours). */
    private static final int FADE = 8;

    private MinimumPhase() {}

    /**
     * @param gain amplitude ratio at a frequency in Hz, 0 or more
     * @param length samples of the response, a power of two
     */
    public static float[] of(DoubleUnaryOperator gain, int length, int sampleRateHz) {
        int size = 4 * length;
        Fourier transform = new Fourier(size);
        float[] row = new float[size];
        // The logarithm of the gain is real and even.
        row[0] = log(gain, 0);
        row[1] = log(gain, sampleRateHz / 2.0);
        for (int k = 1; k < size / 2; k++) {
            row[2 * k] = log(gain, (double) k * sampleRateHz / size);
        }
        transform.inverse(row);
        // What lies before time zero is folded over what lies after it.
        for (int n = 1; n < size / 2; n++) {
            row[n] *= 2;
            row[size - n] = 0;
        }
        transform.forward(row);
        row[0] = (float) Math.exp(row[0]);
        row[1] = (float) Math.exp(row[1]);
        for (int k = 1; k < size / 2; k++) {
            double magnitude = Math.exp(row[2 * k]);
            double phase = row[2 * k + 1];
            row[2 * k] = (float) (magnitude * Math.cos(phase));
            row[2 * k + 1] = (float) (magnitude * Math.sin(phase));
        }
        transform.inverse(row);
        float[] response = new float[length];
        int fade = length / FADE;
        for (int n = 0; n < length; n++) {
            int left = length - n;
            double share = left >= fade ? 1 : 0.5 - 0.5 * Math.cos(Math.PI * left / fade);
            response[n] = (float) (row[n] * share);
        }
        return response;
    }

    private static float log(DoubleUnaryOperator gain, double frequencyHz) {
        return (float) Math.log(Math.max(LOWEST, gain.applyAsDouble(frequencyHz)));
    }
}
