package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Surroundings;
import java.util.Locale;

/**
 * A room by three quick questions, for as long as none is drawn. What each answer stands for is common practice, no source.
 *
 * @param size how large
 * @param softness how much in it is soft
 * @param quiet how quiet it is when it is recorded in
 */
public record RoomGuess(Size size, Softness softness, Quiet quiet) {
    /** Rooms are longer than wide by so much (common practice, no source). */
    private static final double LONGER = 1.3;

    public static final RoomGuess USUAL = new RoomGuess(Size.BEDROOM, Softness.MIXED, Quiet.USUAL);

    /** How large. */
    public enum Size {
        CUPBOARD(2.5),
        BOX_ROOM(12),
        BEDROOM(30),
        LIVING_ROOM(60);

        private final double volumeM3;

        Size(double volumeM3) {
            this.volumeM3 = volumeM3;
        }

        /** Name in files, such as {@code box-room}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** How much in it is soft, by the mean absorption of its sides. */
    public enum Softness {
        /** Lined all over. */
        SOFT(0.6),
        /** Carpet, curtains, a bed. */
        FURNISHED(0.28),
        MIXED(0.18),
        /** Tiles, glass, bare walls. */
        HARD(0.08);

        private final double absorption;

        Softness(double absorption) {
            this.absorption = absorption;
        }

        /** Name in files, such as {@code hard}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How quiet it is. */
    public enum Quiet {
        /** One hears oneself breathe. */
        STILL(20),
        /** Nothing that one would name. */
        USUAL(28),
        /** A fridge, a fan, a road. */
        HUMMING(36),
        /** People or traffic. */
        BUSY(45);

        private final double dbA;

        Quiet(double dbA) {
            this.dbA = dbA;
        }

        /** Name in files, such as {@code still}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The room that this describes: longer than wide, and rings by Eyring's formula. */
    public Surroundings surroundings() {
        double volume = size.volumeM3;
        double height = Math.min(2.5, Math.cbrt(volume));
        double width = Math.sqrt(volume / height / LONGER);
        double length = width * LONGER;
        double sides = 2 * (width * length + width * height + length * height);
        double decay = 0.161 * volume / (-sides * Math.log(1 - softness.absorption));
        return Surroundings.of(quiet.dbA, volume, Math.max(0.05, decay));
    }

    /** The same of another size. */
    public RoomGuess sized(Size other) {
        return new RoomGuess(other, softness, quiet);
    }

    /** The same lined otherwise. */
    public RoomGuess lined(Softness other) {
        return new RoomGuess(size, other, quiet);
    }

    /** The same in other quiet. */
    public RoomGuess at(Quiet other) {
        return new RoomGuess(size, softness, other);
    }
}
