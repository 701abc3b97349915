package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.fault.Faults;
import java.util.List;

/**
 * A noise as it is heard in the room.
 *
 * @param name what it is
 * @param levels in the room while it is on, in dB SPL
 * @param hours when it is on
 * @param tonal share of its power that is a hum of the mains' harmonics, 0 to 1
 * @param cycle how it cuts in and out while it is on
 */
public record RoomSource(String name, OctaveLevels levels, List<Hours> hours, double tonal, Cycle cycle) {

    /**
     * Cutting in and out.
     *
     * @param onS seconds on
     * @param offS seconds off after that; 0 for what does not stop
     * @param fromS where in that it begins, from 0
     */
    public record Cycle(double onS, double offS, double fromS) {
        public static final Cycle STEADY = new Cycle(1, 0, 0);

        /** @throws IllegalArgumentException for lengths that are none */
        public Cycle {
            if (!(onS > 0 && offS >= 0 && onS <= 86_400 && offS <= 86_400 && fromS >= 0 && fromS <= onS + offS)) {
                throw new IllegalArgumentException(Faults.say("room-source.on-for-off", onS, offS, fromS));
            }
        }

        boolean on(double seconds) {
            return offS == 0 || (seconds + fromS) % (onS + offS) < onS;
        }
    }

    /** @throws IllegalArgumentException for a share out of range */
    public RoomSource {
        hours = List.copyOf(hours);
        if (!(tonal >= 0 && tonal <= 1)) {
            throw new IllegalArgumentException(Faults.say("room-source.share-hum-must", tonal));
        }
    }

    /** All day, without a stop and without a hum. */
    public static RoomSource steady(String name, OctaveLevels levels) {
        return new RoomSource(name, levels, List.of(Hours.always()), 0, Cycle.STEADY);
    }

    /** The same going on and off in another rhythm. */
    public RoomSource cycling(Cycle other) {
        return new RoomSource(name, levels, hours, tonal, other);
    }

    /** Whether it is on at a minute of the week; cutting in and out left aside. */
    public boolean on(WeekTime time) {
        return hours.stream().anyMatch(h -> h.covers(time.day(), time.minuteOfDay()));
    }
}
