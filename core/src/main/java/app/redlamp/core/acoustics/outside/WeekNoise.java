package app.redlamp.core.acoustics.outside;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.units.Decibels;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How loud a room is at the microphone through the week.
 *
 * @param dbA level in each half hour, Monday 0:00 first; powers are averaged over it
 * @param shares what each source gives while it is on, in the order in which they were given
 */
public record WeekNoise(List<Double> dbA, List<OctaveLevels> shares) {
    /** Half an hour: what a neighbour's habit is known to (ours). */
    public static final int SLOT_MIN = 30;

    /** Slots of a day (by definition). */
    public static final int SLOTS_A_DAY = 24 * 60 / SLOT_MIN;

    /** Nobody records earlier, unless for the quiet (common practice, no source). */
    public static final LocalTime EARLIEST = LocalTime.of(7, 0);

    /** Nor later (common practice, no source). */
    public static final LocalTime LATEST = LocalTime.of(23, 0);

    public WeekNoise {
        dbA = List.copyOf(dbA);
        shares = List.copyOf(shares);
    }

    /** @return absent where no source is known: then nothing is known of the noise either */
    public static Optional<WeekNoise> of(List<OutsideSource> sources, SixBands areas) {
        if (sources.isEmpty()) {
            return Optional.empty();
        }
        List<OctaveLevels> shares = sources.stream().map(s -> s.inRoom(areas)).toList();
        double[] powers =
                shares.stream().mapToDouble(s -> Decibels.toPower(s.dbA())).toArray();
        List<Double> week = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            for (int slot = 0; slot < SLOTS_A_DAY; slot++) {
                double sum = 0;
                for (int i = 0; i < powers.length; i++) {
                    sum += powers[i] * share(sources.get(i), day, slot);
                }
                week.add(Decibels.levelOfPower(Math.max(1e-3, sum)));
            }
        }
        return Optional.of(new WeekNoise(week, shares));
    }

    /** Share of a half hour in which a source is on. */
    private static double share(OutsideSource source, DayOfWeek day, int slot) {
        int from = slot * SLOT_MIN;
        int minutes = 0;
        for (Hours hours : source.hours()) {
            minutes += hours.minutesIn(day, from, from + SLOT_MIN);
        }
        return Math.min(1, minutes / (double) SLOT_MIN);
    }

    /** Level in dB(A) of a half hour. */
    public double at(DayOfWeek day, int slot) {
        return dbA.get((day.getValue() - 1) * SLOTS_A_DAY + slot);
    }

    /** Level in dB(A) of the quietest half hour of the week. */
    public double quietest() {
        return dbA.stream().mapToDouble(d -> d).min().orElseThrow();
    }

    /** Level in dB(A) of the loudest half hour of the week. */
    public double loudest() {
        return dbA.stream().mapToDouble(d -> d).max().orElseThrow();
    }

    /** All sources at once: the most there can be. */
    public OctaveLevels together() {
        OctaveLevels all = OctaveLevels.silence();
        for (OctaveLevels share : shares) {
            all = all.and(share);
        }
        return all;
    }

    /** The sources that are on in a half hour, as one noise. */
    public OctaveLevels spectrum(List<OutsideSource> sources, DayOfWeek day, int slot) {
        OctaveLevels all = OctaveLevels.silence();
        for (int i = 0; i < sources.size(); i++) {
            double on = share(sources.get(i), day, slot);
            if (on > 0) {
                all = all.and(shares.get(i).plus(Decibels.levelOfPower(on)));
            }
        }
        return all;
    }

    /**
     * A stretch of one day that is quiet.
     *
     * @param day which
     * @param from when it begins
     * @param to when it ends; midnight for the end of the day
     * @param dbA loudest half hour in it
     */
    public record Quiet(DayOfWeek day, LocalTime from, LocalTime to, double dbA) {}

    /**
     * The longest stretch of each day in which it stays under a limit; days without an hour of that have none.
     *
     * @param limitDbA loudest that is let pass
     * @param earliest not before this
     * @param latest not after this; midnight for the end of the day
     */
    public List<Quiet> quiet(double limitDbA, LocalTime earliest, LocalTime latest) {
        List<Quiet> found = new ArrayList<>();
        int first = (earliest.toSecondOfDay() / 60 + SLOT_MIN - 1) / SLOT_MIN;
        int last = latest.equals(LocalTime.MIDNIGHT) ? SLOTS_A_DAY : latest.toSecondOfDay() / 60 / SLOT_MIN;
        for (DayOfWeek day : DayOfWeek.values()) {
            int bestFrom = 0;
            int bestTo = 0;
            int from = first;
            for (int slot = first; slot <= last; slot++) {
                if (slot == last || at(day, slot) > limitDbA) {
                    // Of two that are equally long the later one: the evening belongs to the reader.
                    if (slot - from >= bestTo - bestFrom) {
                        bestFrom = from;
                        bestTo = slot;
                    }
                    from = slot + 1;
                }
            }
            if ((bestTo - bestFrom) * SLOT_MIN >= 60) {
                double most = Double.NEGATIVE_INFINITY;
                for (int slot = bestFrom; slot < bestTo; slot++) {
                    most = Math.max(most, at(day, slot));
                }
                found.add(new Quiet(day, time(bestFrom), time(bestTo), most));
            }
        }
        return found;
    }

    private static LocalTime time(int slot) {
        return LocalTime.MIDNIGHT.plusMinutes((long) slot * SLOT_MIN);
    }
}
