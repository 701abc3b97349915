package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;

/**
 * A thing that stands in the room, as its upper side.
 *
 * @param id tells it from the others in its room
 * @param material what it is made of
 * @param x its left edge
 * @param y its front edge
 * @param widthM from left to right, above 0
 * @param depthM from front to back, above 0
 * @param topM height of its upper side, 0.05 to 3
 * @param closed whether it stands on the floor and covers it; what stands on legs is heard from below too
 */
public record Furniture(
        String id, Material material, double x, double y, double widthM, double depthM, double topM, boolean closed) {

    /** @throws IllegalArgumentException for figures that are no thing */
    public Furniture {
        boolean placed = Math.abs(x) <= Space.WIDEST_M && Math.abs(y) <= Space.WIDEST_M;
        boolean sized = widthM > 0 && widthM <= Space.WIDEST_M && depthM > 0 && depthM <= Space.WIDEST_M;
        if (!(placed && sized && topM >= 0.05 && topM <= 3)) {
            throw new IllegalArgumentException(
                    Faults.say("furniture.high-at-must", material.name(), widthM, depthM, topM, x, y));
        }
    }

    /** The same with its corner elsewhere, in metres. */
    public Furniture at(double newX, double newY) {
        return new Furniture(id, material, newX, newY, widthM, depthM, topM, closed);
    }

    /** Whether it stands over a place of the floor, in metres. */
    public boolean covers(double atX, double atY) {
        return atX >= x && atX <= x + widthM && atY >= y && atY <= y + depthM;
    }
}
