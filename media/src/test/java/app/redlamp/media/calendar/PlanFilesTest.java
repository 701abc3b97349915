package app.redlamp.media.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.core.planning.script.Pieces;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PlanFilesTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");

    @TempDir
    Path folder;

    /** Over the end of March, when the clock is put forward. */
    private static ProductionPlan plan() {
        Production book = Productions.book(9000, 9000, 9000);
        LocalDate friday = LocalDate.of(2026, 3, 27);
        Production moved = book.with(book.brief().between(friday, Optional.of(friday.plusDays(20))))
                .with(Productions.evenings(1))
                .with(book.script().with(Pieces.rename(book.pieces(), 0, "Rain, \"and\"; more\\ rain")));
        return ProductionPlan.of(moved, List.of(), friday, ZoneId.of("Europe/Berlin"));
    }

    @Test
    void theLibraryReadsTheCalendarBack() throws IOException {
        ProductionPlan plan = plan();
        Path file = folder.resolve("plan.ics");
        PlanFiles.write(plan, file, NOW);
        ICalendar read = Biweekly.parse(file.toFile()).first();
        List<Session> sessions = plan.schedule().sessions();
        assertThat(read.getEvents()).hasSize(sessions.size() + 1);
        for (int i = 0; i < sessions.size(); i++) {
            VEvent event = read.getEvents().get(i);
            assertThat(event.getDateStart().getValue().toInstant())
                    .isEqualTo(sessions.get(i).begins().toInstant());
            assertThat(event.getDateEnd().getValue().toInstant())
                    .isEqualTo(sessions.get(i).ends().toInstant());
        }
        assertThat(read.getEvents().get(0).getSummary().getValue())
                .isEqualTo("Borrowed Weather: Rain, \"and\"; more\\ rain");
        assertThat(read.getEvents().get(0).getDateStart().getValue().toInstant())
                .as("19:00 in winter time")
                .isEqualTo(Instant.parse("2026-03-27T18:00:00Z"));
        assertThat(read.getEvents().get(1).getDateStart().getValue().toInstant())
                .as("19:00 in summer time")
                .isEqualTo(Instant.parse("2026-03-30T17:00:00Z"));
        VEvent due = read.getEvents().get(sessions.size());
        assertThat(due.getSummary().getValue()).isEqualTo("Borrowed Weather: due");
        assertThat(Files.readString(file))
                .contains("DTSTART;VALUE=DATE:20260416")
                .contains("\r\n");
    }

    @Test
    void eventsKeepTheirIdentityFromOneExportToTheNext() throws IOException {
        PlanFiles.write(plan(), folder.resolve("a.ics"), NOW);
        PlanFiles.write(plan(), folder.resolve("b.ics"), NOW.plusSeconds(60));
        assertThat(uids("a.ics")).isEqualTo(uids("b.ics")).doesNotHaveDuplicates();
    }

    private List<String> uids(String name) throws IOException {
        return Biweekly.parse(folder.resolve(name).toFile()).first().getEvents().stream()
                .map(e -> e.getUid().getValue())
                .toList();
    }

    @Test
    void theTableHasALineASessionAndADayOfEditing() throws IOException {
        ProductionPlan plan = plan();
        PlanFiles.write(plan, folder.resolve("plan.csv"), NOW);
        List<String> lines = Files.readAllLines(folder.resolve("plan.csv"));
        assertThat(lines)
                .hasSize(1
                        + plan.schedule().sessions().size()
                        + plan.schedule().editMin().size());
        assertThat(lines.get(0)).isEqualTo("day,work,from,to,minutes,chapters");
        assertThat(lines.get(1)).isEqualTo("2026-03-27,booth,19:00,21:00,120,\"Rain, \"\"and\"\"; more\\ rain\"");
        assertThat(lines)
                .isSortedAccordingTo((a, b) -> a.startsWith("day") || b.startsWith("day")
                        ? 0
                        : a.substring(0, 10).compareTo(b.substring(0, 10)));
    }

    @Test
    void anotherEndingIsRefused() {
        assertThatThrownBy(() -> PlanFiles.write(plan(), folder.resolve("plan.txt"), NOW))
                .hasMessageContaining("end the name in .ics");
        assertThatThrownBy(() -> PlanFiles.write(plan(), folder.resolve("no/plan.ics"), NOW))
                .hasMessageContaining("choose another place");
    }
}
