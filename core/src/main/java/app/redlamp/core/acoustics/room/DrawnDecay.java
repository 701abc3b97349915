package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;

/**
 * How long a drawn room rings: the time in which sound falls by 60 dB, in seconds, in each band.
 *
 * <p>Sources, in any acoustics handbook: W. C. Sabine, T = K V / A; C. F. Eyring, J. Acoust. Soc. Am. 1, 1930,
 * T = K V / (−S ln(1 − ᾱ) + 4 m V), with K = 24 ln 10 / c, which is 0.161 s/m at 20 °C. Both take it that sound comes from
 * everywhere; {@link RayDecay} does not.
 *
 * @param sabineS after Sabine; good while the room swallows little
 * @param eyringS after Eyring; good for dead rooms too
 * @param raysS direction by direction; good where sides swallow unlike amounts
 * @param meanAbsorption mean coefficient of all surfaces
 * @param trust which of them counts in each band, and why
 * @param schroederHz below it single modes rule, and every figure is one to compare by
 */
public record DrawnDecay(
        SixBands sabineS,
        SixBands eyringS,
        SixBands raysS,
        SixBands meanAbsorption,
        List<Trust> trust,
        double schroederHz) {

    /** Which figure counts. */
    public enum Trust {
        /** Little is swallowed: Sabine and Eyring agree, and Sabine's is the usual one. */
        SABINE,
        /** Much is swallowed: after Sabine a room would ring even with open windows all round. */
        EYRING,
        /** Two hard sides face each other, and sound between them outlasts what the rest swallows. */
        RAYS
    }

    /** Above this mean coefficient Sabine's assumption no longer holds (common practice, no source). */
    public static final double SABINE_UP_TO = 0.2;

    /** Rays that ring longer by so much say that the room is uneven (ours). */
    private static final double UNEVEN = 1.12;

    /** 24 ln 10, four times 60 dB of power, in Sabine's constant (any acoustics handbook). */
    private static final double DECADES = 4 * 2 * Decibels.toNepers(60);

    public DrawnDecay {
        trust = List.copyOf(trust);
    }

    /** Computes it for a room as it is drawn. */
    public static DrawnDecay of(Room room) {
        return of(room, Absorption.of(room));
    }

    /** Computes it for a room as it is drawn. */
    public static DrawnDecay of(Room room, Absorption absorption) {
        return of(room, absorption, true);
    }

    /** The same within about 2 %, in a quarter of the time: to choose among many rooms. */
    public static DrawnDecay roughly(Room room) {
        return of(room, Absorption.of(room), false);
    }

    private static DrawnDecay of(Room room, Absorption absorption, boolean exact) {
        double volume = room.space().volume();
        double constant = DECADES / room.air().speedMps();
        SixBands air = room.air().exponents().map(m -> 4 * m * volume);
        // No surface swallows nothing: a millionth keeps an impossible room finite.
        SixBands sabine = absorption.areas().with(air, (a, m) -> constant * volume / Math.max(1e-6, a + m));
        SixBands eyring = absorption.exponents().with(air, (a, m) -> constant * volume / Math.max(1e-6, a + m));
        SixBands rays = RayDecay.seconds(room, absorption, exact);
        SixBands means = absorption.means();
        List<Trust> trust = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            boolean live = means.at(b) <= SABINE_UP_TO;
            double even = live ? sabine.at(b) : eyring.at(b);
            trust.add(rays.at(b) > UNEVEN * even ? Trust.RAYS : live ? Trust.SABINE : Trust.EYRING);
        }
        double middle = pick(sabine, eyring, rays, trust).at(SixBands.MIDDLE);
        return new DrawnDecay(sabine, eyring, rays, means, trust, schroederHz(middle, volume));
    }

    private static SixBands pick(SixBands sabine, SixBands eyring, SixBands rays, List<Trust> trust) {
        return SixBands.each(b -> switch (trust.get(b)) {
            case SABINE -> sabine.at(b);
            case EYRING -> eyring.at(b);
            case RAYS -> rays.at(b);
        });
    }

    /** The figure that counts in each band. */
    public SixBands seconds() {
        return pick(sabineS, eyringS, raysS, trust);
    }

    /** At 500 Hz, which speaks for the whole. */
    public double middleS() {
        return seconds().at(SixBands.MIDDLE);
    }

    /** Whether single modes rule in a band, so that its figure is one to compare by and not to rely on. */
    public boolean modal(int band) {
        return SixBands.centreHz(band) < schroederHz;
    }

    /**
     * Below this frequency single modes rule and statistics do not: 2000 √(T/V) (M. R. Schroeder, in any acoustics
     * handbook).
     */
    public static double schroederHz(double decayS, double volumeM3) {
        return 2000 * Math.sqrt(decayS / volumeM3);
    }
}
