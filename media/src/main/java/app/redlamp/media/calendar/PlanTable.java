package app.redlamp.media.calendar;

import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.media.print.Csv;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A plan as a table, a line a session or a day of editing, in the order of days. */
final class PlanTable {
    private PlanTable() {}

    static String of(ProductionPlan plan) {
        List<List<String>> lines = new ArrayList<>();
        for (Session session : plan.schedule().sessions()) {
            String what = session.parts().stream()
                    .map(p -> plan.production().pieces().get(p.piece()).title())
                    .collect(Collectors.joining("; "));
            lines.add(List.of(
                    session.day().toString(),
                    session.forCorrections() ? "corrections" : "booth",
                    session.begins().toLocalTime().toString(),
                    session.ends().toLocalTime().toString(),
                    minutes(session.boothMin()),
                    what));
        }
        for (Map.Entry<LocalDate, Double> day : plan.schedule().editMin().entrySet()) {
            lines.add(List.of(day.getKey().toString(), "edit", "", "", minutes(day.getValue()), ""));
        }
        lines.sort((a, b) -> a.get(0).compareTo(b.get(0)));
        StringBuilder table = new StringBuilder(Csv.line(List.of("day", "work", "from", "to", "minutes", "chapters")));
        lines.forEach(line -> table.append(Csv.line(line)));
        return table.toString();
    }

    private static String minutes(double minutes) {
        return String.format(Locale.ROOT, "%.0f", minutes);
    }
}
