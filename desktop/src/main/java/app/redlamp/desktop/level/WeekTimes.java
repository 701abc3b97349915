package app.redlamp.desktop.level;

import app.redlamp.core.booth.WeekTime;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** Times as moments of the week. */
final class WeekTimes {
    private static final int HALF_HOUR_MIN = 30;

    private WeekTimes() {}

    /** The half hour in which a moment lies. */
    static WeekTime of(LocalDateTime now) {
        int minutes = now.toLocalTime().toSecondOfDay() / 60 / HALF_HOUR_MIN * HALF_HOUR_MIN;
        return new WeekTime(now.getDayOfWeek(), LocalTime.ofSecondOfDay(minutes * 60L));
    }
}
