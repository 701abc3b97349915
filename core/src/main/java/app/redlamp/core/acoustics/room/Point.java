package app.redlamp.core.acoustics.room;

/**
 * A place in a room, in metres from the corner that is at the left, at the front and on the floor.
 *
 * @param x to the right
 * @param y to the back
 * @param z up
 */
public record Point(double x, double y, double z) {

    /** From another point to this one. */
    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y, z - other.z);
    }

    /** This and another added. */
    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y, z + other.z);
    }

    /** So many times as far from the corner. */
    public Point times(double factor) {
        return new Point(x * factor, y * factor, z * factor);
    }

    /** Product of both as vectors, in m². */
    public double dot(Point other) {
        return x * other.x + y * other.y + z * other.z;
    }

    /** Distance from the corner in metres. */
    public double length() {
        return Math.sqrt(dot(this));
    }

    /** Distance from another point in metres. */
    public double distance(Point other) {
        return minus(other).length();
    }

    /** Cosine of the angle between two directions; 1 where one of them has no length. */
    public double cosine(Point other) {
        double lengths = length() * other.length();
        return lengths > 0 ? Math.max(-1, Math.min(1, dot(other) / lengths)) : 1;
    }
}
