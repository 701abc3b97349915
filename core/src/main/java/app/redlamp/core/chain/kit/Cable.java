package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Lead;

/**
 * A lead.
 *
 * @param from plug at the microphone
 * @param to plug at the other end
 * @param lengthM 0.05 to 200 m
 */
public record Cable(String id, String name, Plug from, Plug to, double lengthM, Price price, String note)
        implements Gear {

    /** @throws IllegalArgumentException out of range */
    public Cable {
        Gear.check(id, name);
        if (!(lengthM >= 0.05 && lengthM <= 200)) {
            throw new IllegalArgumentException("'" + name + "': " + lengthM + " m: must lie between 0.05 and 200");
        }
    }

    /** Balanced only where both ends are. */
    public boolean balanced() {
        return from.balanced() && to.balanced();
    }

    public Lead lead() {
        return new Lead(lengthM, balanced());
    }
}
