package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Space;

/** Moves what is dragged in the plan, and keeps it in the room. */
final class PlanMoves {
    /** Whoever pulls something so far off its wall means the wall that is nearer. */
    private static final double OFF_WALL_M = 0.45;

    private PlanMoves() {}

    /**
     * @param x left edge of a thing, or middle of reader and microphone
     * @param y front edge, or middle
     */
    static Room move(Room room, String id, double x, double y) {
        Space space = room.space();
        if (id.equals(PlanIds.READER)) {
            Point by = new Point(x - room.mouth().x(), y - room.mouth().y(), 0);
            Point mouth = space.inside(room.mouth().plus(by), Room.NEAREST_WALL_M);
            // Whoever moves takes the microphone along: the distance stays.
            Point real = mouth.minus(room.mouth());
            Point microphone = room.microphone().plus(real);
            Point kept = space.inside(microphone, Room.NEAREST_WALL_M);
            Point back = kept.minus(microphone);
            return room.placed(mouth.plus(back), kept);
        }
        if (id.equals(PlanIds.MICROPHONE)) {
            return room.placed(room.mouth(), new Point(x, y, room.microphone().z()));
        }
        for (Furniture thing : room.furniture()) {
            if (thing.id().equals(id)) {
                double atX = within(x, space.widthM() - thing.widthM());
                double atY = within(y, space.depthM() - thing.depthM());
                return room.withFurniture(room.furniture().stream()
                        .map(f -> f.id().equals(id) ? f.at(atX, atY) : f)
                        .toList());
            }
        }
        return room.changing(id, p -> patch(p, space, x, y));
    }

    private static Patch patch(Patch patch, Space space, double x, double y) {
        if (!patch.face().isWall()) {
            return patch.at(within(x, space.widthM() - patch.widthM()), within(y, space.depthM() - patch.heightM()));
        }
        boolean along = patch.face().axis() == Face.Axis.Y;
        double off = patch.face().distance(space, new Point(x, y, 0));
        Face face = off > OFF_WALL_M ? nearest(space, x, y) : patch.face();
        if (face != patch.face()) {
            double u = face.axis() == Face.Axis.Y ? x : y;
            return new Patch(
                    patch.id(),
                    patch.material(),
                    face,
                    within(u - patch.widthM() / 2, face.uLength(space) - patch.widthM()),
                    patch.v(),
                    patch.widthM(),
                    patch.heightM());
        }
        return patch.at(within(along ? x : y, patch.face().uLength(space) - patch.widthM()), patch.v());
    }

    private static Face nearest(Space space, double x, double y) {
        Face best = Face.LEFT;
        Point point = new Point(x, y, 0);
        for (Face face : new Face[] {Face.RIGHT, Face.FRONT, Face.BACK}) {
            if (face.distance(space, point) < best.distance(space, point)) {
                best = face;
            }
        }
        return best;
    }

    private static double within(double value, double most) {
        return Math.max(0, Math.min(Math.max(0, most), value));
    }
}
