package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;

/**
 * The inside of a room: a box.
 *
 * @param widthM from left to right, 0.5 to 30
 * @param depthM from front to back, 0.5 to 30
 * @param heightM from floor to ceiling, 0.5 to 12
 */
public record Space(double widthM, double depthM, double heightM) {
    /** A cupboard that somebody can stand in (ours). */
    public static final double LEAST_M = 0.5;

    /** Larger rooms need other acoustics (ours). */
    public static final double WIDEST_M = 30;

    /** As high (ours). */
    public static final double HIGHEST_M = 12;

    /** @throws IllegalArgumentException out of range */
    public Space {
        check("space.width", widthM, WIDEST_M);
        check("space.depth", depthM, WIDEST_M);
        check("space.height", heightM, HIGHEST_M);
    }

    private static void check(String name, double value, double most) {
        if (!(value >= LEAST_M && value <= most)) {
            throw new IllegalArgumentException(
                    Faults.say("space.room-must-lie", Faults.say(name), value, LEAST_M, most));
        }
    }

    /** In m³. */
    public double volume() {
        return widthM * depthM * heightM;
    }

    /** All six sides, in m². */
    public double surface() {
        return 2 * (widthM * depthM + widthM * heightM + depthM * heightM);
    }

    /** Length in metres along an axis. */
    public double along(Face.Axis axis) {
        return switch (axis) {
            case X -> widthM;
            case Y -> depthM;
            case Z -> heightM;
        };
    }

    /** Whether a point is at least so far inside all sides. */
    public boolean holds(Point point, double marginM) {
        for (Face.Axis axis : Face.Axis.values()) {
            if (!(axis.of(point) >= marginM && axis.of(point) <= along(axis) - marginM)) {
                return false;
            }
        }
        return true;
    }

    /** The nearest point that is at least so far inside all sides; the middle where the room is too small for that. */
    public Point inside(Point point, double marginM) {
        return new Point(
                within(point.x(), marginM, widthM),
                within(point.y(), marginM, depthM),
                within(point.z(), marginM, heightM));
    }

    private static double within(double value, double margin, double length) {
        double edge = Math.min(margin, length / 2);
        return Math.max(edge, Math.min(length - edge, value));
    }
}
