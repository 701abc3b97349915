package app.redlamp.core.booth;

/**
 * The mains that hum.
 *
 * @param nominalHz 50 or 60
 * @param driftHz by how much it is off, −0.5 to 0.5 Hz
 */
public record Mains(int nominalHz, double driftHz) {
    public static final Mains EUROPEAN = new Mains(50, 0);

    /** @throws IllegalArgumentException for another mains */
    public Mains {
        if (!((nominalHz == 50 || nominalHz == 60) && Math.abs(driftHz) <= 0.5)) {
            throw new IllegalArgumentException("mains of " + nominalHz + " Hz, off by " + driftHz
                    + " Hz: must be 50 or 60, off by half a hertz at most");
        }
    }

    double baseHz() {
        return nominalHz + driftHz;
    }
}
