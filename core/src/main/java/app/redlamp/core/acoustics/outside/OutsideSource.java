package app.redlamp.core.acoustics.outside;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.Optional;

/**
 * Something that makes a noise, outside a room or in it.
 *
 * @param id tells it from the others
 * @param name what it is called
 * @param timbre what its noise is made of
 * @param dbA its level in dB(A) at 1 m in the open, 0 to 140
 * @param distanceM to what divides it from the room, or to the microphone where nothing does; 0.1 to 1000
 * @param barrier what divides; absent for what is in the room
 * @param hours when it is on
 */
public record OutsideSource(
        String id,
        String name,
        Timbre timbre,
        double dbA,
        double distanceM,
        Optional<Barrier> barrier,
        List<Hours> hours) {

    /** A source that sends all round is 11 dB louder by its power than by its level at 1 m: 10 log 4π. */
    private static final double POWER_DB = Decibels.levelOfPower(4 * Math.PI);

    /** @throws IllegalArgumentException out of range */
    public OutsideSource {
        hours = List.copyOf(hours);
        if (name.isBlank() || !(dbA >= 0 && dbA <= 140 && distanceM >= 0.1 && distanceM <= 1000)) {
            throw new IllegalArgumentException(Faults.say("outside-source.noise-db-at", name, dbA, distanceM));
        }
    }

    /**
     * What is heard of it in the room while it is on.
     *
     * <p>Through what divides: L − R + 10 log(S/A), in any acoustics handbook (ISO 12354-1 in its simplest form). In the
     * room: direct sound and reverberation, Lw + 10 log(4/A).
     *
     * @param areas equivalent absorption area of the room in each band, in m²; the nearest band serves 63 Hz and 8 kHz
     */
    public OctaveLevels inRoom(SixBands areas) {
        OctaveLevels near = timbre.at(dbA);
        return OctaveLevels.each(b -> {
            double area = areas.between(OctaveLevels.centreHz(b));
            double there = near.at(b) - Decibels.levelOfAmplitude(distanceM);
            if (barrier.isPresent()) {
                Barrier wall = barrier.get();
                return there - wall.lossDb(b) + Decibels.levelOfPower(wall.areaM2() / area);
            }
            double around = near.at(b) + POWER_DB + Decibels.levelOfPower(4 / area);
            return Decibels.levelOfPower(Decibels.toPower(there) + Decibels.toPower(around));
        });
    }

    /** The same behind something else. */
    public OutsideSource withBarrier(Barrier other) {
        return new OutsideSource(id, name, timbre, dbA, distanceM, Optional.of(other), hours);
    }

    /** The same at another distance in metres. */
    public OutsideSource at(double newDistanceM) {
        return new OutsideSource(id, name, timbre, dbA, newDistanceM, barrier, hours);
    }

    /** The same at other hours; none for always. */
    public OutsideSource during(List<Hours> other) {
        return new OutsideSource(id, name, timbre, dbA, distanceM, barrier, other);
    }
}
