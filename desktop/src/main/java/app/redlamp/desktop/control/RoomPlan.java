package app.redlamp.desktop.control;

import java.util.List;

/**
 * What a {@link RoomPlanView} shows: a room from above, in metres from its corner at the left and the front.
 *
 * @param widthM from left to right
 * @param depthM from front to back
 * @param shapes things, patches, doors, in the order in which they lie over each other
 * @param rays ways of sound
 * @param mouthX the reader's mouth
 * @param mouthY the same from front to back
 * @param microphoneX the microphone
 * @param microphoneY the same from front to back
 * @param readerId what the reader is called
 * @param microphoneId what the microphone is called
 * @param notes what stands beside the room: noises
 * @param scaleWords how long the measure below is, in words
 * @param scaleM and in metres
 */
public record RoomPlan(
        double widthM,
        double depthM,
        List<Shape> shapes,
        List<Ray> rays,
        double mouthX,
        double mouthY,
        double microphoneX,
        double microphoneY,
        String readerId,
        String microphoneId,
        List<Note> notes,
        String scaleWords,
        double scaleM) {

    /** How something is drawn. */
    public enum Look {
        THING,
        SOFT_THING,
        TREATMENT,
        OVERHEAD,
        RUG,
        WINDOW,
        DOOR
    }

    /**
     * A rectangle.
     *
     * @param id of what it shows
     * @param label what stands beside it
     * @param x left edge; what is on a wall lies at its inner side
     * @param y front edge
     * @param widthM from left to right
     * @param depthM from front to back
     */
    public record Shape(String id, String label, Look look, double x, double y, double widthM, double depthM) {}

    /**
     * A way of sound from the mouth over a wall to the microphone.
     *
     * @param label delay and level
     * @param loud whether it can be heard
     * @param strength 0 to 1, for its width
     */
    public record Ray(double x, double y, String label, boolean loud, double strength) {}

    /**
     * A noise.
     *
     * @param loud whether it is over what is let pass
     */
    public record Note(String title, String line, String level, boolean loud) {}

    public RoomPlan {
        shapes = List.copyOf(shapes);
        rays = List.copyOf(rays);
        notes = List.copyOf(notes);
    }
}
