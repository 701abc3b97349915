package app.redlamp.core.setting.level;

import app.redlamp.core.chain.Preamp;
import app.redlamp.core.fault.Faults;

/**
 * What can be turned.
 *
 * @param gainDb where it stands
 * @param minDb its lower end
 * @param cleanDb up to where a preamp stays quiet
 * @param maxDb its upper end
 */
public record Knob(double gainDb, double minDb, double cleanDb, double maxDb) {

    /** @throws IllegalArgumentException where it does not stand within its ends */
    public Knob {
        if (!(minDb <= gainDb + 1e-9 && gainDb <= maxDb + 1e-9 && cleanDb >= minDb && cleanDb <= maxDb)) {
            throw new IllegalArgumentException(Faults.say("knob.knob-at-db", gainDb, minDb, maxDb));
        }
    }

    /** The knob of a preamp, standing at so many dB. */
    public static Knob of(Preamp preamp, double gainDb) {
        return new Knob(preamp.within(gainDb), preamp.minGainDb(), preamp.cleanGainDb(), preamp.maxGainDb());
    }
}
