package app.redlamp.core.acoustics.room;

import java.util.EnumMap;
import java.util.Map;

/**
 * How much a room swallows in each band.
 *
 * @param surfaceM2 all surfaces that sound can meet
 * @param areas equivalent absorption area A in m², without the air
 * @param exponents Σ S·(−ln(1 − α)) in m², as Eyring counts them, without the air
 * @param sides mean coefficient of each side
 * @param things equivalent absorption area of what stands in the room, in m²
 */
public record Absorption(
        double surfaceM2, SixBands areas, SixBands exponents, Map<Face, SixBands> sides, SixBands things) {

    /** An open window takes all there is; the logarithm needs a little less (ours). */
    private static final double MOST = 0.999;

    public Absorption {
        sides = java.util.Collections.unmodifiableMap(new EnumMap<>(sides));
    }

    /** What the sides of a room and the things in it swallow. */
    public static Absorption of(Room room) {
        Coverage coverage = new Coverage(room);
        double[] areas = new double[SixBands.COUNT];
        double surface = 0;
        Map<Face, SixBands> sides = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            double[] own = new double[SixBands.COUNT];
            double seen = 0;
            for (Map.Entry<Material, Double> part : coverage.areas(face).entrySet()) {
                add(own, room, part.getKey(), part.getValue());
                seen += part.getValue();
            }
            double all = Math.max(seen, 1e-9);
            sides.put(face, SixBands.each(b -> Math.min(1, own[b] / all)));
            surface += seen;
            for (int b = 0; b < own.length; b++) {
                areas[b] += own[b];
            }
        }
        double[] things = new double[SixBands.COUNT];
        for (Furniture thing : room.furniture()) {
            double area = thing.widthM() * thing.depthM() * (thing.closed() ? 1 : 2);
            add(things, room, thing.material(), area);
            surface += area;
        }
        for (int b = 0; b < areas.length; b++) {
            areas[b] += things[b];
        }
        double all = surface;
        SixBands total = SixBands.of(areas);
        return new Absorption(
                all, total, total.map(a -> -all * Math.log(1 - Math.min(MOST, a / all))), sides, SixBands.of(things));
    }

    private static void add(double[] areas, Room room, Material material, double area) {
        for (int b = 0; b < areas.length; b++) {
            areas[b] += area * room.correction().apply(material, b);
        }
    }

    /** Mean coefficient of the whole room in each band. */
    public SixBands means() {
        return areas.map(a -> Math.min(MOST, a / surfaceM2));
    }
}
