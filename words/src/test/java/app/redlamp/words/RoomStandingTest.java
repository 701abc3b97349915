package app.redlamp.words;

import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Rooms;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.SpotsForTests;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

class RoomStandingTest extends StandingContract {
    private final RoomWording words = new RoomWording(Locale.UK, new Lengths(Locale.UK, false));

    @Override
    List<Case> cases() {
        List<Case> all = new ArrayList<>();
        List<Room> rooms =
                List.of(Rooms.boxRoom(), Rooms.box(1.2, 1.6, 2.2, Rooms.DUVET), Rooms.box(3.1, 4.3, 2.6, Rooms.DUVET));
        for (Room room : rooms) {
            for (double decay : new double[] {0.15, 0.3, 0.6, 1.5}) {
                for (double wanted : new double[] {15, 30, 50}) {
                    for (OptionalDouble noise : List.of(
                            OptionalDouble.empty(),
                            OptionalDouble.of(12),
                            OptionalDouble.of(30.01),
                            OptionalDouble.of(58))) {
                        Study study =
                                Study.of(SpotsForTests.spot("place", room).withNoise(noise), new Wanted(decay, wanted));
                        all.add(new Case(
                                room.space() + ", " + decay + " s, " + wanted + " dB(A), " + noise,
                                RoomVerdict.of(study),
                                words.verdict(study)));
                    }
                }
            }
        }
        return all;
    }

    @Override
    boolean saysClear(String sentence) {
        return sentence.startsWith("Dead, even and quiet enough")
                || sentence.startsWith("Dead and even enough; the noise");
    }
}
