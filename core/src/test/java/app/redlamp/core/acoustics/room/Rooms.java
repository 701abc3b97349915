package app.redlamp.core.acoustics.room;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Rooms and materials for tests. Coefficients are typical values of acoustics handbooks, from memory. */
public final class Rooms {
    public static final Material PLASTERBOARD = surface("plasterboard", .29, .10, .05, .04, .07, .09);
    public static final Material BRICK = surface("painted brick", .01, .01, .02, .02, .02, .03);
    public static final Material WOOD_FLOOR = surface("wood floor", .15, .11, .10, .07, .06, .07);
    public static final Material CARPET = surface("carpet", .08, .24, .57, .69, .71, .73);
    public static final Material GLASS = opening("window glass", .35, .25, .18, .12, .07, .04);
    public static final Material DOOR = opening("door", .15, .11, .10, .07, .06, .07);
    public static final Material BED = new Material(
            "bed", "bed", Material.Use.FURNITURE, SixBands.of(.44, .60, .77, .89, .82, .70), "test", Optional.empty());
    public static final Material DESK = new Material(
            "desk", "desk", Material.Use.FURNITURE, SixBands.of(.1, .08, .06, .06, .06, .06), "test", Optional.empty());
    public static final Material FOAM = treatment("foam", 0.5, 0.5, 0.05, 8, .11, .30, .91, 1.0, .99, 1.0);
    public static final Material THIN_FOAM = treatment("thin foam", 0.5, 0.5, 0.025, 4, .10, .20, .45, .70, .80, .80);
    public static final Material WOOL = treatment("mineral wool", 0.6, 1.2, 0.2, 45, .70, .99, 1.0, 1.0, 1.0, 1.0);
    public static final Material DUVET = treatment("duvet", 1.35, 2.0, 0.05, 35, .10, .25, .55, .70, .75, .75);

    private Rooms() {}

    public static Material surface(String name, double... absorption) {
        return new Material(name, name, Material.Use.SURFACE, SixBands.of(absorption), "test", Optional.empty());
    }

    private static Material opening(String name, double... absorption) {
        return new Material(name, name, Material.Use.OPENING, SixBands.of(absorption), "test", Optional.empty());
    }

    private static Material treatment(
            String name, double width, double height, double thick, double price, double... absorption) {
        return new Material(
                name,
                name,
                Material.Use.TREATMENT,
                SixBands.of(absorption),
                "test",
                Optional.of(new Material.Ware(width, height, thick, price, "fire-rated only", "")));
    }

    /** An empty box with every side of the same. */
    public static Room box(double width, double depth, double height, Material all) {
        return box(width, depth, height, all, all, all);
    }

    public static Room box(
            double width, double depth, double height, Material walls, Material floor, Material ceiling) {
        Map<Face, Material> sides = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            sides.put(face, walls);
        }
        sides.put(Face.FLOOR, floor);
        sides.put(Face.CEILING, ceiling);
        Point microphone = new Point(width * 0.45, depth * 0.42, Math.min(1.2, height / 2));
        return new Room(
                new Space(width, depth, height),
                sides,
                List.of(),
                List.of(),
                microphone.plus(new Point(0, 0.15, 0)),
                microphone,
                Pattern.CARDIOID,
                new Air(20, 50),
                Correction.NONE);
    }

    /** A box room: plasterboard, wood floor, a window in front, a door at the back. */
    public static Room boxRoom() {
        return box(2.4, 1.9, 2.45, PLASTERBOARD, WOOD_FLOOR, PLASTERBOARD)
                .with(new Patch("window", GLASS, Face.FRONT, 1.3, 0.9, 0.8, 1.1))
                .with(new Patch("door", DOOR, Face.BACK, 0.2, 0, 0.75, 2.0))
                .withFurniture(List.of(new Furniture("desk", DESK, 0.6, 0.25, 1.0, 0.5, 0.73, false)));
    }
}
