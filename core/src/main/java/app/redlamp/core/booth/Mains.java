package app.redlamp.core.booth;

import app.redlamp.core.fault.Faults;

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
            throw new IllegalArgumentException(Faults.say("mains.mains-hz-off", nominalHz, driftHz));
        }
    }

    double baseHz() {
        return nominalHz + driftHz;
    }
}
