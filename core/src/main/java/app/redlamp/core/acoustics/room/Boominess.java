package app.redlamp.core.acoustics.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How even the bass is at the microphone, and where it would be evener.
 *
 * @param frequenciesHz from 60 to 300 Hz
 * @param colourDb what the room adds at each of them
 * @param booms what sticks out, worst first
 */
public record Boominess(List<Double> frequenciesHz, List<Double> colourDb, List<Boom> booms) {
    /** Less than this sticks out nowhere (common practice, no source). */
    public static final double HEARD_DB = 3;

    /** Frequencies are looked at in such steps (ours). */
    private static final double STEP_HZ = 2;

    /** Modes up to here for the figure that is shown (ours). */
    private static final double EXACT_MODES_HZ = 1000;

    /** Modes up to here while places are compared (ours). */
    private static final double QUICK_MODES_HZ = 600;

    /** Half an octave to each side is what a boom sticks out of (ours). */
    private static final double NEIGHBOURS = Math.sqrt(2);

    /** Places to move to lie so far apart (ours). */
    private static final double MOVE_STEP_M = 0.1;

    /** And are looked at so many steps away (ours). */
    private static final int MOVE_STEPS = 6;

    /** What a move must bring for each metre (ours). */
    private static final double WORTH_DB_PER_M = 4;

    /** Nobody sits nearer to a wall (common practice, no source). */
    private static final double KEEP_FROM_WALL_M = 0.3;

    /** Where the colour is worked out, in Hz (ours: the steps below). */
    private static final double[] GRID_HZ = grid();

    public Boominess {
        frequenciesHz = List.copyOf(frequenciesHz);
        colourDb = List.copyOf(colourDb);
        booms = List.copyOf(booms);
    }

    /** What sticks out most; absent where nothing does. */
    public Optional<Boom> worst() {
        return booms.stream().findFirst();
    }

    /** How far the worst sticks out in dB; 0 where nothing does. */
    public double worstDb() {
        return worst().map(Boom::excessDb).orElse(0.0);
    }

    /** Looks for booms between mouth and microphone; decays in seconds. */
    public static Boominess of(Room room, SixBands decayS) {
        return of(new BassField(room, decayS, EXACT_MODES_HZ, GRID_HZ), room.mouth(), room.microphone());
    }

    private static Boominess of(BassField field, Point mouth, Point microphone) {
        double[] hz = GRID_HZ;
        double[] colour = field.colourDb(mouth, microphone);
        List<Boom> booms = new ArrayList<>();
        for (int i = 1; i + 1 < hz.length; i++) {
            if (colour[i] > colour[i - 1] && colour[i] >= colour[i + 1]) {
                double excess = colour[i] - around(hz, colour, i);
                if (excess >= HEARD_DB && colour[i] > 0) {
                    booms.add(new Boom(hz[i], colour[i], excess, field.strongest(mouth, microphone, i)));
                }
            }
        }
        booms.sort(Comparator.comparingDouble(b -> -b.excessDb()));
        return new Boominess(boxed(hz), boxed(colour), booms);
    }

    /**
     * A better place for reader and microphone together, within 60 cm on the floor.
     *
     * @return where the reader would be; absent where no place is worth the way
     */
    public static Optional<Move> better(Room room, SixBands decayS) {
        BassField field = new BassField(room, decayS, QUICK_MODES_HZ, GRID_HZ);
        double now = of(field, room.mouth(), room.microphone()).worstDb();
        Optional<Move> best = Optional.empty();
        double bestGain = 1;
        for (int x = -MOVE_STEPS; x <= MOVE_STEPS; x++) {
            for (int y = -MOVE_STEPS; y <= MOVE_STEPS; y++) {
                Point by = new Point(x * MOVE_STEP_M, y * MOVE_STEP_M, 0);
                Point mouth = room.mouth().plus(by);
                Point microphone = room.microphone().plus(by);
                if (!(free(room, mouth) && free(room, microphone)) || by.length() > MOVE_STEPS * MOVE_STEP_M + 1e-9) {
                    continue;
                }
                double worst = of(field, mouth, microphone).worstDb();
                double gain = now - worst - WORTH_DB_PER_M * by.length();
                if (gain > bestGain) {
                    bestGain = gain;
                    best = Optional.of(new Move(by, now, worst));
                }
            }
        }
        return best;
    }

    /**
     * A way to go with the microphone.
     *
     * @param by how far
     * @param nowDb how far the worst sticks out here
     * @param thenDb and there
     */
    public record Move(Point by, double nowDb, double thenDb) {}

    private static boolean free(Room room, Point point) {
        for (Face.Axis axis : new Face.Axis[] {Face.Axis.X, Face.Axis.Y}) {
            double edge = Math.min(KEEP_FROM_WALL_M, room.space().along(axis) / 3);
            if (axis.of(point) < edge || axis.of(point) > room.space().along(axis) - edge) {
                return false;
            }
        }
        return room.furniture().stream()
                .noneMatch(f -> f.closed() && f.topM() > point.z() - 0.2 && f.covers(point.x(), point.y()));
    }

    private static double[] grid() {
        double[] hz = new double[(int) ((BassField.HIGHEST_HZ - BassField.LOWEST_HZ) / STEP_HZ) + 1];
        for (int i = 0; i < hz.length; i++) {
            hz[i] = BassField.LOWEST_HZ + i * STEP_HZ;
        }
        return hz;
    }

    /** Mean level of what lies within half an octave, the peak itself included. */
    private static double around(double[] hz, double[] colour, int at) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < hz.length; i++) {
            if (hz[i] >= hz[at] / NEIGHBOURS && hz[i] <= hz[at] * NEIGHBOURS) {
                sum += colour[i];
                count++;
            }
        }
        return sum / count;
    }

    private static List<Double> boxed(double[] values) {
        return java.util.Arrays.stream(values).boxed().toList();
    }
}
