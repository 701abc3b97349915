package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Ids;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * A room as it is drawn.
 *
 * @param space its size
 * @param surfaces what each side is made of
 * @param patches what is on the sides; the later lies over the earlier
 * @param furniture what stands in it
 * @param mouth where the reader's mouth is
 * @param microphone where the microphone is; it looks at the mouth, and the reader at it
 * @param pattern of the microphone
 * @param air in the room
 * @param correction by how much its building absorbs more than drawn, see {@link Correction}
 */
public record Room(
        Space space,
        Map<Face, Material> surfaces,
        List<Patch> patches,
        List<Furniture> furniture,
        Point mouth,
        Point microphone,
        Pattern pattern,
        Air air,
        Correction correction) {

    /** Nobody's mouth and no microphone is nearer to a wall (ours). */
    public static final double NEAREST_WALL_M = 0.05;

    /** No room at home is drawn with more (ours). */
    public static final int MOST_THINGS = 80;

    /** @throws IllegalArgumentException where a side is missing, there are too many things, or somebody is in a wall */
    public Room {
        Map<Face, Material> ordered = new EnumMap<>(Face.class);
        ordered.putAll(surfaces);
        surfaces = java.util.Collections.unmodifiableMap(ordered);
        patches = List.copyOf(patches);
        furniture = List.copyOf(furniture);
        if (surfaces.size() < Face.values().length) {
            throw new IllegalArgumentException(Faults.say("room.room-needs-six", surfaces.keySet()));
        }
        if (patches.size() + furniture.size() > MOST_THINGS) {
            throw new IllegalArgumentException(
                    Faults.say("room.things-in-room", patches.size() + furniture.size(), MOST_THINGS));
        }
        if (!(space.holds(mouth, NEAREST_WALL_M) && space.holds(microphone, NEAREST_WALL_M))) {
            throw new IllegalArgumentException(Faults.say("room.reader-microphone-must"));
        }
    }

    /** From the mouth to the microphone. */
    public double distanceM() {
        return mouth.distance(microphone);
    }

    /** Another size; whoever would be outside comes in, and what hangs on a wall stays on it. */
    public Room sized(Space other) {
        return new Room(
                other,
                surfaces,
                patches,
                furniture,
                other.inside(mouth, NEAREST_WALL_M),
                other.inside(microphone, NEAREST_WALL_M),
                pattern,
                air,
                correction);
    }

    /** The same with a side of another material. */
    public Room made(Face face, Material material) {
        Map<Face, Material> other = new EnumMap<>(surfaces);
        other.put(face, material);
        return new Room(space, other, patches, furniture, mouth, microphone, pattern, air, correction);
    }

    /** The same with other patches on its sides. */
    public Room withPatches(List<Patch> other) {
        return new Room(space, surfaces, other, furniture, mouth, microphone, pattern, air, correction);
    }

    /** With one more, over all others. */
    public Room with(Patch patch) {
        List<Patch> more = new ArrayList<>(patches);
        more.add(patch);
        return withPatches(more);
    }

    /** With one of its patches changed. */
    public Room changing(String patchId, UnaryOperator<Patch> change) {
        return withPatches(patches.stream()
                .map(p -> p.id().equals(patchId) ? change.apply(p) : p)
                .toList());
    }

    /** The same with other things in it. */
    public Room withFurniture(List<Furniture> other) {
        return new Room(space, surfaces, patches, other, mouth, microphone, pattern, air, correction);
    }

    /** Without the patch or piece of furniture of that id. */
    public Room without(String id) {
        return withPatches(patches.stream().filter(p -> !p.id().equals(id)).toList())
                .withFurniture(
                        furniture.stream().filter(f -> !f.id().equals(id)).toList());
    }

    /** Reader and microphone at other places, kept inside. */
    public Room placed(Point newMouth, Point newMicrophone) {
        return new Room(
                space,
                surfaces,
                patches,
                furniture,
                space.inside(newMouth, NEAREST_WALL_M),
                space.inside(newMicrophone, NEAREST_WALL_M),
                pattern,
                air,
                correction);
    }

    /** The same with a microphone of another pattern. */
    public Room heardBy(Pattern other) {
        return new Room(space, surfaces, patches, furniture, mouth, microphone, other, air, correction);
    }

    /** The same as a clap has told it. */
    public Room corrected(Correction other) {
        return new Room(space, surfaces, patches, furniture, mouth, microphone, pattern, air, other);
    }

    /** An id that no patch and no piece of furniture has. */
    public String freeId() {
        return Ids.numbered("thing", patches.size() + furniture.size() + 1, this::has);
    }

    private boolean has(String id) {
        return patches.stream().anyMatch(p -> p.id().equals(id))
                || furniture.stream().anyMatch(f -> f.id().equals(id));
    }
}
