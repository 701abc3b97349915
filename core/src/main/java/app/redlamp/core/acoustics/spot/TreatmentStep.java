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

    public TreatmentStep {
        echoesBefore = List.copyOf(echoesBefore);
        echoesAfter = List.copyOf(echoesAfter);
    }
}
