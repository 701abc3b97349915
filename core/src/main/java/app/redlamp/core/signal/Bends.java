package app.redlamp.core.signal;

/** Second differences of samples, by which it is told without a spectrum how high a sound lies. */
public final class Bends {
    private Bends() {}

    /**
     * Mean square of the second differences of a tone, as a share of its own mean square: (2 sin(π f / rate))⁴, the square of
     * what two differences let through (by definition).
     */
    public static double ofTone(double frequencyHz, double sampleRateHz) {
        return Math.pow(2 * Math.sin(Math.PI * frequencyHz / sampleRateHz), 4);
    }
}
