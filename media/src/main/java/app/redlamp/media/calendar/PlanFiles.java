package app.redlamp.media.calendar;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;

/** Writes the calendar of a plan for other programs. */
public final class PlanFiles {
    private PlanFiles() {}

    /**
     * Writes it as iCalendar ({@code .ics}) or as a table ({@code .csv}).
     *
     * @param now when it is written
     * @throws IOException where the ending is another or the file cannot be written; one line that says what to do
     */
    public static void write(ProductionPlan plan, Path file, Instant now) throws IOException {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        String text;
        if (name.endsWith(".ics")) {
            text = PlanCalendar.of(plan, now);
        } else if (name.endsWith(".csv")) {
            text = PlanTable.of(plan);
        } else {
            throw new IOException(Faults.say("plan-files.end-name-in", file.getFileName()));
        }
        try {
            AtomicFile.write(file.toAbsolutePath(), text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IOException(Faults.say("plan-files.cannot-be-written", file, Reason.of(e)), e);
        }
    }
}
