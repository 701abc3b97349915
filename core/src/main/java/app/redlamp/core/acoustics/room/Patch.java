package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;

/**
 * A rectangle on one side of a room: a door, a window, something hung up or laid down. What lies outside the side does not
 * count.
 *
 * @param id tells it from the others in its room
 * @param material what it is made of
 * @param face on which side
 * @param u its left edge, see {@link Face}
 * @param v its lower edge, or the one nearer to the front on floor and ceiling
 * @param widthM along u, above 0
 * @param heightM along v, above 0
 */
public record Patch(String id, Material material, Face face, double u, double v, double widthM, double heightM) {

    /** @throws IllegalArgumentException for figures that are no rectangle */
    public Patch {
        boolean placed = Math.abs(u) <= Space.WIDEST_M && Math.abs(v) <= Space.WIDEST_M;
        boolean sized = widthM > 0 && widthM <= Space.WIDEST_M && heightM > 0 && heightM <= Space.WIDEST_M;
        if (!(placed && sized)) {
            throw new IllegalArgumentException(Faults.say("patch.at-must-lie", material.name(), widthM, heightM, u, v));
        }
    }

    /** Whether it lies over a place of its side, in metres along the side. */
    public boolean covers(double atU, double atV) {
        return atU >= u && atU <= u + widthM && atV >= v && atV <= v + heightM;
    }

    /** The same elsewhere on its side, in metres along the side. */
    public Patch at(double newU, double newV) {
        return new Patch(id, material, face, newU, newV, widthM, heightM);
    }

    /** The same of another size in metres. */
    public Patch sized(double newWidthM, double newHeightM) {
        return new Patch(id, material, face, u, v, newWidthM, newHeightM);
    }

    /** The same of another material. */
    public Patch of(Material other) {
        return new Patch(id, other, face, u, v, widthM, heightM);
    }
}
