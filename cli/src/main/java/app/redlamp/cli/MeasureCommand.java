package app.redlamp.cli;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Recordings;
import app.redlamp.words.Figures;
import app.redlamp.words.Wording;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code measure}: the figures of each file. */
@Command(name = "measure", description = "Measures recordings.", mixinStandardHelpOptions = true)
final class MeasureCommand implements Callable<Integer> {
    private final Console console;
    private final Recordings recordings;

    @Parameters(paramLabel = "FILE", arity = "1..*", description = "Recordings to measure.")
    private List<String> files;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    MeasureCommand(Console console, Recordings recordings) {
        this.console = console;
        this.recordings = recordings;
    }

    @Override
    public Integer call() {
        List<Measured> all = Measured.all(files, recordings);
        Wording wording = console.wording();
        if (json) {
            console.out()
                    .println(Json.text(Map.of(
                            "files",
                            all.stream().map(m -> Json.entry(m, wording)).toList())));
        } else {
            all.forEach(m -> m.report().ifPresent(r -> print(m.file(), r, wording)));
        }
        Measured.printErrors(all, console);
        return all.stream().allMatch(m -> m.report().isPresent()) ? Console.OK : Console.CANNOT;
    }

    private void print(Path file, Report report, Wording wording) {
        Figures figures = wording.figures();
        console.line(file.toString());
        line("length", figures.clock(report.info().durationS()));
        line(
                "format",
                report.info().container() + " " + report.info().codec() + ", "
                        + figures.kiloHertz(report.info().sampleRateHz()) + " kHz, "
                        + report.info().channels() + " ch");
        line("loudness", figures.tenths(report.integratedLufs()) + " LUFS");
        line("RMS", figures.tenths(report.rmsDbfs()) + " dBFS");
        line("true peak", figures.tenths(report.truePeakDbtp()) + " dBTP");
        line("sample peak", figures.tenths(report.samplePeakDbfs()) + " dBFS");
        line("noise floor", figures.tenths(report.noiseFloorDbfs()) + " dBFS");
        line("worst pause", figures.tenths(report.noisiestDbfs()) + " dBFS");
        line("snr", figures.tenths(report.snrDb()) + " dB");
        line(
                "head, tail",
                figures.tenths(report.pauses().headS()) + " s, "
                        + figures.tenths(report.pauses().tailS()) + " s");
        report.findings().forEach(f -> line(f.severity().id(), wording.finding(f)));
    }

    private void line(String name, String value) {
        console.out().printf("  %-12s %s%n", name, value);
    }
}
