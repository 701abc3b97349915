package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.fault.Faults;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One voice with all that belongs to it.
 *
 * @param name of who speaks
 * @param microphone what it is spoken into
 * @param cable from there to the box; absent where it goes straight into a computer, or is missing
 * @param booster in the lead; absent for none
 * @param gainDb where the knob stands
 * @param voice how loud it is
 * @param position where the microphone stands
 * @param popFilterM from the lips to a pop filter; absent for none
 */
public record Seat(
        String name,
        Microphone microphone,
        Optional<Cable> cable,
        Optional<BoosterPart> booster,
        double gainDb,
        Voice voice,
        Position position,
        OptionalDouble popFilterM) {

    /** @throws IllegalArgumentException without a name, or for a gain or a pop filter that cannot be */
    public Seat {
        if (name.isBlank() || name.length() > Gear.LONGEST_NAME) {
            throw new IllegalArgumentException(Faults.say("seat.voice-needs-name", Gear.LONGEST_NAME));
        }
        if (!(gainDb >= -40 && gainDb <= 90)) {
            throw new IllegalArgumentException(Faults.say("seat.gain-db-must", gainDb));
        }
        double screen = popFilterM.orElse(0.01);
        if (!(screen > 0 && screen <= Position.FURTHEST_M)) {
            throw new IllegalArgumentException(Faults.say("seat.pop-filter-at", screen));
        }
    }

    /** A microphone where it is used at its best. */
    public static Seat of(String name, Microphone microphone, Voice voice) {
        return new Seat(
                name,
                microphone,
                Optional.empty(),
                Optional.empty(),
                0,
                voice,
                Position.straight(microphone.kind().usualM()),
                OptionalDouble.empty());
    }

    /** The same with another microphone. */
    public Seat with(Microphone other) {
        return new Seat(name, other, cable, booster, gainDb, voice, position, popFilterM);
    }

    /** The same with another lead; absent for none. */
    public Seat wired(Optional<Cable> other) {
        return new Seat(name, microphone, other, booster, gainDb, voice, position, popFilterM);
    }

    /** The same with another booster; absent for none. */
    public Seat boosted(Optional<BoosterPart> other) {
        return new Seat(name, microphone, cable, other, gainDb, voice, position, popFilterM);
    }

    /** The same with so much gain, in dB. */
    public Seat gained(double db) {
        return new Seat(name, microphone, cable, booster, db, voice, position, popFilterM);
    }

    /** The same with another voice. */
    public Seat spoken(Voice other) {
        return new Seat(name, microphone, cable, booster, gainDb, other, position, popFilterM);
    }

    /** The same with its microphone elsewhere. */
    public Seat at(Position other) {
        return new Seat(name, microphone, cable, booster, gainDb, voice, other, popFilterM);
    }

    /** The same with a pop filter so many metres from the lips; absent for none. */
    public Seat screened(OptionalDouble metres) {
        return new Seat(name, microphone, cable, booster, gainDb, voice, position, metres);
    }

    /** The same under another name. */
    public Seat called(String other) {
        return new Seat(other, microphone, cable, booster, gainDb, voice, position, popFilterM);
    }
}
