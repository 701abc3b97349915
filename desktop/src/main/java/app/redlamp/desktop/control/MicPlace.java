package app.redlamp.desktop.control;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A microphone before a mouth, from above and from the side.
 *
 * @param distanceM from the lips
 * @param sideDeg beside the line out of the mouth
 * @param raisedDeg above it
 * @param angleDeg turned away from the mouth
 * @param screenM pop filter, from the lips; absent for none
 * @param bands distances that have a name
 * @param furthestM where the picture ends
 * @param pops whether the breath meets the capsule
 * @param here what the distance is called
 * @param above name of the view from above
 * @param beside name of the view from the side
 */
public record MicPlace(
        double distanceM,
        double sideDeg,
        double raisedDeg,
        double angleDeg,
        OptionalDouble screenM,
        List<Band> bands,
        double furthestM,
        boolean pops,
        String here,
        String above,
        String beside) {

    public MicPlace {
        bands = List.copyOf(bands);
    }

    /**
     * Distances that a school names.
     *
     * @param holds whether the microphone stands in it
     */
    public record Band(String name, double fromM, double toM, boolean holds) {}
}
