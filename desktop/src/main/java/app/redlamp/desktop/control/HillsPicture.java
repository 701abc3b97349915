package app.redlamp.desktop.control;

import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What {@link Hills} shows.
 *
 * @param noise levels where nobody speaks
 * @param voice levels of the voice
 * @param shiftDb where finishing moves them; absent where it moves nothing or is not known
 * @param loudness allowed loudness
 * @param floorDbfs highest noise floor; absent where nothing is asked
 * @param floorBroken whether the floor stays too high after finishing
 * @param words texts in the picture, already in the user's language
 */
public record HillsPicture(
        LevelHistogram noise,
        LevelHistogram voice,
        OptionalDouble shiftDb,
        Optional<Limits> loudness,
        OptionalDouble floorDbfs,
        boolean floorBroken,
        Words words) {

    /**
     * @param axis texts of the axis, one each 10 dB from −90 to 0 dBFS
     * @param shift the shift with its sign
     */
    public record Words(
            String noise, String voice, String loudness, String floor, String shift, String after, List<String> axis) {
        public Words {
            axis = List.copyOf(axis);
        }
    }
}
