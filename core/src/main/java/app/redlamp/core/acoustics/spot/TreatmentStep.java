package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import java.util.List;

/**
 * One piece of treatment and what it does.
 *
 * @param patch what and where
 * @param pieces how many of the ware it takes
 * @param price of all of them
 * @param gain points of {@link Trouble} that it takes away
 * @param before decay in each band without it
 * @param after and with it
 * @param echoesBefore first reflections without it, loudest first
 * @param echoesAfter and with it
 * @param room with it and all that was put up before
 */
public record TreatmentStep(
        Patch patch,
        int pieces,
        double price,
        double gain,
        SixBands before,
        SixBands after,
        List<Reflection> echoesBefore,
        List<Reflection> echoesAfter,
        Room room) {

    /** So far below the voice an echo is nothing that anybody treats (common practice, no source). */
    private static final double ECHO_WORTH_DB = -30;

    /** What takes off less of an echo is not told for it (ours). */
    private static final double ECHO_LESS_DB = 3;

    /** A bass trap shortens the decay at 125 Hz by more than a tape measure errs (ours). */
    private static final double BASS_LEFT = 0.93;

    public TreatmentStep {
        echoesBefore = List.copyOf(echoesBefore);
        echoesAfter = List.copyOf(echoesAfter);
    }

    /** The loudest echo off the treated side without it, in dB under the voice; 0 for none. */
    public double echoBeforeDb() {
        return level(echoesBefore);
    }

    /** And with it. */
    public double echoAfterDb() {
        return level(echoesAfter);
    }

    /** Whether the echo is one that anybody treats, and it takes off enough of it. */
    public boolean treatsEcho() {
        return echoBeforeDb() > ECHO_WORTH_DB && echoBeforeDb() - echoAfterDb() >= ECHO_LESS_DB;
    }

    /** Whether it leaves 125 Hz as it was: then it is no bass trap, whatever it is sold as. */
    public boolean leavesBass() {
        return after.at(0) > BASS_LEFT * before.at(0);
    }

    /** The band whose decay it shortens most. */
    public int bestBand() {
        int band = 0;
        for (int b = 0; b < SixBands.COUNT; b++) {
            if (after.at(b) / before.at(b) < after.at(band) / before.at(band)) {
                band = b;
            }
        }
        return band;
    }

    private double level(List<Reflection> reflections) {
        return reflections.stream()
                .filter(r -> r.face() == patch.face() && r.thing().isEmpty())
                .mapToDouble(Reflection::levelDb)
                .max()
                .orElse(0);
    }
}
