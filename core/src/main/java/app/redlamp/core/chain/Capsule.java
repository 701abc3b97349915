package app.redlamp.core.chain;

import app.redlamp.core.room.Pattern;
import java.util.OptionalDouble;

/**
 * What turns sound into a voltage.
 *
 * @param pattern from where it hears
 * @param sensitivityMvPerPa voltage at 94 dB SPL without load, 0.05 to 200 mV/Pa
 * @param selfNoiseDbA what it hisses by itself as if it were sound, 0 to 60 dB(A); absent where it is only the thermal noise of
 *     its resistance, as in dynamic microphones
 * @param maxSplDb RMS level of a sine at which it distorts by 1 %, 80 to 180 dB SPL
 * @param outputOhm resistance of its output, 10 to 10 000 Ω
 */
public record Capsule(
        Pattern pattern, double sensitivityMvPerPa, OptionalDouble selfNoiseDbA, double maxSplDb, double outputOhm) {

    /** @throws IllegalArgumentException out of range */
    public Capsule {
        if (!(sensitivityMvPerPa >= 0.05 && sensitivityMvPerPa <= 200)) {
            throw new IllegalArgumentException(
                    "sensitivity of " + sensitivityMvPerPa + " mV/Pa: must lie between 0.05 and 200");
        }
        double noise = selfNoiseDbA.orElse(0);
        if (!(noise >= 0 && noise <= 60)) {
            throw new IllegalArgumentException("self-noise of " + noise + " dB(A): must lie between 0 and 60");
        }
        if (!(maxSplDb >= 80 && maxSplDb <= 180 && outputOhm >= 10 && outputOhm <= 10_000)) {
            throw new IllegalArgumentException("up to " + maxSplDb + " dB SPL, " + outputOhm
                    + " Ω: must lie between 80 and 180 dB SPL, and 10 and 10 000 Ω");
        }
    }

    /** Output in dBu at 94 dB SPL. */
    public double sensitivityDbu() {
        return Volts.dbu(sensitivityMvPerPa / 1000);
    }

    /** Output in dBu without load, for a sound of a level. */
    public double outputDbu(double splDb) {
        return sensitivityDbu() + splDb - Volts.PASCAL_DB;
    }

    /** Its own noise as if it were sound, in dB SPL. */
    public Noise noise() {
        if (selfNoiseDbA.isPresent()) {
            return Noise.whiteA(selfNoiseDbA.getAsDouble());
        }
        return Noise.white(Volts.thermalDbu(outputOhm) - sensitivityDbu() + Volts.PASCAL_DB);
    }

    public Capsule heard(Pattern other) {
        return new Capsule(other, sensitivityMvPerPa, selfNoiseDbA, maxSplDb, outputOhm);
    }
}
