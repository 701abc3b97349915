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
 * @param name what it is called, in general words
 * @param inside its size inside
 * @param wallM how thick its walls are, 0.005 to 0.5
 * @param lining what its walls and ceiling are lined with
 * @param floor what lies on its floor
 * @param keepsOutDb level outside less level inside in each octave, 0 to 80 dB: the sound pressure insulation of ISO 11957
 *     (from memory). What comes through the floor it does not keep out
 * @param fanDbA what its own fan makes of noise at the microphone, 0 to 80 dB(A); absent where it has none
 * @param airLitresPerS fresh air that its fan or its vents move, 0 to 200
 * @param weightKg of all of it, 1 to 5000
 * @param price 0 or more, in the money of the production
 * @param source where the figures come from
 * @param care what to look to
 */
public record Cabin(
        String id,
        String name,
        Space inside,
        double wallM,
        Material lining,
        Material floor,
        OctaveLevels keepsOutDb,
        OptionalDouble fanDbA,
        double airLitresPerS,
        double weightKg,
        double price,
        String source,
        String care) {
    /** No lighter wall keeps out more (ours). */
    private static final double MOST_DB = 80;

    /** For its own air, and for putting it up (common practice, no source). */
    private static final double AROUND_M = 0.1;

    /** @throws IllegalArgumentException without an id or a name, or out of range; one line */
    public Cabin {
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(Faults.say("cabin.needs-name"));
        }
        boolean made = wallM >= 0.005 && wallM <= 0.5 && weightKg >= 1 && weightKg <= 5000;
        boolean aired = fanDbA.orElse(0) >= 0 && fanDbA.orElse(0) <= 80 && airLitresPerS >= 0 && airLitresPerS <= 200;
        if (!(made && aired && price >= 0 && price <= 1e6)) {
            throw new IllegalArgumentException(Faults.say("cabin.must-lie", name));
        }
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            if (!(keepsOutDb.at(b) >= 0 && keepsOutDb.at(b) <= MOST_DB)) {
                throw new IllegalArgumentException(Faults.say("cabin.keeps-out", name, keepsOutDb.at(b), MOST_DB));
            }
        }
    }

    /** Whether it can stand in a room, with a hand's breadth of air above and beside it. */
    public boolean fits(Space room) {
        double both = 2 * wallM + AROUND_M;
        boolean along = inside.widthM() + both <= room.widthM() && inside.depthM() + both <= room.depthM();
        boolean across = inside.depthM() + both <= room.widthM() && inside.widthM() + both <= room.depthM();
        return inside.heightM() + both <= room.heightM() && (along || across);
    }

    /** The same under another id. */
    public Cabin as(String other) {
        return new Cabin(
                other,
                name,
                inside,
                wallM,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                price,
                source,
                care);
    }

    /** The same under another name. */
    public Cabin called(String other) {
        return new Cabin(
                id,
                other,
                inside,
                wallM,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                price,
                source,
                care);
    }

    /** The same of another size inside. */
    public Cabin sized(Space other) {
        return new Cabin(
                id,
                name,
                other,
                wallM,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                price,
                source,
                care);
    }

    /** The same with walls of another thickness in metres. */
    public Cabin walled(double metres) {
        return new Cabin(
                id,
                name,
                inside,
                metres,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                price,
                source,
                care);
    }

    /** The same that keeps out other decibels in each octave. */
    public Cabin keepingOut(OctaveLevels other) {
        return new Cabin(
                id, name, inside, wallM, lining, floor, other, fanDbA, airLitresPerS, weightKg, price, source, care);
    }

    /** The same with a fan of so many dB(A) at the microphone; absent for none. */
    public Cabin withFan(OptionalDouble dbA) {
        return new Cabin(
                id, name, inside, wallM, lining, floor, keepsOutDb, dbA, airLitresPerS, weightKg, price, source, care);
    }

    /** The same with so many litres of fresh air a second. */
    public Cabin airedBy(double litresPerS) {
        return new Cabin(
                id, name, inside, wallM, lining, floor, keepsOutDb, fanDbA, litresPerS, weightKg, price, source, care);
    }

    /** The same of another weight in kg. */
    public Cabin weighing(double kg) {
        return new Cabin(
                id, name, inside, wallM, lining, floor, keepsOutDb, fanDbA, airLitresPerS, kg, price, source, care);
    }

    /** The same at another price. */
    public Cabin priced(double other) {
        return new Cabin(
                id,
                name,
                inside,
                wallM,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                other,
                source,
                care);
    }

    /** The same with figures from elsewhere. */
    public Cabin from(String other) {
        return new Cabin(
                id,
                name,
                inside,
                wallM,
                lining,
                floor,
                keepsOutDb,
                fanDbA,
                airLitresPerS,
                weightKg,
                price,
                other,
                care);
    }
}
