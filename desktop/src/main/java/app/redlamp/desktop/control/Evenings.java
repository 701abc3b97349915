package app.redlamp.desktop.control;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What an {@link EveningsView} shows: days side by side, hours from above to below. Hours above 24 belong to the night after.
 *
 * @param days in their order
 * @param fromHour first hour shown
 * @param toHour last hour shown, above {@code fromHour}
 * @param due index of the day of the deadline; absent where there is none, or it is not shown
 * @param dueWords what the flag of the deadline says
 * @param done index of the day on which all is done; absent where it is not shown
 * @param spareWords what is said between the two
 */
public record Evenings(
        List<Day> days,
        int fromHour,
        int toHour,
        OptionalInt due,
        String dueWords,
        OptionalInt done,
        String spareWords) {

    /**
     * One day.
     *
     * @param date which
     * @param name short name of the day of the week
     * @param week what stands below the first day of a week; empty on the others
     * @param off whether it was taken off
     * @param quiet when the room is quiet
     * @param work what is done
     * @param editing 0 to 1: share of the day's editing time that is used
     */
    public record Day(
            LocalDate date,
            String name,
            String week,
            boolean off,
            Optional<Stretch> quiet,
            Optional<Work> work,
            double editing) {}

    /** Hours from one to another. */
    public record Stretch(double from, double to) {}

    /**
     * Time in the booth.
     *
     * @param breaks hours at which breaks begin
     * @param words what is read
     * @param corrections whether it is kept for corrections
     * @param late whether it is after the deadline
     */
    public record Work(Stretch stretch, List<Double> breaks, String words, boolean corrections, boolean late) {
        public Work {
            breaks = List.copyOf(breaks);
        }
    }

    /** @throws IllegalArgumentException unless the hours rise */
    public Evenings {
        days = List.copyOf(days);
        if (!(toHour > fromHour)) {
            throw new IllegalArgumentException("hours " + fromHour + " to " + toHour + ": must rise");
        }
    }

    /** Place of an hour between the first and the last shown, 0 to 1. */
    double share(double hour) {
        return Math.max(0, Math.min(1, (hour - fromHour) / (toHour - fromHour)));
    }
}
