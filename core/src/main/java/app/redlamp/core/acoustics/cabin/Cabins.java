package app.redlamp.core.acoustics.cabin;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Booths beside cloth and wool: what each of them does about noise and about the room in the voice, and what a decibel of either
 * costs. Noise in a booth is what is in the room less what it keeps out, octave by octave, and its own fan; how it sounds inside
 * is computed as of any room.
 */
public final class Cabins {
    /** Height of the mouth of somebody who stands, or as near to it as the ceiling lets (common practice, no source). */
    private static final double MOUTH_M = 1.5;

    /** Who reads in a booth has more of it behind than before: where in its depth the mouth is, as a share (ours). */
    private static final double MOUTH_AT = 0.6;

    private final Study study;
    private final int persons;

    private Cabins(Study study, int persons) {
        this.study = study;
        this.persons = persons;
    }

    /**
     * All ways side by side: as it is, with the treatment that is advised, and each booth, the cheapest first.
     *
     * @param study of the place as it is
     * @param steps treatment, as {@link app.redlamp.core.acoustics.spot.Treatment} advises it; none where nothing helps
     * @param cabins booths that can be had
     * @param persons who are in it at once, at least 1
     */
    public static List<CabinChoice> of(Study study, List<TreatmentStep> steps, List<Cabin> cabins, int persons) {
        Cabins all = new Cabins(study, persons);
        List<CabinChoice> choices = new ArrayList<>();
        choices.add(all.room(CabinChoice.Way.AS_IT_IS, study, 0));
        if (!steps.isEmpty()) {
            Room treated = steps.get(steps.size() - 1).room();
            double price = steps.stream().mapToDouble(TreatmentStep::price).sum();
            Study then = Study.of(study.spot().with(treated), study.wanted());
            choices.add(all.room(CabinChoice.Way.TREATED, then, price));
        }
        cabins.stream()
                .sorted(Comparator.comparingDouble((Cabin c) -> c.offer().price())
                        .thenComparing(Cabin::id))
                .forEach(c -> choices.add(all.cabin(c)));
        return choices;
    }

    private CabinChoice room(CabinChoice.Way way, Study there, double price) {
        Optional<WeekNoise> week = there.spot().noiseDbA().isPresent() ? Optional.empty() : there.week();
        return new CabinChoice(
                way,
                Optional.empty(),
                price,
                outside(there).map(o -> OptionalDouble.of(o.dbA())).orElse(OptionalDouble.empty()),
                week.map(w -> OptionalDouble.of(quietHours(w.dbA()))).orElse(OptionalDouble.empty()),
                there.decay().middleS(),
                there.direct().speechDb(),
                there.bass().worstDb(),
                true,
                StaleAir.of(there.spot().room().space(), persons).minutesTo(StaleAir.STALE_PPM));
    }

    private CabinChoice cabin(Cabin cabin) {
        Room room = study.spot().room();
        Study inside = Study.of(
                new Spot(
                        cabin.id(),
                        cabin.offer().name(),
                        drawn(cabin, room),
                        List.of(),
                        Optional.empty(),
                        OptionalDouble.empty()),
                study.wanted());
        Optional<OctaveLevels> outside = outside(study);
        Optional<WeekNoise> week = study.spot().noiseDbA().isPresent() ? Optional.empty() : study.week();
        Space space = cabin.shell().inside();
        return new CabinChoice(
                CabinChoice.Way.CABIN,
                Optional.of(cabin),
                cabin.offer().price(),
                outside.map(o -> OptionalDouble.of(within(o, cabin).dbA())).orElse(OptionalDouble.empty()),
                week.map(w -> OptionalDouble.of(quietHours(within(w, cabin)))).orElse(OptionalDouble.empty()),
                inside.decay().middleS(),
                inside.direct().speechDb(),
                inside.bass().worstDb(),
                cabin.fits(room.space()),
                StaleAir.of(space, persons).aired(cabin.air().litresPerS()).minutesTo(StaleAir.STALE_PPM));
    }

    /** All noise that is known at once, or as loud as it was measured; absent where nothing is known. */
    private static Optional<OctaveLevels> outside(Study there) {
        OptionalDouble measured = there.spot().noiseDbA();
        Optional<OctaveLevels> together = there.week().map(WeekNoise::together);
        if (measured.isEmpty()) {
            return together;
        }
        OctaveLevels shape = together.orElse(Timbre.FAN.at(0));
        return Optional.of(shape.plus(measured.getAsDouble() - shape.dbA()));
    }

    private static OctaveLevels within(OctaveLevels outside, Cabin cabin) {
        OctaveLevels kept =
                OctaveLevels.each(b -> outside.at(b) - cabin.keepsOutDb().at(b));
        return cabin.air().fanDbA().isPresent()
                ? kept.and(Timbre.FAN.at(cabin.air().fanDbA().getAsDouble()))
                : kept;
    }

    /** Level in dB(A) of every half hour of the week inside. */
    private List<Double> within(WeekNoise week, Cabin cabin) {
        List<Double> all = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            for (int slot = 0; slot < WeekNoise.SLOTS_A_DAY; slot++) {
                all.add(within(week.spectrum(study.spot().sources(), day, slot), cabin)
                        .dbA());
            }
        }
        return all;
    }

    /** Hours of a week between {@link WeekNoise#EARLIEST} and {@link WeekNoise#LATEST} that are quiet enough. */
    private double quietHours(List<Double> dbA) {
        int slots = 0;
        for (int i = 0; i < dbA.size(); i++) {
            LocalTime at = LocalTime.MIDNIGHT.plusMinutes((long) (i % WeekNoise.SLOTS_A_DAY) * WeekNoise.SLOT_MIN);
            boolean byDay = !at.isBefore(WeekNoise.EARLIEST) && at.isBefore(WeekNoise.LATEST);
            slots += byDay && dbA.get(i) <= study.wanted().noiseDbA() ? 1 : 0;
        }
        return slots * WeekNoise.SLOT_MIN / 60.0;
    }

    /** A booth with the reader in it, as far from the same microphone as in the room. */
    private static Room drawn(Cabin cabin, Room room) {
        Space space = cabin.shell().inside();
        Map<Face, Material> sides = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            sides.put(
                    face,
                    face == Face.FLOOR ? cabin.shell().floor() : cabin.shell().lining());
        }
        double height = Math.min(MOUTH_M, 0.75 * space.heightM());
        Point mouth = new Point(space.widthM() / 2, MOUTH_AT * space.depthM(), height);
        Point microphone = new Point(mouth.x(), mouth.y() - room.distanceM(), mouth.z());
        return new Room(
                space,
                sides,
                List.of(),
                List.of(),
                mouth,
                space.inside(microphone, Room.NEAREST_WALL_M),
                room.pattern(),
                Air.USUAL,
                Correction.NONE);
    }
}
