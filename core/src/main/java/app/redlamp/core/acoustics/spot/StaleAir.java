package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.room.Space;
import java.util.OptionalDouble;

/**
 * What the air of a closed room comes to while somebody reads in it: an estimate, since nobody knows how well a door shuts.
 *
 * @param volumeM3 of the room
 * @param surfaceM2 of its walls, floor and ceiling
 * @param persons in it, at least 1
 * @param changesPerHour how often the air is exchanged through gaps, above 0
 */
public record StaleAir(double volumeM3, double surfaceM2, int persons, double changesPerHour) {
    /** From here on a room is stuffy (M. von Pettenkofer, 1858, from memory), in ppm of carbon dioxide. */
    public static final double STUFFY_PPM = 1000;

    /** From here on nobody should stay (guideline of the German Environment Agency, 2008, from memory), in ppm. */
    public static final double STALE_PPM = 2000;

    /** With doors and windows shut and no fan, air changes an hour (common practice, no source). */
    private static final double SHUT = 0.3;

    /** Air outside, in ppm (about 2020, from memory). */
    private static final double OUTSIDE_PPM = 420;

    /** What a grown person at 1.2 met breathes out, in m³ of carbon dioxide an hour: 0.0052 l/s (ASTM D6245, from memory). */
    private static final double BREATHED_M3 = 0.0187;

    /** Dry heat of a person who sits and talks, in W (ISO 7730 at 1.2 met, without what evaporates, from memory). */
    private static final double BODY_W = 75;

    /** A litre a second in m³ an hour (by definition). */
    private static final double LITRE_PER_S = 3.6;

    /** Heat that a cubic metre of air holds, in Wh a K (from memory). */
    private static final double AIR_WH = 0.34;

    /** Heat that a square metre of light lining takes up within an hour, in Wh a K (common practice, no source). */
    private static final double LINING_WH = 3;

    /** What goes out through a square metre of an inner wall, in W a K (common practice, no source). */
    private static final double WALL_W = 1.5;

    /** A closed room and whoever is in it. */
    public static StaleAir of(Space space, int persons) {
        return new StaleAir(space.volume(), space.surface(), persons, SHUT);
    }

    /** With a fan or vents beside the gaps, which move so many litres a second, 0 or more. */
    public StaleAir aired(double litresPerS) {
        return new StaleAir(volumeM3, surfaceM2, persons, changesPerHour + litresPerS * LITRE_PER_S / volumeM3);
    }

    /**
     * Minutes until the air, fresh at first, holds so much carbon dioxide: the balance of what is breathed out and what leaks away,
     * {@code C(t) = outside + G / (n V) (1 − exp(−n t))}. Absent where it never does.
     */
    public OptionalDouble minutesTo(double ppm) {
        double share = (ppm - OUTSIDE_PPM) * 1e-6 * changesPerHour * volumeM3 / (persons * BREATHED_M3);
        return share < 1 ? OptionalDouble.of(-60 * Math.log(1 - share) / changesPerHour) : OptionalDouble.empty();
    }

    /** By how many K it warms in so many minutes, from bodies alone: {@code P / H (1 − exp(−t H / C))}. */
    public double riseK(double minutes) {
        double lost = AIR_WH * changesPerHour * volumeM3 + WALL_W * surfaceM2;
        double held = AIR_WH * volumeM3 + LINING_WH * surfaceM2;
        return persons * BODY_W / lost * (1 - Math.exp(-minutes / 60 * lost / held));
    }
}
