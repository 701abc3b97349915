package app.redlamp.core.acoustics.room;

import java.util.Locale;

/**
 * One of the six sides of a room as it is drawn: front is at the top of the plan. Each side has coordinates of its own:
 * {@code u} along x, or along y on the left and right walls; {@code v} up, or along y on floor and ceiling.
 */
public enum Face {
    LEFT(Axis.X, false),
    RIGHT(Axis.X, true),
    FRONT(Axis.Y, false),
    BACK(Axis.Y, true),
    FLOOR(Axis.Z, false),
    CEILING(Axis.Z, true);

    /** What a side is square to. */
    public enum Axis {
        X,
        Y,
        Z;

        /** Where a point lies along it, in metres from the room's corner. */
        public double of(Point point) {
            return switch (this) {
                case X -> point.x();
                case Y -> point.y();
                case Z -> point.z();
            };
        }

        /** The same point with another coordinate on this axis. */
        Point put(Point point, double value) {
            return switch (this) {
                case X -> new Point(value, point.y(), point.z());
                case Y -> new Point(point.x(), value, point.z());
                case Z -> new Point(point.x(), point.y(), value);
            };
        }
    }

    private final Axis axis;
    private final boolean far;

    Face(Axis axis, boolean far) {
        this.axis = axis;
        this.far = far;
    }

    /** Name in files, such as {@code left}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The axis that it stands across. */
    public Axis axis() {
        return axis;
    }

    /** The side across the room. */
    public Face opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case FRONT -> BACK;
            case BACK -> FRONT;
            case FLOOR -> CEILING;
            case CEILING -> FLOOR;
        };
    }

    /** Whether it is neither floor nor ceiling. */
    public boolean isWall() {
        return axis != Axis.Z;
    }

    /** Coordinate of the side on its axis. */
    public double place(Space space) {
        return far ? space.along(axis) : 0;
    }

    /** Length along {@code u}. */
    public double uLength(Space space) {
        return axis == Axis.X ? space.depthM() : space.widthM();
    }

    /** Length along {@code v}. */
    public double vLength(Space space) {
        return isWall() ? space.heightM() : space.depthM();
    }

    /** Its area in m². */
    public double area(Space space) {
        return uLength(space) * vLength(space);
    }

    /** Coordinate {@code u} of a point. */
    public double u(Point point) {
        return axis == Axis.X ? point.y() : point.x();
    }

    /** Coordinate {@code v} of a point. */
    public double v(Point point) {
        return isWall() ? point.z() : point.y();
    }

    /** The point of this side with the coordinates {@code u} and {@code v}. */
    public Point point(Space space, double u, double v) {
        double place = place(space);
        return switch (axis) {
            case X -> new Point(place, u, v);
            case Y -> new Point(u, place, v);
            case Z -> new Point(u, v, place);
        };
    }

    /** Where a point would be behind the mirror that this side is. */
    public Point mirror(Space space, Point point) {
        return axis.put(point, 2 * place(space) - axis.of(point));
    }

    /** How far a point is from this side. */
    public double distance(Space space, Point point) {
        return Math.abs(axis.of(point) - place(space));
    }
}
