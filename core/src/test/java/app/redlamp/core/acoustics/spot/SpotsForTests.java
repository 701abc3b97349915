package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Rooms;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Places for tests. */
public final class SpotsForTests {
    public static final Wanted NARRATION = new Wanted(0.25, 32);

    private SpotsForTests() {}

    public static Spot boxRoom() {
        return spot("box-room", Rooms.boxRoom());
    }

    public static Spot spot(String id, Room room) {
        return new Spot(
                id,
                id,
                room,
                List.of(
                        new OutsideSource(
                                "house", "the house", Timbre.FAN, 18, 1, Optional.empty(), List.of(Hours.always())),
                        new OutsideSource(
                                "mixers",
                                "mixers below",
                                Timbre.RUMBLE,
                                78,
                                3,
                                Optional.of(new Barrier("floor", 180, 4.5, 0.2)),
                                List.of(Hours.daily(LocalTime.of(4, 0), LocalTime.of(8, 0))))),
                Optional.empty(),
                OptionalDouble.empty());
    }
}
