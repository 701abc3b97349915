package app.redlamp.core.acoustics.room;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/** What is seen on the sides of a room from inside: of patches that overlap, the uppermost. */
public final class Coverage {
    private final Room room;

    public Coverage(Room room) {
        this.room = room;
    }

    /** What is at a point of a side. */
    public Material at(Face face, double u, double v) {
        List<Patch> patches = room.patches();
        for (int i = patches.size() - 1; i >= 0; i--) {
            if (patches.get(i).face() == face && patches.get(i).covers(u, v)) {
                return patches.get(i).material();
            }
        }
        return room.surfaces().get(face);
    }

    /**
     * How many m² of each material are seen on a side. The edges of all patches cut the side into cells, in each of which
     * one material is on top.
     */
    public Map<Material, Double> areas(Face face) {
        List<Patch> here = room.patches().stream().filter(p -> p.face() == face).toList();
        List<Furniture> standing = face == Face.FLOOR
                ? room.furniture().stream().filter(Furniture::closed).toList()
                : List.of();
        double[] us = cuts(
                Stream.concat(
                        here.stream().flatMap(p -> Stream.of(p.u(), p.u() + p.widthM())),
                        standing.stream().flatMap(f -> Stream.of(f.x(), f.x() + f.widthM()))),
                face.uLength(room.space()));
        double[] vs = cuts(
                Stream.concat(
                        here.stream().flatMap(p -> Stream.of(p.v(), p.v() + p.heightM())),
                        standing.stream().flatMap(f -> Stream.of(f.y(), f.y() + f.depthM()))),
                face.vLength(room.space()));
        Map<Material, Double> areas = new LinkedHashMap<>();
        for (int i = 0; i + 1 < us.length; i++) {
            for (int j = 0; j + 1 < vs.length; j++) {
                double u = (us[i] + us[i + 1]) / 2;
                double v = (vs[j] + vs[j + 1]) / 2;
                if (standing.stream().noneMatch(f -> f.covers(u, v))) {
                    areas.merge(at(face, u, v), (us[i + 1] - us[i]) * (vs[j + 1] - vs[j]), Double::sum);
                }
            }
        }
        return areas;
    }

    private static double[] cuts(Stream<Double> edges, double length) {
        return DoubleStream.concat(DoubleStream.of(0, length), edges.mapToDouble(e -> Math.max(0, Math.min(length, e))))
                .sorted()
                .distinct()
                .toArray();
    }
}
