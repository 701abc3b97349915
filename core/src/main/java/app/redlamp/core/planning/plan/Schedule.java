package app.redlamp.core.planning.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * A calendar from the first day to the last.
 *
 * @param sessions time in the booth, corrections last
 * @param editMin minutes of editing and proof listening by day, in rising order
 * @param done day on which everything is done, corrections included; absent where it never is
 * @param spareDays days from there to the deadline, negative where it is missed; absent without a deadline or an end
 * @param shortMin minutes of work that are left undone at the deadline; 0 where it fits or nobody waits
 * @param breaksAt first piece that is not recorded and edited at the deadline
 */
public record Schedule(
        List<Session> sessions,
        Map<LocalDate, Double> editMin,
        Optional<LocalDate> done,
        OptionalLong spareDays,
        double shortMin,
        OptionalInt breaksAt) {

    public Schedule {
        sessions = List.copyOf(sessions);
        editMin = java.util.Collections.unmodifiableMap(new java.util.TreeMap<>(editMin));
    }

    /** Whether it is done by the deadline, or ever where there is none. */
    public boolean fits() {
        return done.isPresent() && spareDays.orElse(0) >= 0;
    }

    /** Days with reading, corrections not counted. */
    public int readingDays() {
        return (int) sessions.stream().filter(s -> !s.forCorrections()).count();
    }
}
