package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * When somebody can work.
 *
 * @param quiet days of the week on which there may be recording, each with the room's quiet hours
 * @param daysOff days without any work
 * @param longestSessionMin minutes in the booth on one day, 15 to 480: what the voice bears
 * @param stretchMin minutes before a break, 10 to 240
 * @param breakMin minutes of a break, 0 to 120
 * @param editMin minutes of editing and proof listening on each day that is not off, 0 to 960
 * @param correctionDays days with quiet hours kept for corrections at the end, 0 to 30
 */
public record WorkingTime(
        Map<DayOfWeek, QuietHours> quiet,
        Set<LocalDate> daysOff,
        int longestSessionMin,
        int stretchMin,
        int breakMin,
        int editMin,
        int correctionDays) {

    /** Common practice, no source: two hours a day with a break after fifty minutes, in the evening. */
    public static final WorkingTime USUAL = usual();

    /** @throws IllegalArgumentException for figures out of range */
    public WorkingTime {
        Map<DayOfWeek, QuietHours> ordered = new EnumMap<>(DayOfWeek.class);
        ordered.putAll(quiet);
        quiet = java.util.Collections.unmodifiableMap(ordered);
        daysOff = Set.copyOf(daysOff);
        check("working-time.longest-session", longestSessionMin, 15, 480);
        check("working-time.minutes-before-a-break", stretchMin, 10, 240);
        check("working-time.break", breakMin, 0, 120);
        check("working-time.editing-on-a-day", editMin, 0, 960);
        check("working-time.days-for-corrections", correctionDays, 0, 30);
    }

    private static WorkingTime usual() {
        Map<DayOfWeek, QuietHours> evenings = new EnumMap<>(DayOfWeek.class);
        QuietHours evening = new QuietHours(LocalTime.of(19, 0), LocalTime.of(22, 0));
        for (DayOfWeek day : List.of(
                DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY, DayOfWeek.SUNDAY)) {
            evenings.put(day, evening);
        }
        return new WorkingTime(evenings, Set.of(), 120, 50, 10, 120, 2);
    }

    /** The room's quiet hours on a day; absent where there is no recording on it. */
    public Optional<QuietHours> on(LocalDate day) {
        return daysOff.contains(day) ? Optional.empty() : Optional.ofNullable(quiet.get(day.getDayOfWeek()));
    }

    /** The same with other quiet hours. */
    public WorkingTime withQuiet(Map<DayOfWeek, QuietHours> newQuiet) {
        return new WorkingTime(newQuiet, daysOff, longestSessionMin, stretchMin, breakMin, editMin, correctionDays);
    }

    /** The same with other days off. */
    public WorkingTime withDaysOff(Set<LocalDate> newDays) {
        return new WorkingTime(quiet, newDays, longestSessionMin, stretchMin, breakMin, editMin, correctionDays);
    }

    /** The same with sessions of at most so many minutes. */
    public WorkingTime withLongestSession(int minutes) {
        return new WorkingTime(quiet, daysOff, minutes, stretchMin, breakMin, editMin, correctionDays);
    }

    /** The same with so many minutes of editing a day. */
    public WorkingTime withEditing(int minutes) {
        return new WorkingTime(quiet, daysOff, longestSessionMin, stretchMin, breakMin, minutes, correctionDays);
    }

    /** The same with so many days kept for corrections. */
    public WorkingTime withCorrections(int days) {
        return new WorkingTime(quiet, daysOff, longestSessionMin, stretchMin, breakMin, editMin, days);
    }

    /** The same with a break of so many minutes after a stretch of so many. */
    public WorkingTime withBreaks(int stretch, int pause) {
        return new WorkingTime(quiet, daysOff, longestSessionMin, stretch, pause, editMin, correctionDays);
    }

    /** Days of the week without recording, Monday first. */
    public List<DayOfWeek> freeDays() {
        List<DayOfWeek> free = new ArrayList<>(List.of(DayOfWeek.values()));
        free.removeAll(quiet.keySet());
        return free;
    }

    private static void check(String name, int value, int low, int high) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(
                    Faults.say("work-ratios.must-lie-between", Faults.say(name), value, low, high));
        }
    }
}
