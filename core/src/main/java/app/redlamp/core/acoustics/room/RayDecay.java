package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.Map;

/**
 * How long a box rings whose sides swallow unlike amounts. Sound of each direction meets each pair of sides in a rhythm of
 * its own, {@code c |u| / L} times a second, and loses there what that pair swallows; what is left of all directions
 * together, integrated backwards, is the fall. It is the fall that image sources of a box have (Kuttruff, Room Acoustics,
 * 4th ed., sections 4.1 and 5.1, for the rhythm). Things in the room take their part along the way.
 * Whatever scatters sound shortens it: for a room full of things it is an upper bound.
 */
final class RayDecay {
    /** Steps of each of the two angles (ours). */
    private static final int EXACT_STEPS = 24;

    /** Within about 2 % of the exact figure, in a quarter of the time (ours). */
    private static final int ROUGH_STEPS = 12;

    /** Newton's steps; five are usual, and where sides swallow most unlike amounts a dozen (ours). */
    private static final int MOST_STEPS = 60;

    /** The last step that is taken, as a share; what a step of Newton's leaves is of the order of its square (ours). */
    private static final double CLOSE_ENOUGH = 1e-4;

    /** Keeps the exponent of a wide open side finite (ours). */
    private static final double MOST_ABSORPTION = 0.999;

    private static final double[][] EXACT = directions(EXACT_STEPS);
    private static final double[][] ROUGH = directions(ROUGH_STEPS);

    private final double[] lossPerM;

    /** What is left at the beginning. */
    private double all;

    private RayDecay(double[][] directions, double x, double y, double z, double everywhere) {
        lossPerM = new double[directions.length];
        for (int i = 0; i < lossPerM.length; i++) {
            double[] d = directions[i];
            lossPerM[i] = d[0] * x + d[1] * y + d[2] * z + everywhere;
            all += 1 / lossPerM[i];
        }
    }

    /** Directions of an eighth of a sphere, evenly spread: how much of the way leads across, along and up. */
    private static double[][] directions(int steps) {
        double[][] all = new double[steps * steps][];
        for (int i = 0; i < steps; i++) {
            double up = (i + 0.5) / steps;
            double flat = Math.sqrt(1 - up * up);
            for (int j = 0; j < steps; j++) {
                double turn = Math.PI / 2 * (j + 0.5) / steps;
                all[i * steps + j] = new double[] {flat * Math.cos(turn), flat * Math.sin(turn), up};
            }
        }
        return all;
    }

    /**
     * Time in seconds in each band for a fall of 60 dB, from −5 to −25 dB.
     *
     * @param exact whether in {@value #EXACT_STEPS} steps of each angle, or in {@value #ROUGH_STEPS}
     */
    static SixBands seconds(Room room, Absorption absorption, boolean exact) {
        SixBands air = room.air().exponents();
        double volume = room.space().volume();
        return SixBands.each(b -> {
            Map<Face, SixBands> sides = absorption.sides();
            RayDecay rays = new RayDecay(
                    exact ? EXACT : ROUGH,
                    pair(sides, Face.LEFT, b) / room.space().widthM(),
                    pair(sides, Face.FRONT, b) / room.space().depthM(),
                    pair(sides, Face.FLOOR, b) / room.space().heightM(),
                    // A millionth keeps an impossible room finite.
                    air.at(b) + absorption.things().at(b) / (4 * volume) + 1e-6);
            double begun = rays.length(-5, 0);
            return 3 * (rays.length(-25, begun) - begun) / room.air().speedMps();
        });
    }

    /** Mean exponent of two opposite sides. */
    private static double pair(Map<Face, SixBands> sides, Face near, int band) {
        return -(Math.log(1 - Math.min(MOST_ABSORPTION, sides.get(near).at(band)))
                        + Math.log(1
                                - Math.min(
                                        MOST_ABSORPTION,
                                        sides.get(near.opposite()).at(band))))
                / 2;
    }

    /**
     * Metres that the sound has gone when the fall has reached a level. The logarithm of what is left is convex, so Newton's
     * steps from the near side never go too far, and a few are enough.
     *
     * @param nearM metres at which more than that is left
     */
    private double length(double db, double nearM) {
        double wanted = Math.log(all) + 2 * Decibels.toNepers(db);
        double metres = nearM;
        for (int i = 0; i < MOST_STEPS; i++) {
            double left = 0;
            double lost = 0;
            for (double loss : lossPerM) {
                double part = Math.exp(-loss * metres);
                left += part / loss;
                lost += part;
            }
            double step = (Math.log(left) - wanted) * left / lost;
            metres += step;
            if (step <= metres * CLOSE_ENOUGH) {
                break;
            }
        }
        return metres;
    }
}
