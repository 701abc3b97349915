package app.redlamp.core.booth;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** A moment of the week. */
public record WeekTime(DayOfWeek day, LocalTime time) {
    /** Seconds of a day (by definition). */
    private static final int DAY_S = 24 * 60 * 60;

    /** Days of a week (by definition). */
    private static final int DAYS = 7;

    /** The clock of the booth is turned in such steps (ours). */
    private static final int HALF_HOUR_MIN = 30;

    /** The half hour in which a moment lies. */
    public static WeekTime of(LocalDateTime now) {
        int minutes = now.toLocalTime().toSecondOfDay() / 60 / HALF_HOUR_MIN * HALF_HOUR_MIN;
        return new WeekTime(now.getDayOfWeek(), LocalTime.ofSecondOfDay(minutes * 60L));
    }

    /** Minutes since midnight, 0 to 1439. */
    public int minuteOfDay() {
        return time.toSecondOfDay() / 60;
    }

    /** So many seconds later, 0 or more. */
    public WeekTime plus(double seconds) {
        long all = (day.getValue() - 1) * (long) DAY_S + time.toSecondOfDay() + (long) seconds;
        int within = (int) (all % ((long) DAYS * DAY_S));
        return new WeekTime(DayOfWeek.of(1 + within / DAY_S), LocalTime.ofSecondOfDay(within % DAY_S));
    }
}
