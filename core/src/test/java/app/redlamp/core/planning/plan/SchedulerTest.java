package app.redlamp.core.planning.plan;

import static app.redlamp.core.planning.plan.Productions.MONDAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Worked by hand with a wall calendar; changes of the clock as the European Union has them: 29 March and 25 October 2026. */
class SchedulerTest {
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static PieceTime piece(double boothMin, double editMin) {
        return new PieceTime(1000, boothMin * 30, false, boothMin, editMin, 0);
    }

    private static Schedule plan(List<PieceTime> pieces, WorkingTime time, LocalDate from, LocalDate deadline) {
        return Scheduler.plan(pieces, time, from, Optional.ofNullable(deadline), BERLIN);
    }

    @Test
    void readsInTheEveningAndEditsFromTheDayAfter() {
        // 180 + 90 min of reading: Monday 120, Tuesday 120, Wednesday 30. The first is edited on Wednesday, for it is
        // whole on Tuesday; the second on Thursday.
        Schedule plan =
                plan(List.of(piece(180, 100), piece(90, 60)), Productions.evenings(0), MONDAY, MONDAY.plusDays(11));
        assertThat(plan.sessions().stream().map(Session::day))
                .containsExactly(MONDAY, MONDAY.plusDays(1), MONDAY.plusDays(2));
        assertThat(plan.sessions().get(1).parts())
                .containsExactly(new Session.Part(0, 60, true), new Session.Part(1, 60, false));
        assertThat(plan.sessions().get(2).parts()).containsExactly(new Session.Part(1, 30, true));
        assertThat(plan.editMin())
                .hasSize(2)
                .containsEntry(MONDAY.plusDays(2), 100.0)
                .containsEntry(MONDAY.plusDays(3), 60.0);
        assertThat(plan.done()).contains(MONDAY.plusDays(3));
        assertThat(plan.spareDays()).hasValue(8);
        assertThat(plan.fits()).isTrue();
        assertThat(plan.shortMin()).isZero();
        assertThat(plan.breaksAt()).isEmpty();
    }

    @Test
    void weekendsAndDaysOffAreLeftOut() {
        LocalDate friday = MONDAY.plusDays(4);
        WorkingTime time = Productions.evenings(0).withDaysOff(Set.of(MONDAY.plusDays(7)));
        Schedule plan = plan(List.of(piece(240, 120)), time, friday, null);
        assertThat(plan.sessions().stream().map(Session::day)).containsExactly(friday, MONDAY.plusDays(8));
        assertThat(plan.done()).contains(MONDAY.plusDays(9));
        assertThat(plan.spareDays()).isEmpty();
        assertThat(plan.fits()).isTrue();
    }

    @Test
    void correctionsAreKeptFreeAfterEverythingElse() {
        Schedule plan = plan(List.of(piece(60, 120)), Productions.evenings(2), MONDAY, MONDAY.plusDays(2));
        // Monday read, Tuesday edited, Wednesday and Thursday for corrections: one day late.
        assertThat(plan.sessions().stream().filter(Session::forCorrections).map(Session::day))
                .containsExactly(MONDAY.plusDays(2), MONDAY.plusDays(3));
        assertThat(plan.done()).contains(MONDAY.plusDays(3));
        assertThat(plan.spareDays()).hasValue(-1);
        assertThat(plan.fits()).isFalse();
        assertThat(plan.shortMin()).as("one evening of two hours").isEqualTo(120);
        assertThat(plan.breaksAt()).as("nothing to read is late").isEmpty();
    }

    @Test
    void saysByHowMuchItDoesNotFitAndWhereItBreaks() {
        Schedule plan = plan(
                List.of(piece(120, 0), piece(120, 0), piece(120, 60)),
                Productions.evenings(0),
                MONDAY,
                MONDAY.plusDays(1));
        assertThat(plan.fits()).isFalse();
        assertThat(plan.shortMin()).isEqualTo(180);
        assertThat(plan.breaksAt()).hasValue(2);
        assertThat(plan.done()).contains(MONDAY.plusDays(3));
    }

    @Test
    void aDeadlineThatIsOverLeavesEverythingUndone() {
        Schedule plan = plan(List.of(piece(100, 50)), Productions.evenings(0), MONDAY, MONDAY.minusDays(3));
        assertThat(plan.shortMin()).isEqualTo(150);
        assertThat(plan.breaksAt()).hasValue(0);
        assertThat(plan.spareDays().getAsLong()).isEqualTo(-4);
    }

    @Test
    void withoutQuietHoursItIsNeverDone() {
        WorkingTime never = Productions.evenings(0).withQuiet(java.util.Map.of());
        Schedule plan = plan(List.of(piece(100, 50)), never, MONDAY, MONDAY.plusDays(5));
        assertThat(plan.done()).isEmpty();
        assertThat(plan.fits()).isFalse();
        assertThat(plan.shortMin()).isEqualTo(150);
    }

