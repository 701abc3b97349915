package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Lead;
import app.redlamp.core.fault.Faults;

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
            throw new IllegalArgumentException(Faults.say("cable.must-lie-between", name, lengthM));
        }
    }

    /** Balanced only where both ends are. */
    public boolean balanced() {
        return from.balanced() && to.balanced();
    }

    /** What it does to the signal. */
    public Lead lead() {
        return new Lead(lengthM, balanced());
    }
}
