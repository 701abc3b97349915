package app.redlamp.words;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.DeliveryVerdict;
import app.redlamp.core.delivery.FileStanding;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.FigureList;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts the report on a delivery into words, for paper and for the client. */
public final class ReportWording {
    private ReportWording() {}

    /** A file and what was measured of it. */
    public record Entry(String name, Report report) {}

    /** The whole report: each file against the specification, and the files against each other. */
    public static PrintedReport of(Wording wording, Specification specification, List<Entry> entries) {
        List<Report> reports = entries.stream().map(Entry::report).toList();
        int common = Judge.commonChannels(reports);
        List<PrintedReport.Section> sections = new ArrayList<>();
        List<FileStanding> standings = new ArrayList<>();
        for (Entry entry : entries) {
            Judgement judgement = Judge.judge(specification, entry.report(), common, Optional.of(entry.name()));
            standings.add(FileStanding.of(judgement, entry.report()));
            sections.add(new PrintedReport.Section(
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
        Verdict<DeliveryProblem> verdict = DeliveryVerdict.of(standings, comparisons);
        return new PrintedReport(
                specification.name(),
                specification.source(),
                wording.sentence(verdict, sections.size()),
                comparisons.stream().map(c -> wording.comparison(c, names)).toList(),
                sections);
    }

    private static PrintedReport.Line line(Wording wording, Check check, Specification specification) {
        return new PrintedReport.Line(check.verdict(), wording.check(check, specification));
    }
}
