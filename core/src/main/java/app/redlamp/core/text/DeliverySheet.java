package app.redlamp.core.text;

import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Verdict;
import app.redlamp.core.measure.analysis.Report;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
public record DeliverySheet(String title, String source, String verdict, List<String> between, List<Section> files) {

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
    public record Line(Verdict verdict, String text) {}

    /** A file and what was measured of it. */
    public record Entry(String name, Report report) {}

    public DeliverySheet {
        between = List.copyOf(between);
        files = List.copyOf(files);
    }

    public static DeliverySheet of(Wording wording, Specification specification, List<Entry> entries) {
        List<Report> reports = entries.stream().map(Entry::report).toList();
        int common = Judge.commonChannels(reports);
        List<Section> sections = new ArrayList<>();
        for (Entry entry : entries) {
            Judgement judgement = Judge.judge(specification, entry.report(), common, Optional.of(entry.name()));
            sections.add(new Section(
                    entry.name(),
                    judgement.pass(),
                    judgement.checks().stream()
                            .map(c -> line(wording, c, specification))
                            .toList(),
                    entry.report().findings().stream()
                            .map(f -> wording.place(f) + wording.finding(f))
                            .toList(),
                    FigureList.of(entry.report())));
        }
        List<String> names = entries.stream().map(Entry::name).toList();
        List<SetJudge.Comparison> comparisons = SetJudge.judge(specification, reports, names);
        long clear = sections.stream().filter(Section::clear).count();
        boolean together = comparisons.stream().noneMatch(c -> c.verdict() == Verdict.OUTSIDE);
        return new DeliverySheet(
                specification.name(),
                specification.source(),
                wording.sheetVerdict((int) clear, sections.size(), together),
                comparisons.stream().map(c -> wording.comparison(c, names)).toList(),
                sections);
    }

    private static Line line(Wording wording, Check check, Specification specification) {
        return new Line(check.verdict(), wording.check(check, specification));
    }
}
