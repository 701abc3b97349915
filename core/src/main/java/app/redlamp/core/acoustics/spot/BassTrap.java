package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Thick absorption in a corner behind the reader, against the worst boom. Standing waves all end in corners, so that is where
 * it is put; what it does is counted by the decay of the low octaves that it shortens.
 *
 * @param patch what and where
 * @param pieces how many of the ware
 * @param price of all of them
 * @param nowDb how far the worst boom sticks out without it
 * @param thenDb and with it
 */
public record BassTrap(Patch patch, int pieces, double price, double nowDb, double thenDb) {
    /** What swallows less at 125 Hz is no bass trap (ours). */
    private static final double LEAST_ABSORPTION = 0.5;

    /** What brings less is not told (ours). */
    private static final double LEAST_GAIN_DB = 1;

    /**
     * The one that brings most.
     *
     * @return absent where no material is thick enough, no corner is free, or it brings less than a decibel
     */
    public static Optional<BassTrap> of(Room room, List<Material> materials) {
        double now = Boominess.of(room, DrawnDecay.of(room).seconds()).worstDb();
        return materials.stream()
                .filter(m -> m.ware().isPresent() && m.absorption().at(0) >= LEAST_ABSORPTION)
                .flatMap(m -> corner(room, m).stream())
                .map(p -> trap(room, p, now))
                .filter(t -> t.nowDb() - t.thenDb() >= LEAST_GAIN_DB)
                .max(Comparator.comparingDouble(t -> (t.nowDb() - t.thenDb()) / (t.price() + 1)));
    }

    private static BassTrap trap(Room room, Patch patch, double now) {
        Room then = room.with(patch);
        double worst = Boominess.of(then, DrawnDecay.of(then).seconds()).worstDb();
        int pieces = (int) Math.round(patch.widthM()
                * patch.heightM()
                / patch.material().ware().orElseThrow().area());
        return new BassTrap(
                patch, pieces, pieces * patch.material().ware().orElseThrow().price(), now, worst);
    }

    /** Two or four pieces from the floor up, at an end of the wall behind the reader; absent where both ends are taken. */
    private static Optional<Patch> corner(Room room, Material material) {
        Material.Ware ware = material.ware().orElseThrow();
        Face face = behind(room);
        double length = face.uLength(room.space());
        int columns = 2 * ware.widthM() <= length / 2 ? 2 : 1;
        double width = columns * ware.widthM();
        double height = Math.min(face.vLength(room.space()), ware.heightM());
        if (width > length) {
            return Optional.empty();
        }
        for (double u : new double[] {0, length - width}) {
            Patch patch = new Patch(room.freeId(), material, face, u, 0, width, height);
            if (Treatment.free(room, patch)) {
                return Optional.of(patch);
            }
        }
        return Optional.empty();
    }

    /** The wall that the reader has at the back: the microphone looks at it. */
    private static Face behind(Room room) {
        double dx = room.mouth().x() - room.microphone().x();
        double dy = room.mouth().y() - room.microphone().y();
        if (Math.abs(dx) > Math.abs(dy)) {
            return dx > 0 ? Face.RIGHT : Face.LEFT;
        }
        return dy > 0 ? Face.BACK : Face.FRONT;
    }
}
