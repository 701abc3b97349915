package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Reflections;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.room.Space;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The worst first: which piece of treatment, where, takes away most for its money; then the next, with that one up. Places
 * that are tried are the mirror points of the mouth on each side, and where something hangs there, the ends of the side. Doors
 * stay free.
 */
public final class Treatment {
    /** Most steps that are proposed (ours). */
    public static final int MOST_STEPS = 6;

    /** What is there already costs an evening: nothing is free (ours). */
    private static final double WORK = 8;

    /** Steps that bring less are left (ours). */
    private static final double LEAST_GAIN = 0.5;

    /** What one person hangs in an evening (ours). */
    private static final double LARGEST_AREA_M2 = 4;

    private final Wanted wanted;
    private final List<Material> materials;

    /** @param materials what may be bought; those that are no ware are passed over */
    public Treatment(Wanted wanted, List<Material> materials) {
        this.wanted = wanted;
        this.materials = materials.stream()
                .filter(m -> m.use() == Material.Use.TREATMENT && m.ware().isPresent())
                .toList();
    }

    /** The steps, best first; none where nothing is wanted, or nothing helps. */
    public List<TreatmentStep> steps(Room room) {
        List<TreatmentStep> steps = new ArrayList<>();
        Room now = room;
        for (int i = 0; i < MOST_STEPS; i++) {
            Optional<TreatmentStep> next = best(now);
            if (next.isEmpty()) {
                break;
            }
            steps.add(next.get());
            now = next.get().room();
        }
        return steps;
    }

    private Optional<TreatmentStep> best(Room room) {
        double trouble = trouble(DrawnDecay.roughly(room).seconds(), Reflections.of(room));
        Optional<Patch> best = Optional.empty();
        double most = 0;
        for (Material material : materials) {
            for (Face face : Face.values()) {
                for (Patch patch : patches(room, material, face)) {
                    Room then = room.with(patch);
                    double gain = trouble - trouble(DrawnDecay.roughly(then).seconds(), Reflections.of(then));
                    double worth = gain / (price(patch) + WORK);
                    if (gain >= LEAST_GAIN && worth > most) {
                        most = worth;
                        best = Optional.of(patch);
                    }
                }
            }
        }
        return best.map(patch -> step(room, patch));
    }

    /** A step with its exact figures. */
    private TreatmentStep step(Room room, Patch patch) {
        Room then = room.with(patch);
        SixBands before = DrawnDecay.of(room).seconds();
        SixBands after = DrawnDecay.of(then).seconds();
        List<Reflection> echoes = Reflections.of(room);
        List<Reflection> echoesAfter = Reflections.of(then);
        double gain = trouble(before, echoes) - trouble(after, echoesAfter);
        return new TreatmentStep(patch, pieces(patch), price(patch), gain, before, after, echoes, echoesAfter, then);
    }

    private static double price(Patch patch) {
        return pieces(patch) * patch.material().ware().orElseThrow().price();
    }

    private double trouble(SixBands seconds, List<Reflection> echoes) {
        double sum = 0;
        for (int b = 0; b < SixBands.COUNT; b++) {
            sum += Trouble.ofDecay(seconds.at(b), wanted.decays().at(b));
        }
        for (Reflection echo : echoes) {
            sum += Trouble.ofEcho(echo);
        }
        return sum;
    }

    private static int pieces(Patch patch) {
        return (int) Math.max(
                1,
                Math.round(patch.widthM()
                        * patch.heightM()
                        / patch.material().ware().orElseThrow().area()));
    }

    /** One, two, four or six pieces side by side: about the mirror point, or at either end of the side where it is free. */
    private static List<Patch> patches(Room room, Material material, Face face) {
        List<Patch> all = new ArrayList<>();
        Space space = room.space();
        double uMost = face.uLength(space);
        double vMost = face.vLength(space);
        Point mirror = mirrorPoint(room, face);
        Material.Ware ware = material.ware().orElseThrow();
        String id = room.freeId();
        for (int pieces : new int[] {1, 2, 4, 6}) {
            double width = ware.widthM() * (pieces == 1 ? 1 : pieces / 2.0);
            double height = ware.heightM() * (pieces == 1 ? 1 : 2);
            if (width * height > LARGEST_AREA_M2 || width > uMost || height > vMost) {
                continue;
            }
            double v = Math.max(0, Math.min(vMost - height, face.v(mirror) - height / 2));
            double middle = Math.max(0, Math.min(uMost - width, face.u(mirror) - width / 2));
            for (double u : new double[] {middle, 0, uMost - width}) {
                Patch patch = new Patch(id, material, face, u, v, width, height);
                if (free(room, patch)) {
                    all.add(patch);
                    break;
                }
            }
        }
        return all;
    }

    /** Where the voice comes off a side on its way to the microphone; halfway where it does not. */
    private static Point mirrorPoint(Room room, Face face) {
        return Reflections.of(room).stream()
                .filter(r -> r.face() == face && r.thing().isEmpty())
                .map(Reflection::point)
                .findFirst()
                .orElse(room.mouth().plus(room.microphone()).times(0.5));
    }

    /** Doors stay free, as a way out; windows may be covered; what hangs already is not covered twice. */
    static boolean free(Room room, Patch patch) {
        return room.patches().stream()
                .filter(p -> p.face() == patch.face())
                .filter(p -> p.material().use() == Material.Use.TREATMENT || isDoor(p))
                .noneMatch(p -> overlap(p, patch));
    }

    private static boolean isDoor(Patch patch) {
        return patch.material().use() == Material.Use.OPENING && patch.v() < 0.2;
    }

    private static boolean overlap(Patch a, Patch b) {
        return a.u() < b.u() + b.widthM() - 1e-6
                && b.u() < a.u() + a.widthM() - 1e-6
                && a.v() < b.v() + b.heightM() - 1e-6
                && b.v() < a.v() + a.heightM() - 1e-6;
    }
}