    @Test
    void withoutTimeToEditItIsNeverDoneUnlessNothingNeedsIt() {
        WorkingTime readOnly = Productions.evenings(0).withEditing(0);
        assertThat(plan(List.of(piece(100, 50)), readOnly, MONDAY, null).done()).isEmpty();
        assertThat(plan(List.of(piece(100, 0)), readOnly, MONDAY, null).done()).contains(MONDAY);
    }

    @Test
    void nothingToDoIsDoneAtOnce() {
        assertThat(plan(List.of(), Productions.evenings(0), MONDAY, MONDAY).done())
                .contains(MONDAY);
        assertThat(plan(List.of(piece(0, 0)), Productions.evenings(0), MONDAY, MONDAY)
                        .sessions())
                .isEmpty();
    }

    @Test
    void breaksTakeFromTheQuietHours() {
        // 19:00 to 22:00 with a break of 10 after each 50 minutes: 50 10 50 10 50 10.
        WorkingTime time = Productions.evenings(0).withBreaks(50, 10).withLongestSession(240);
        Schedule plan = plan(List.of(piece(200, 0)), time, MONDAY, null);
        Session first = plan.sessions().get(0);
        assertThat(first.boothMin()).isEqualTo(150);
        assertThat(first.breaks().stream().map(b -> b.toLocalTime()))
                .containsExactly(LocalTime.of(19, 50), LocalTime.of(20, 50));
        assertThat(first.ends().toLocalTime()).isEqualTo(LocalTime.of(21, 50));
        assertThat(plan.sessions().get(1).boothMin()).isEqualTo(50);
        assertThat(plan.sessions().get(1).breaks()).isEmpty();
    }

    private static WorkingTime nights(LocalTime from, LocalTime to) {
        return Productions.evenings(0)
                .withQuiet(Productions.days(from, to, DayOfWeek.SUNDAY, DayOfWeek.SATURDAY))
                .withLongestSession(480);
    }

    @Test
    void aNightWithTheClockPutForwardIsAnHourShorter() {
        LocalDate sunday = LocalDate.of(2026, 3, 29);
        WorkingTime time = nights(LocalTime.of(1, 0), LocalTime.of(5, 0));
        Session short1 =
                plan(List.of(piece(1000, 0)), time, sunday, null).sessions().get(0);
        assertThat(short1.boothMin()).isEqualTo(180);
        assertThat(short1.ends().toLocalTime()).isEqualTo(LocalTime.of(5, 0));
        Session usual = plan(List.of(piece(1000, 0)), time, sunday.plusDays(7), null)
                .sessions()
                .get(0);
        assertThat(usual.boothMin()).isEqualTo(240);
    }

    @Test
    void aNightWithTheClockPutBackIsAnHourLonger() {
        LocalDate sunday = LocalDate.of(2026, 10, 25);
        Session session = plan(List.of(piece(1000, 0)), nights(LocalTime.of(1, 0), LocalTime.of(5, 0)), sunday, null)
                .sessions()
                .get(0);
        assertThat(session.boothMin()).isEqualTo(300);
        assertThat(session.ends().toLocalTime()).isEqualTo(LocalTime.of(5, 0));
    }

    @Test
    void quietHoursMayEndAfterMidnight() {
        LocalDate saturday = LocalDate.of(2026, 3, 28);
        Session session = plan(List.of(piece(1000, 0)), nights(LocalTime.of(22, 0), LocalTime.of(4, 0)), saturday, null)
                .sessions()
                .get(0);
        assertThat(session.day()).isEqualTo(saturday);
        assertThat(session.ends().toLocalDate()).isEqualTo(saturday.plusDays(1));
        assertThat(session.boothMin())
                .as("six hours less the one that is left out")
                .isEqualTo(300);
    }

    @Test
    void goesThroughTheTwentyNinthOfFebruary() {
        LocalDate monday = LocalDate.of(2028, 2, 28);
        Schedule plan = plan(List.of(piece(360, 0)), Productions.evenings(0), monday, LocalDate.of(2028, 3, 5));
        assertThat(plan.sessions().stream().map(Session::day))
                .containsExactly(monday, LocalDate.of(2028, 2, 29), LocalDate.of(2028, 3, 1));
        assertThat(plan.spareDays()).as("1 to 5 March").hasValue(4);
        LocalDate before = LocalDate.of(2027, 2, 26);
        assertThat(plan(List.of(piece(240, 0)), Productions.evenings(0), before, null)
                        .sessions()
                        .get(1)
                        .day())
                .as("a Friday, then Monday 1 March in a year without")
                .isEqualTo(LocalDate.of(2027, 3, 1));
    }
}
