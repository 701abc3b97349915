package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import java.util.Locale;
import java.util.Optional;

/**
 * What a surface is made of, or what is put on it.
 *
 * @param id name in files
 * @param name what it is called, in general words
 * @param use what it can be
 * @param absorption share of the sound that does not come back in each band, 0 to 1
 * @param source where the figures come from
 * @param ware how it is bought; absent for what is part of a house
 */
public record Material(String id, String name, Use use, SixBands absorption, String source, Optional<Ware> ware) {

    /** What a material can be. */
    public enum Use {
        /** Walls, floors, ceilings. */
        SURFACE,
        /** Doors and windows. */
        OPENING,
        /** Stands in the room. */
        FURNITURE,
        /** Hung, laid or put up to dampen. */
        TREATMENT;

        /** Name in files, such as {@code treatment}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A piece of it.
     *
     * @param widthM 0.1 to 10
     * @param heightM 0.1 to 10
     * @param thicknessM with its air gap, 0 to 1
     * @param price of one piece, 0 or more, in the money of the production
     * @param fire what to look to so that it does not burn
     * @param fixing how it is put up; empty where there is nothing to it
     */
    public record Ware(double widthM, double heightM, double thicknessM, double price, String fire, String fixing) {

        /** @throws IllegalArgumentException out of range */
        public Ware {
            boolean size = widthM >= 0.1 && widthM <= 10 && heightM >= 0.1 && heightM <= 10;
            if (!(size && thicknessM >= 0 && thicknessM <= 1 && price >= 0 && price <= 1e6)) {
                throw new IllegalArgumentException(
                        Faults.say("material.piece-thick-price", widthM, heightM, thicknessM, price));
            }
        }

        /** Area of one piece in m². */
        public double area() {
            return widthM * heightM;
        }
    }

    /** @throws IllegalArgumentException without a name, or for coefficients that are none */
    public Material {
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(Faults.say("material.material-needs-id"));
        }
        if (!(absorption.lowest() >= 0 && absorption.highest() <= 1)) {
            throw new IllegalArgumentException(Faults.say("material.absorbs-coefficients-must", name, absorption));
        }
    }

    /** The same with other coefficients. */
    public Material absorbing(SixBands other) {
        return new Material(id, name, use, other, source, ware);
    }
}
