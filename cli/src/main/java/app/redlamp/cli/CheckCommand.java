package app.redlamp.cli;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.DeliveryVerdict;
import app.redlamp.core.delivery.FileStanding;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Printing;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.ReportWording;
import app.redlamp.words.Wording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code check}: each file held against a specification. */
@Command(
        name = "check",
        description =
                "Holds recordings against a specification. Exit code 0: all pass, 1: something fails, 2: cannot be"
                        + " checked.",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    private final Console console;
    private final Recordings recordings;
    private final Printing sheets;

    @Mixin
    private Chosen chosen;

    @Parameters(paramLabel = "FILE", arity = "1..*", description = "Recordings of one delivery.")
    private List<String> files;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Option(
            names = "--report",
            paramLabel = "FILE",
            description = "Writes a report too: .html, .pdf, or .csv with all figures.")
    private Path sheet;

    CheckCommand(Console console, Recordings recordings, Printing sheets) {
        this.console = console;
        this.recordings = recordings;
        this.sheets = sheets;
    }

    @Override
    public Integer call() throws IOException {
        Specification specification = chosen.specification();
        List<Measured> all = Measured.all(files, recordings);
        List<Report> reports = all.stream().flatMap(m -> m.report().stream()).toList();
        int common = Judge.commonChannels(reports);
        Wording wording = console.wording();
        List<Map<String, Object>> entries = new ArrayList<>();
        List<FileStanding> standings = new ArrayList<>();
        for (Measured measured : all) {
            Map<String, Object> entry = Json.entry(measured, wording);
            Optional<Judgement> judgement = measured.report()
                    .map(r -> Judge.judge(specification, r, common, Optional.of(fileName(measured.file()))));
            if (judgement.isPresent()) {
                standings.add(FileStanding.of(judgement.get(), measured.report().get()));
                entry.put("spec", specification.id());
                entry.put("pass", judgement.get().pass());
                entry.put("checks", Json.checks(judgement.get(), wording));
                if (!json) {
                    print(
                            measured.file(),
                            judgement.get(),
                            measured.report().get().flaws(),
                            wording);
                }
            }
            entries.add(entry);
        }
        List<String> names = all.stream()
                .filter(m -> m.report().isPresent())
                .map(m -> fileName(m.file()))
                .toList();
        List<SetJudge.Comparison> comparisons = SetJudge.judge(specification, reports, names);
        Verdict<DeliveryProblem> verdict = DeliveryVerdict.of(standings, comparisons);
        if (json) {
            console.out().println(Json.files(entries, Json.comparisons(comparisons, names, wording), verdict, wording));
        } else {
            comparisons.forEach(c -> console.line(Console.mark(c.verdict()) + wording.comparison(c, names)));
        }
        if (sheet != null) {
            List<ReportWording.Entry> sheetEntries = new ArrayList<>();
            for (int i = 0; i < names.size(); i++) {
                sheetEntries.add(new ReportWording.Entry(names.get(i), reports.get(i)));
            }
            sheets.write(ReportWording.of(wording, specification, sheetEntries), sheet);
        }
        Measured.printErrors(all, console);
        return reports.size() < all.size() ? Console.CANNOT : Console.exitCode(verdict.state());
    }

    private static String fileName(Path file) {
        return String.valueOf(file.getFileName());
    }

    private void print(Path file, Judgement judgement, List<Finding> flaws, Wording wording) {
        console.line(file + ": " + (judgement.pass() ? "clear for " : "not clear for ")
                + judgement.specification().id());
        judgement.checks().forEach(check -> {
            console.line("  " + Console.mark(check.verdict()) + wording.check(check, judgement.specification()));
        });
        flaws.forEach(flaw -> console.line("  i " + wording.finding(flaw)));
    }
}
