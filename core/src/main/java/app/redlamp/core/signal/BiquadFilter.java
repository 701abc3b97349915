package app.redlamp.core.signal;

/** One {@link Biquad} with its memory, for one channel (transposed direct form II in double precision). */
public final class BiquadFilter {
    private final double b0;
    private final double b1;
    private final double b2;
    private final double a1;
    private final double a2;
    private double s1;
    private double s2;

    public BiquadFilter(Biquad section) {
        b0 = section.b0();
        b1 = section.b1();
        b2 = section.b2();
        a1 = section.a1();
        a2 = section.a2();
    }

    /** A whole sound, filtered. */
    public double[] all(float[] sound) {
        double[] filtered = new double[sound.length];
        for (int n = 0; n < sound.length; n++) {
            filtered[n] = next(sound[n]);
        }
        return filtered;
    }

    /** The same of one that was filtered before. */
    public double[] all(double[] sound) {
        double[] filtered = new double[sound.length];
        for (int n = 0; n < sound.length; n++) {
            filtered[n] = next(sound[n]);
        }
        return filtered;
    }

    /** The next sample, filtered. */
    public double next(double x) {
        double y = b0 * x + s1;
        s1 = b1 * x - a1 * y + s2;
        s2 = b2 * x - a2 * y;
        return y;
    }
}
