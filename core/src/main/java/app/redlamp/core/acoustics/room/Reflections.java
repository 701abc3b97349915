package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** First reflections by image sources: of the six sides, and of the tops of things that stand in the room. */
public final class Reflections {
    /** What is softer is not told (ours). */
    private static final double QUIETEST_DB = -60;

    private final Room room;
    private final Coverage coverage;
    private final double direct;

    private Reflections(Room room) {
        this.room = room;
        coverage = new Coverage(room);
        direct = Math.max(0.01, room.distanceM());
    }

    /** All there are, loudest first. */
    public static List<Reflection> of(Room room) {
        Reflections all = new Reflections(room);
        List<Reflection> found = new ArrayList<>();
        for (Face face : Face.values()) {
            all.off(face).ifPresent(found::add);
        }
        room.furniture().forEach(thing -> all.off(thing).ifPresent(found::add));
        found.sort(Comparator.comparingDouble(r -> -r.levelDb()));
        return found;
    }

    private Optional<Reflection> off(Face face) {
        Point image = face.mirror(room.space(), room.mouth());
        Point at = face.axis().put(between(image, face.axis(), face.place(room.space())), face.place(room.space()));
        boolean hidden = face == Face.FLOOR
                && room.furniture().stream().anyMatch(f -> f.topM() < lowest() && f.covers(at.x(), at.y()));
        if (hidden) {
            return Optional.empty();
        }
        Material material = coverage.at(face, face.u(at), face.v(at));
        return Optional.of(reflection(face, Optional.empty(), material, image, at));
    }

    /** Off a thing's top, where mouth and microphone are above it and the way comes down on it. */
    private Optional<Reflection> off(Furniture thing) {
        if (thing.topM() >= lowest()) {
            return Optional.empty();
        }
        Point mouth = room.mouth();
        Point image = new Point(mouth.x(), mouth.y(), 2 * thing.topM() - mouth.z());
        Point at = between(image, Face.Axis.Z, thing.topM());
        return thing.covers(at.x(), at.y())
                ? Optional.of(reflection(Face.FLOOR, Optional.of(thing.id()), thing.material(), image, at))
                : Optional.empty();
    }

    private double lowest() {
        return Math.min(room.mouth().z(), room.microphone().z());
    }

    /** Where the straight line from an image to the microphone passes a plane. */
    private Point between(Point image, Face.Axis axis, double place) {
        Point way = room.microphone().minus(image);
        double whole = axis.of(way);
        double share = Math.abs(whole) < 1e-9 ? 0.5 : (place - axis.of(image)) / whole;
        return image.plus(way.times(share));
    }

    private Reflection reflection(Face face, Optional<String> thing, Material material, Point image, Point at) {
        double path = Math.max(direct, image.distance(room.microphone()));
        Point forward = room.microphone().minus(room.mouth());
        Point back = room.mouth().minus(room.microphone());
        double spoken = Mouth.gain(forward.cosine(at.minus(room.mouth())));
        double heard = room.pattern().gain(back.cosine(at.minus(room.microphone())));
        double way = Decibels.levelOfAmplitude(direct / path * spoken * heard);
        SixBands levels = SixBands.each(b -> Math.max(
                QUIETEST_DB,
                way + Decibels.levelOfPower(Math.max(1e-6, 1 - room.correction().apply(material, b)))));
        double delay = (path - direct) / room.air().speedMps() * 1000;
        return new Reflection(face, thing, material, at, path, Math.max(1e-3, delay), levels);
    }
}
