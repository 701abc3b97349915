package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A place where somebody might record.
 *
 * @param id tells it from the others
 * @param name what it is called
 * @param room as it is drawn
 * @param sources what is heard in it
 * @param measured what a clap told
 * @param noiseDbA noise at the microphone as it was measured with a sound level meter; absent where it was not
 */
public record Spot(
        String id,
        String name,
        Room room,
        List<OutsideSource> sources,
        Optional<MeasuredDecay> measured,
        OptionalDouble noiseDbA) {

    /** No room has more noises that are worth a name (ours). */
    public static final int MOST_SOURCES = 40;

    /** @throws IllegalArgumentException without an id or a name, or with too many noises */
    public Spot {
        sources = List.copyOf(sources);
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(Faults.say("spot.place-needs-id"));
        }
        if (sources.size() > MOST_SOURCES) {
            throw new IllegalArgumentException(Faults.say("spot.noises-at-most", sources.size(), MOST_SOURCES));
        }
        if (!(noiseDbA.orElse(0) >= 0 && noiseDbA.orElse(0) <= 140)) {
            throw new IllegalArgumentException(Faults.say("spot.noise-db-must", noiseDbA));
        }
    }

    /** The same under another name. */
    public Spot called(String newName) {
        return new Spot(id, newName, room, sources, measured, noiseDbA);
    }

    /** The same under another id. */
    public Spot as(String newId) {
        return new Spot(newId, name, room, sources, measured, noiseDbA);
    }

    /** The same with its room drawn otherwise. */
    public Spot with(Room other) {
        return new Spot(id, name, other, sources, measured, noiseDbA);
    }

    /** The same with other noises from outside. */
    public Spot hearing(List<OutsideSource> other) {
        return new Spot(id, name, room, other, measured, noiseDbA);
    }

    /** The same with a clap; absent to forget it. */
    public Spot measured(Optional<MeasuredDecay> clap) {
        return new Spot(id, name, room, sources, clap, noiseDbA);
    }

    /** The same with a measured noise in dB(A); absent to compute it. */
    public Spot withNoise(OptionalDouble dbA) {
        return new Spot(id, name, room, sources, measured, dbA);
    }
}
