package app.redlamp.core.acoustics.cabin;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One way to make a place better, beside the others.
 *
 * @param way which
 * @param cabin the booth; absent for the other ways
 * @param price of all of it
 * @param noiseDbA with everything on that is known; absent where no noise is
 * @param quietHours of a week by day in which it is quiet enough; absent where that is not known
 * @param decayS reverb time at 500 Hz
 * @param voiceOverRoomDb the voice itself over the room's reverberation, 500 Hz to 2 kHz
 * @param boomDb how far its worst boom sticks out
 * @param fits whether it can stand in the room
 * @param staleMinutes until nobody should stay with the door shut; absent where that never comes
 */
public record CabinChoice(
        Way way,
        Optional<Cabin> cabin,
        double price,
        OptionalDouble noiseDbA,
        OptionalDouble quietHours,
        double decayS,
        double voiceOverRoomDb,
        double boomDb,
        boolean fits,
        OptionalDouble staleMinutes) {
    /** Less is nothing to pay for: nobody hears it (common practice, no source). */
    private static final double WORTH_DB = 1;

    /** What is done. */
    public enum Way {
        /** Nothing. */
        AS_IT_IS,
        /** The treatment that is advised: cloth, wool, rugs. */
        TREATED,
        CABIN;

        /** Name in reports, such as {@code as-it-is}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Whether it is louder with everything on than a job lets pass; not where nothing is known. */
    public boolean isTooLoud(Wanted wanted) {
        return noiseDbA.orElse(0) > wanted.noiseDbA();
    }

    /** Whether it rings longer at 500 Hz than a job lets pass. */
    public boolean ringsTooLong(Wanted wanted) {
        return decayS > wanted.decays().at(SixBands.MIDDLE);
    }

    /** Whether its boom spoils narration. */
    public boolean booms() {
        return boomDb >= Study.BOOM_DB;
    }

    /** How much less noise there is than in another choice, in dB; absent where none is known. */
    public OptionalDouble quieterDb(CabinChoice now) {
        return noiseDbA.isPresent() && now.noiseDbA.isPresent()
                ? OptionalDouble.of(now.noiseDbA.getAsDouble() - noiseDbA.getAsDouble())
                : OptionalDouble.empty();
    }

    /** What a decibel less of noise costs; absent where it brings none. */
    public OptionalDouble noisePrice(CabinChoice now) {
        return each(quieterDb(now).orElse(0));
    }

    /** What a decibel less of room in the voice costs; absent where it brings none. */
    public OptionalDouble roomPrice(CabinChoice now) {
        return each(voiceOverRoomDb - now.voiceOverRoomDb);
    }

    private OptionalDouble each(double db) {
        return way != Way.AS_IT_IS && db >= WORTH_DB ? OptionalDouble.of(price / db) : OptionalDouble.empty();
    }
}
