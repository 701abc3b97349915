package app.redlamp.core.booth;

import java.time.DayOfWeek;
import java.time.LocalTime;

/** A moment of the week. */
public record WeekTime(DayOfWeek day, LocalTime time) {
    private static final int DAY_S = 24 * 60 * 60;
    private static final int DAYS = 7;

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
