package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;

/** Where one claps to measure a room: behind the reading place, so far from the microphone that the room is heard too. */
public final class ClapPlace {
    /** From the microphone, where there is room for it (common practice, no source). */
    public static final double DISTANCE_M = 1;

    /** Nearer a wall the clap and its reflection are one (ours). */
    private static final double FROM_WALL_M = 0.3;

    private ClapPlace() {}

    /** The room with a clap in place of the mouth: on the line from the microphone over the mouth. */
    public static Room of(Room room) {
        Point way = room.mouth().minus(room.microphone());
        double length = Math.max(0.01, way.length());
        Point clap = room.microphone().plus(way.times(DISTANCE_M / length));
        return room.placed(room.space().inside(clap, FROM_WALL_M), room.microphone());
    }
}
