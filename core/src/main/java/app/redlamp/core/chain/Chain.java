package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One voice's way from the mouth to the file.
 *
 * @param voice who speaks
 * @param position where the microphone stands
 * @param room what else is heard
 * @param capsule the microphone
 * @param lead what leads to the preamp
 * @param booster a small amplifier in between; absent for none
 * @param preamp what lifts the voltage
 * @param gainDb where its knob stands, within its range
 * @param converter what makes numbers
 * @param finishing what is made of them
 */
public record Chain(
        Voice voice,
        Position position,
        Surroundings room,
        Capsule capsule,
        Lead lead,
        Optional<Booster> booster,
        Preamp preamp,
        double gainDb,
        Converter converter,
        FinishingTarget finishing) {

    /** @throws IllegalArgumentException for a gain that the preamp has not */
    public Chain {
        if (!(gainDb >= preamp.minGainDb() - 1e-9 && gainDb <= preamp.maxGainDb() + 1e-9)) {
            throw new IllegalArgumentException(
                    Faults.say("chain.gain-db-must", gainDb, preamp.minGainDb(), preamp.maxGainDb()));
        }
    }

    /** The same with so much gain, in dB. */
    public Chain gained(double db) {
        return new Chain(
                voice, position, room, capsule, lead, booster, preamp, preamp.within(db), converter, finishing);
    }

    /** The same with its microphone elsewhere. */
    public Chain at(Position other) {
        return new Chain(voice, other, room, capsule, lead, booster, preamp, gainDb, converter, finishing);
    }

    /** The same with another voice. */
    public Chain spoken(Voice other) {
        return new Chain(other, position, room, capsule, lead, booster, preamp, gainDb, converter, finishing);
    }

    /** The same in another room. */
    public Chain in(Surroundings other) {
        return new Chain(voice, position, other, capsule, lead, booster, preamp, gainDb, converter, finishing);
    }

    /** The same with another booster; absent for none. */
    public Chain through(Optional<Booster> other) {
        return new Chain(voice, position, room, capsule, lead, other, preamp, gainDb, converter, finishing);
    }

    /** The same with another capsule. */
    public Chain heardBy(Capsule other) {
        return new Chain(voice, position, room, other, lead, booster, preamp, gainDb, converter, finishing);
    }

    /** The same finished to something else. */
    public Chain finished(FinishingTarget other) {
        return new Chain(voice, position, room, capsule, lead, booster, preamp, gainDb, converter, other);
    }

    /**
     * Average level of the reading as the capsule hears it, in dB SPL: what comes straight, with the bass that nearness adds, and
     * what comes by way of the room.
     */
    public double atCapsuleDb() {
        double atPlace = voice.reading().atOneMetreDb() + position.distanceDb();
        return Noise.sum(atPlace + straightDb(), atPlace - room.overallDb(position, capsule.pattern()));
    }

    /** What the microphone makes of a voice that comes straight, over all of speech: its pattern, and {@link Proximity nearness}. */
    public double straightDb() {
        return voice.reading().spectrum().heardDb(f -> capsule.gain(position.angleDeg(), position.distanceM(), f));
    }

    /** Average level of the reading where it reaches the preamp, in dBu. */
    public double atPreampDbu() {
        return capsule.outputDbu(atCapsuleDb())
                + Lead.loadDb(capsule.outputOhm(), preamp.inputOhm())
                + booster.map(Booster::gainDb).orElse(0.0);
    }

    /** Gain that puts the voice where it is wanted, in dB; may be one that the preamp has not. */
    public double neededGainDb(GainSchool school) {
        double average = atPreampDbu() - preamp.fullScaleDbu() - Volts.SINE_CREST_DB;
        return school.changeDb(average + voice.swellDb() + voice.crestDb(), OptionalDouble.of(average));
    }

    /** Whether the knob stands where the voice is wanted, or as near to it as the preamp goes. */
    public boolean isSet(GainSchool school) {
        double average = atPreampDbu() - preamp.fullScaleDbu() - Volts.SINE_CREST_DB + gainDb;
        return school.fits(average + voice.swellDb() + voice.crestDb(), OptionalDouble.of(average))
                || Math.abs(offDb(school)) < GainSchool.WORTH_DB;
    }

    /** By how much the knob stands higher than where it is wanted and can be, in dB. */
    public double offDb(GainSchool school) {
        return gainDb - preamp.within(neededGainDb(school));
    }

    /** With the knob where the voice is wanted, as far as the preamp goes. */
    public Chain set(GainSchool school) {
        return gained(neededGainDb(school));
    }
}
