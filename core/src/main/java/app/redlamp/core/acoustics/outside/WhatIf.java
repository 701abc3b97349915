package app.redlamp.core.acoustics.outside;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.units.Decibels;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What one change would do about one noise.
 *
 * @param kind the change
 * @param source id of the noise
 * @param thenDbA what would be heard of it
 * @param gainDb by how much all noise together would fall while it is on
 */
public record WhatIf(Kind kind, String source, double thenDbA, double gainDb) {

    /** A change. */
    public enum Kind {
        /** Read at another hour. */
        ANOTHER_HOUR,
        /** Close the gaps of what divides. */
        SEAL,
        /** Put a closed, heavy door before it. */
        DOOR,
        /** As much again of what divides. */
        TWICE_THE_MASS,
        /** Put it twice as far away. */
        TWICE_AS_FAR
    }

    /** A solid door with seals (common practice, no source). */
    private static final Barrier DOOR = new Barrier("door", 25, 1.8, 0.1);

    /**
     * Everything that brings at least half a decibel against the noise that is loudest, best first.
     *
     * @param limitDbA what is let pass
     * @return nothing where no source is known, or all of them together keep to the limit
     */
    public static List<WhatIf> of(List<OutsideSource> sources, SixBands areas, double limitDbA) {
        List<WhatIf> all = new ArrayList<>();
        if (sum(sources, areas) <= limitDbA) {
            return all;
        }
        Optional<OutsideSource> loudest = sources.stream()
                .max(Comparator.comparingDouble(s -> s.inRoom(areas).dbA()));
        if (loudest.isEmpty()) {
            return all;
        }
        OutsideSource source = loudest.get();
        add(all, Kind.TWICE_AS_FAR, sources, source, areas, s -> s.at(Math.min(1000, 2 * s.distanceM())));
        if (source.barrier().isPresent()) {
            Barrier wall = source.barrier().get();
            add(all, Kind.SEAL, sources, source, areas, s -> s.withBarrier(wall.sealed()));
            add(all, Kind.TWICE_THE_MASS, sources, source, areas, s -> s.withBarrier(wall.heavier(2)));
        } else {
            add(all, Kind.DOOR, sources, source, areas, s -> s.withBarrier(DOOR));
        }
        if (sleeps(source)) {
            double without = without(sources, source, areas);
            double gain = sum(sources, areas) - without;
            all.add(new WhatIf(Kind.ANOTHER_HOUR, source.id(), OctaveLevels.SILENCE_DB, gain));
        }
        all.removeIf(w -> w.gainDb() < 0.5);
        all.sort(Comparator.comparingDouble(w -> -w.gainDb()));
        return all;
    }

    /** Whether there is an hour of the week in which it is off. */
    private static boolean sleeps(OutsideSource source) {
        for (DayOfWeek day : DayOfWeek.values()) {
            for (int hour = 0; hour < 24; hour++) {
                int from = hour * 60;
                if (source.hours().stream().allMatch(h -> h.minutesIn(day, from, from + 60) == 0)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static void add(
            List<WhatIf> all,
            Kind kind,
            List<OutsideSource> sources,
            OutsideSource source,
            SixBands areas,
            UnaryOperator<OutsideSource> change) {
        OutsideSource changed = change.apply(source);
        double rest = Decibels.toPower(without(sources, source, areas));
        double then = Decibels.levelOfPower(
                rest + Decibels.toPower(changed.inRoom(areas).dbA()));
        all.add(new WhatIf(kind, source.id(), changed.inRoom(areas).dbA(), sum(sources, areas) - then));
    }

    private static double without(List<OutsideSource> sources, OutsideSource source, SixBands areas) {
        return sum(sources.stream().filter(s -> !s.id().equals(source.id())).toList(), areas);
    }

    private static double sum(List<OutsideSource> sources, SixBands areas) {
        double power = 1e-10;
        for (OutsideSource source : sources) {
            power += Decibels.toPower(source.inRoom(areas).dbA());
        }
        return Decibels.levelOfPower(power);
    }
}
