package app.redlamp.core.acoustics.cabin;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.fault.Faults;
import java.util.OptionalDouble;

/**
 * A booth that can be bought or built.
 *
 * @param id name in files
 * @param shell what it is made of
 * @param keepsOutDb level outside less level inside in each octave, 0 to 80 dB: the sound pressure insulation of ISO 11957
 *     (from memory). What comes through the floor it does not keep out
 * @param air how it is aired
 * @param offer what it is called and what it costs
 */
public record Cabin(String id, Shell shell, OctaveLevels keepsOutDb, Ventilation air, Offer offer) {
    /** No wall that anybody sells keeps out more (ours). */
    private static final double MOST_DB = 80;

    /** Room around it for its own air, and for putting it up, in metres (common practice, no source). */
    private static final double AROUND_M = 0.1;

    /**
     * What a booth is made of.
     *
     * @param inside its size inside
     * @param wallM how thick its walls are, 0.005 to 0.5
     * @param lining what its walls and ceiling are lined with
     * @param floor what lies on its floor
     * @param weightKg of all of it, 1 to 5000
     */
    public record Shell(Space inside, double wallM, Material lining, Material floor, double weightKg) {

        /** @throws IllegalArgumentException out of range */
        public Shell {
            if (!(wallM >= 0.005 && wallM <= 0.5 && weightKg >= 1 && weightKg <= 5000)) {
                throw new IllegalArgumentException(Faults.say("cabin.shell", wallM, weightKg));
            }
        }

        /** The same of another size inside. */
        public Shell sized(Space other) {
            return new Shell(other, wallM, lining, floor, weightKg);
        }

        /** The same with walls of another thickness in metres. */
        public Shell walled(double metres) {
            return new Shell(inside, metres, lining, floor, weightKg);
        }

        /** The same of another weight in kg. */
        public Shell weighing(double kg) {
            return new Shell(inside, wallM, lining, floor, kg);
        }
    }

    /**
     * How a booth is aired.
     *
     * @param fanDbA what its own fan makes of noise at the microphone, 0 to 80 dB(A); absent where it has none
     * @param litresPerS fresh air that its fan or its vents move, 0 to 200
     */
    public record Ventilation(OptionalDouble fanDbA, double litresPerS) {

        /** @throws IllegalArgumentException out of range */
        public Ventilation {
            boolean fan = fanDbA.orElse(0) >= 0 && fanDbA.orElse(0) <= 80;
            if (!(fan && litresPerS >= 0 && litresPerS <= 200)) {
                throw new IllegalArgumentException(Faults.say("cabin.air", fanDbA.orElse(0), litresPerS));
            }
        }
    }

    /**
     * What is said of a booth by whoever sells it.
     *
     * @param name what it is called, in general words; not blank
     * @param price 0 to a million, in the money of the production
     * @param source where the figures come from
     * @param care what to look to
     */
    public record Offer(String name, double price, String source, String care) {

        /** @throws IllegalArgumentException without a name, or out of range */
        public Offer {
            if (name.isBlank() || !(price >= 0 && price <= 1e6)) {
                throw new IllegalArgumentException(Faults.say("cabin.offer", name, price));
            }
        }

        /** The same under another name. */
        public Offer called(String other) {
            return new Offer(other, price, source, care);
        }

        /** The same at another price. */
        public Offer priced(double other) {
            return new Offer(name, other, source, care);
        }

        /** The same with figures from elsewhere. */
        public Offer from(String other) {
            return new Offer(name, price, other, care);
        }
    }

    /** @throws IllegalArgumentException without an id, or out of range */
    public Cabin {
        if (id.isBlank()) {
            throw new IllegalArgumentException(Faults.say("cabin.needs-id"));
        }
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            if (!(keepsOutDb.at(b) >= 0 && keepsOutDb.at(b) <= MOST_DB)) {
                throw new IllegalArgumentException(Faults.say("cabin.keeps-out", keepsOutDb.at(b), MOST_DB));
            }
        }
    }

    /** Whether it can stand in a room, with a hand's breadth of air above and beside it. */
    public boolean fits(Space room) {
        Space inside = shell.inside();
        double both = 2 * shell.wallM() + AROUND_M;
        boolean along = inside.widthM() + both <= room.widthM() && inside.depthM() + both <= room.depthM();
        boolean across = inside.depthM() + both <= room.widthM() && inside.widthM() + both <= room.depthM();
        return inside.heightM() + both <= room.heightM() && (along || across);
    }

    /** The same under another id. */
    public Cabin as(String other) {
        return new Cabin(other, shell, keepsOutDb, air, offer);
    }

    /** The same made otherwise. */
    public Cabin made(Shell other) {
        return new Cabin(id, other, keepsOutDb, air, offer);
    }

    /** The same that keeps out other decibels in each octave. */
    public Cabin keepingOut(OctaveLevels other) {
        return new Cabin(id, shell, other, air, offer);
    }

    /** The same aired otherwise. */
    public Cabin aired(Ventilation other) {
        return new Cabin(id, shell, keepsOutDb, other, offer);
    }

    /** The same in another offer. */
    public Cabin offered(Offer other) {
        return new Cabin(id, shell, keepsOutDb, air, other);
    }
}
