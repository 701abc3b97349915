package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a measurement taught about a building: the exponent {@code −ln(1 − α)} of everything that belongs to the house or
 * stands in it is multiplied in each band; treatment keeps the coefficients of its maker.
 *
 * @param factors above 0 in each band; 1 leaves a band as it is drawn
 */
public record Correction(SixBands factors) {
    public static final Correction NONE = new Correction(SixBands.all(1));

    /** A factor further off says that the drawing is wrong, not the coefficients (ours). */
    public static final double MOST = 20;

    /** Halvings leave a millionth (ours). */
    private static final int HALVINGS = 20;

    /** @throws IllegalArgumentException for factors below 1/20 or above 20 */
    public Correction {
        if (!(factors.lowest() >= 1 / MOST && factors.highest() <= MOST)) {
            throw new IllegalArgumentException(Faults.say("correction.correction-must-lie", factors));
        }
    }

    /**
     * What makes a drawn room ring as long as it was measured, treatment as it is drawn.
     *
     * @param seconds measured decay in each band; absent where none can be trusted: such bands stay as they are
     */
    public static Correction toRing(Room room, List<OptionalDouble> seconds) {
        double[] low = new double[SixBands.COUNT];
        double[] high = new double[SixBands.COUNT];
        Arrays.fill(low, Math.log(1 / MOST));
        Arrays.fill(high, Math.log(MOST));
        for (int i = 0; i < HALVINGS; i++) {
            SixBands middle = SixBands.each(b -> Math.exp((low[b] + high[b]) / 2));
            SixBands rings =
                    DrawnDecay.of(room.corrected(new Correction(middle))).seconds();
            for (int b = 0; b < SixBands.COUNT; b++) {
                if (rings.at(b) > seconds.get(b).orElse(0)) {
                    low[b] = Math.log(middle.at(b));
                } else {
                    high[b] = Math.log(middle.at(b));
                }
            }
        }
        return new Correction(SixBands.each(b -> seconds.get(b).isPresent()
                ? Math.exp((low[b] + high[b]) / 2)
                : room.correction().factors().at(b)));
    }

    /** The coefficient in a band as it is counted. */
    double apply(Material material, int band) {
        double drawn = material.absorption().at(band);
        if (material.use() == Material.Use.TREATMENT || factors.at(band) == 1) {
            return drawn;
        }
        return 1 - Math.pow(1 - drawn, factors.at(band));
    }
}
