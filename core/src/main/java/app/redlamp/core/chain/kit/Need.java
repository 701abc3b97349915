package app.redlamp.core.chain.kit;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.fault.Faults;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a job asks of a kit.
 *
 * @param voices in the room at once, 1 to 16
 * @param guests whether somebody is listened to who is elsewhere
 * @param live whether it goes out as it is spoken
 * @param voice how loud they speak
 * @param room where they sit
 * @param finishing what is made of the recording
 * @param school where the gain is set
 * @param clarityDb clarity of the voice that is wanted, as {@link Surroundings#clarityDb} has it
 * @param bits of a sample while recording
 * @param budget what may be spent; absent where that is open
 * @param owned how many there are already of each part, by its id
 */
public record Need(
        int voices,
        boolean guests,
        boolean live,
        Voice voice,
        Surroundings room,
        FinishingTarget finishing,
        GainSchool school,
        double clarityDb,
        int bits,
        OptionalDouble budget,
        Map<String, Integer> owned) {

    /** Room that the wish for clarity is computed in (common practice, no source). */
    private static final double BOX_ROOM_M3 = 10;

    private static final Position NARRATOR = Position.straight(0.18);

    /** @throws IllegalArgumentException for no voice or too many */
    public Need {
        owned = Map.copyOf(owned);
        if (!(voices >= 1 && voices <= Kit.MOST_SEATS)) {
            throw new IllegalArgumentException(Faults.say("need.voices-must-be", voices, Kit.MOST_SEATS));
        }
    }

    /** Clarity that a narrator has before a cardioid in a box room that rings no longer than it may. */
    public static double clarityFor(double decayS) {
        return new Surroundings(Noise.NONE, BOX_ROOM_M3, decayS).clarityDb(NARRATOR, Pattern.CARDIOID);
    }

    /** How many of a part have still to be bought. */
    public int missing(Gear part, int wanted) {
        return Math.max(0, wanted - owned.getOrDefault(part.id(), 0));
    }
}
