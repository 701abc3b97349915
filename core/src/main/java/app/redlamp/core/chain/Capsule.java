package app.redlamp.core.chain;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.fault.Faults;
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
 * @param evenAtM distance at which it is built to have no more bass than treble, 0.01 to 1 m: further off it is thin. Absent
 *     where it is even far away, and boomy near by
 */
public record Capsule(
        Pattern pattern,
        double sensitivityMvPerPa,
        OptionalDouble selfNoiseDbA,
        double maxSplDb,
        double outputOhm,
        OptionalDouble evenAtM) {

    /** @throws IllegalArgumentException out of range */
    public Capsule {
        if (!(sensitivityMvPerPa >= 0.05 && sensitivityMvPerPa <= 200)) {
            throw new IllegalArgumentException(Faults.say("capsule.sensitivity-must-lie", sensitivityMvPerPa));
        }
        double noise = selfNoiseDbA.orElse(0);
        if (!(noise >= 0 && noise <= 60)) {
            throw new IllegalArgumentException(Faults.say("capsule.self-noise-db", noise));
        }
        if (!(maxSplDb >= 80 && maxSplDb <= 180 && outputOhm >= 10 && outputOhm <= 10_000)) {
            throw new IllegalArgumentException(Faults.say("capsule.to-db-spl", maxSplDb, outputOhm));
        }
        double even = evenAtM.orElse(1);
        if (!(even >= 0.01 && even <= 1)) {
            throw new IllegalArgumentException(Faults.say("capsule.even-at-must", even));
        }
    }

    /** Even far away. */
    public Capsule(
            Pattern pattern,
            double sensitivityMvPerPa,
            OptionalDouble selfNoiseDbA,
            double maxSplDb,
            double outputOhm) {
        this(pattern, sensitivityMvPerPa, selfNoiseDbA, maxSplDb, outputOhm, OptionalDouble.empty());
    }

    /**
     * What it hears of a voice as an amplitude ratio to one from the front at a middle frequency that is as loud where it
     * stands: pattern, nearness, and what it is built for.
     *
     * @param angleDeg by how much it is turned away, 0 to 180
     */
    public double gain(double angleDeg, double distanceM, double frequencyHz) {
        double near = Proximity.gain(pattern, angleDeg, distanceM, frequencyHz);
        return evenAtM.isPresent() ? near / Proximity.gain(pattern, 0, evenAtM.getAsDouble(), frequencyHz) : near;
    }

    /** Lift of a frequency by nearness in dB, against what it hears at a middle one from the same side; below 0 it is thin. */
    public double liftDb(double angleDeg, double distanceM, double frequencyHz) {
        double built = evenAtM.isPresent() ? Proximity.db(pattern, 0, evenAtM.getAsDouble(), frequencyHz) : 0;
        return Proximity.db(pattern, angleDeg, distanceM, frequencyHz) - built;
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

    /** The same with another pattern. */
    public Capsule heard(Pattern other) {
        return new Capsule(other, sensitivityMvPerPa, selfNoiseDbA, maxSplDb, outputOhm, evenAtM);
    }
}
