package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;
import java.util.List;

/**
 * A socket for headphones with its knob wide open.
 *
 * @param volts RMS of a sine at digital full scale with nothing plugged in, 0.05 to 20 V
 * @param ohm what it has in series, 0 to 1000 Ω
 */
public record HeadphoneOutput(double volts, double ohm) {

    /** @throws IllegalArgumentException out of range */
    public HeadphoneOutput {
        if (!(volts >= 0.05 && volts <= 20 && ohm >= 0 && ohm <= 1000)) {
            throw new IllegalArgumentException(Faults.say("headphone-output.must-lie", volts, ohm));
        }
    }

    /**
     * Sound pressure level of a full-scale sine in one of several headphones that share the socket side by side, in dB. Source:
     * the voltage divider.
     *
     * @param one those that are listened to; among the others
     * @param plugged all that are plugged in
     */
    public double fullScaleDb(Headphones one, List<Headphones> plugged) {
        double siemens = plugged.stream().mapToDouble(h -> 1 / h.ohm()).sum();
        return one.levelDb(volts / (1 + ohm * siemens));
    }
}
