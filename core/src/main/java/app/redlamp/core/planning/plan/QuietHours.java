package app.redlamp.core.planning.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * When a room is quiet on one day. Where {@code to} is not after {@code from} it ends on the day after.
 *
 * @param from when it begins
 * @param to when it ends
 */
public record QuietHours(LocalTime from, LocalTime to) {

    /** When they begin on a day. */
    public ZonedDateTime begins(LocalDate day, ZoneId zone) {
        return day.atTime(from).atZone(zone);
    }

    /** When they end; on the next day where they go past midnight. */
    public ZonedDateTime ends(LocalDate day, ZoneId zone) {
        LocalDate last = to.isAfter(from) ? day : day.plusDays(1);
        return last.atTime(to).atZone(zone);
    }

    /** How long it really is on that day, clocks that are put forward or back between included. */
    public Duration length(LocalDate day, ZoneId zone) {
        Duration length = Duration.between(begins(day, zone), ends(day, zone));
        return length.isNegative() ? Duration.ZERO : length;
    }
}
