package app.redlamp.core.print;

import app.redlamp.core.delivery.spec.CheckResult;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The written report on a delivery: what a client or an engineer is shown.
 *
 * @param title name of the specification
 * @param source where its figures come from
 * @param verdict one sentence on all of it
 * @param between how the files match each other, a line each
 * @param files one section a file
 */
public record PrintedReport(String title, String source, String verdict, List<String> between, List<Section> files) {

    /**
     * One file.
     *
     * @param clear whether nothing is outside
     * @param checks a line each
     * @param findings a line each, with the place
     * @param figures all figures by name
     */
    public record Section(
            String name,
            boolean clear,
            List<Line> checks,
            List<String> findings,
            Map<String, OptionalDouble> figures) {}

    /** A check in words. */
    public record Line(CheckResult verdict, String text) {}

    public PrintedReport {
        between = List.copyOf(between);
        files = List.copyOf(files);
    }
}
