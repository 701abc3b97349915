package app.redlamp.desktop.control;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The way from mouth to file as a picture: the voice above, noise below, the ceiling over both.
 *
 * @param stops in the order of the way, at least two
 * @param lowDb lower end of the scale
 * @param highDb upper end
 * @param voice name of the voice's band
 * @param noise name of the noise
 * @param ceiling name of the ceiling
 */
public record Ribbon(List<Stop> stops, double lowDb, double highDb, String voice, String noise, String ceiling) {

    public Ribbon {
        stops = List.copyOf(stops);
    }

    /**
     * A place on the way; levels on one scale for all.
     *
     * @param id known to whoever is told of moves
     * @param name what it is called
     * @param detail what stands there
     * @param topDb peaks of the loudest line
     * @param averageDb average of the voice
     * @param noiseDb noise
     * @param ceilingDb where peaks end; absent in the open air
     * @param snr what is written between voice and noise
     * @param thin whether the gap is too small
     * @param clips whether the loudest line is over the ceiling
     * @param levels all its levels in words, shown where somebody points at it
     * @param held whether it can be dragged
     */
    public record Stop(
            String id,
            String name,
            String detail,
            double topDb,
            double averageDb,
            double noiseDb,
            OptionalDouble ceilingDb,
            String snr,
            boolean thin,
            boolean clips,
            String levels,
            boolean held) {}
}
