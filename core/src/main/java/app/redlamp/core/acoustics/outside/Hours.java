package app.redlamp.core.acoustics.outside;

import app.redlamp.core.fault.Faults;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Set;

/**
 * Hours of the week. Where {@code to} is not after {@code from} they end on the day after.
 *
 * @param days on which they begin
 * @param from first minute
 * @param to minute after the last
 */
public record Hours(Set<DayOfWeek> days, LocalTime from, LocalTime to) {
    /** Minutes of a day (by definition). */
    private static final int DAY_MIN = 24 * 60;

    /** @throws IllegalArgumentException without a day */
    public Hours {
        if (days.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("hours.hours-need-at"));
        }
        days = java.util.Collections.unmodifiableSet(EnumSet.copyOf(days));
    }

    /** All day and all night. */
    public static Hours always() {
        return new Hours(EnumSet.allOf(DayOfWeek.class), LocalTime.MIDNIGHT, LocalTime.MIDNIGHT);
    }

    /** Every day from one time to another; past midnight where the second is earlier. */
    public static Hours daily(LocalTime from, LocalTime to) {
        return new Hours(EnumSet.allOf(DayOfWeek.class), from, to);
    }

    /** Whether they cover a minute of a day. */
    public boolean covers(DayOfWeek day, int minuteOfDay) {
        return minutesIn(day, minuteOfDay, minuteOfDay + 1) > 0;
    }

    /** How many minutes of a stretch of one day they cover. */
    int minutesIn(DayOfWeek day, int fromMin, int toMin) {
        int begin = from.toSecondOfDay() / 60;
        int end = to.toSecondOfDay() / 60;
        boolean over = end <= begin;
        int minutes = 0;
        if (days.contains(day)) {
            minutes += overlap(begin, over ? DAY_MIN : end, fromMin, toMin);
        }
        if (over && days.contains(day.minus(1))) {
            minutes += overlap(0, end, fromMin, toMin);
        }
        return Math.min(minutes, toMin - fromMin);
    }

    private static int overlap(int begin, int end, int from, int to) {
        return Math.max(0, Math.min(end, to) - Math.max(begin, from));
    }
}
