package app.redlamp.core.room;

/**
 * What a measurement taught about a building: the exponent {@code −ln(1 − α)} of everything that belongs to the house or
 * stands in it is multiplied in each band; treatment keeps the coefficients of its maker.
 *
 * @param factors above 0 in each band; 1 leaves a band as it is drawn
 */
public record Correction(SixBands factors) {
    public static final Correction NONE = new Correction(SixBands.all(1));

    /** A factor further off says that the drawing is wrong, not the coefficients. */
    public static final double MOST = 20;

    /** @throws IllegalArgumentException for factors below 1/20 or above 20 */
    public Correction {
        if (!(factors.lowest() >= 1 / MOST && factors.highest() <= MOST)) {
            throw new IllegalArgumentException("correction by " + factors + ": must lie between 0.05 and 20");
        }
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
