package app.redlamp.cli;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.DeliveryVerdict;
import app.redlamp.core.delivery.FileStanding;
import app.redlamp.core.delivery.finish.ChannelMix;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.Wording;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code finish}: makes the delivery of each file, or says why it cannot be made. */
@Command(
        name = "finish",
        description = "Finishes recordings to a specification: WAV master and delivery, measured after decoding. Exit"
                + " codes as check.",
        mixinStandardHelpOptions = true)
final class FinishCommand implements Callable<Integer> {
    private final Console console;
    private final Recordings recordings;
    private final Finishing finishing;

    @Mixin
    private Chosen chosen;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder for what is written.")
    private Path out;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Parameters(paramLabel = "FILE", arity = "1..*", description = "Recordings of one delivery.")
    private List<String> files;

    /** How one file ended: a result, or the line that says why it could not be tried. */
    private record Ended(Measured measured, int common, Optional<Finishing.Result> result, String error) {}

    FinishCommand(Console console, Recordings recordings, Finishing finishing) {
        this.console = console;
        this.recordings = recordings;
        this.finishing = finishing;
    }

    @Override
    public Integer call() throws IOException {
        Specification specification = chosen.specification();
        List<Measured> all = Measured.all(files, recordings);
        int common = Judge.commonChannels(
                all.stream().flatMap(m -> m.report().stream()).toList());
        // A link that was named is meant; what is written lies where it leads.
        Path into = Files.isDirectory(out) ? out.toRealPath() : out;
        List<Ended> ended = SideBySide.run(all, m -> finish(m, specification, common, into));
        Wording wording = console.wording();
        List<Map<String, Object>> entries = new ArrayList<>();
        for (Ended one : ended) {
            entries.add(entry(one, specification, wording));
            if (!json) {
                print(one, specification, wording);
            }
        }
        List<Made> made = made(ended);
        List<SetJudge.Comparison> comparisons = comparisons(made, ended.size(), specification);
        Verdict<DeliveryProblem> verdict = verdict(ended, comparisons);
        List<String> names = made.stream().map(Made::name).toList();
        if (json) {
            console.out().println(Json.files(entries, Json.comparisons(comparisons, names, wording), verdict, wording));
        } else {
            comparisons.stream()
                    .filter(c -> c.verdict() != CheckResult.INSIDE)
                    .forEach(c -> console.line(Console.mark(c.verdict()) + wording.comparison(c, names)));
        }
        ended.stream()
                .filter(e -> !e.error().isEmpty())
                .forEach(e -> console.error(e.measured().name() + ": " + e.error()));
        boolean tried = ended.stream().allMatch(e -> e.result().isPresent());
        return tried ? Console.exitCode(verdict.state()) : Console.CANNOT;
    }

    private Ended finish(Measured measured, Specification specification, int common, Path into) {
        if (measured.report().isEmpty()) {
            return new Ended(measured, common, Optional.empty(), measured.error());
        }
        try {
            Finishing.Order order =
                    new Finishing.Order(measured.file(), measured.report().get(), specification, common, into);
            return new Ended(measured, common, Optional.of(finishing.finish(order, Progress.NONE)), "");
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            return new Ended(measured, common, Optional.empty(), Reason.whole(e));
        }
    }

    private static Verdict<DeliveryProblem> verdict(List<Ended> ended, List<SetJudge.Comparison> comparisons) {
        return DeliveryVerdict.of(
                ended.stream()
                        .flatMap(e -> e.result().stream()
                                .map(r -> FileStanding.of(
                                        r.outcome(), e.measured().report().orElseThrow())))
                        .toList(),
                comparisons);
    }

    /** What was made, held against each other; nothing where not every file was made. */
    private static List<SetJudge.Comparison> comparisons(List<Made> made, int files, Specification specification) {
        return made.size() < files
                ? List.of()
                : SetJudge.judge(
                        specification,
                        made.stream().map(Made::report).toList(),
                        made.stream().map(Made::name).toList());
    }

    /** A delivery by its name, with what was measured of it. */
    private record Made(String name, Report report) {}

    private static List<Made> made(List<Ended> ended) {
        List<Made> all = new ArrayList<>();
        for (Ended one : ended) {
            one.result().ifPresent(r -> {
                if (r.outcome() instanceof FinishOutcome.Finished finished) {
                    Path last = r.written().get(r.written().size() - 1);
                    all.add(new Made(String.valueOf(last.getFileName()), finished.delivered()));
                }
            });
        }
        return all;
    }

    private static Map<String, Object> entry(Ended ended, Specification specification, Wording wording) {
        Map<String, Object> entry = Json.entry(ended.measured(), wording);
        if (!ended.error().isEmpty()) {
            entry.put("ok", false);
            entry.put("error", ended.error());
        }
        if (ended.result().isEmpty()) {
            entry.put("written", List.of());
            return entry;
        }
        Finishing.Result result = ended.result().get();
        entry.put("spec", specification.id());
        entry.put("pass", result.outcome() instanceof FinishOutcome.Finished);
        entry.put("written", result.written().stream().map(Path::toString).toList());
        Report report = ended.measured().report().orElseThrow();
        entry.put(
                "predictedGainDb",
                Json.number(Forecast.of(specification, report, ended.common()).gainDb()));
        if (result.outcome() instanceof FinishOutcome.Finished finished) {
            entry.put("gainDb", finished.settings().gainDb());
            entry.put("limiterReductionDb", finished.reductionDb());
            entry.put("limitedPercent", Json.rounded(100 * finished.limitedShare(), 1e-2));
            entry.put("limitedHard", finished.limitedHard());
            entry.put("channelAlone", channelAlone(finished.settings().mix()));
            entry.put("steepHighPassHz", Json.number(finished.settings().steepHz()));
            entry.put("edges", wording.edges(finished.settings().edges()));
            entry.put("predictedChecks", Json.checks(finished.predicted(), wording));
            entry.put("checks", Json.checks(finished.judgement(), wording));
        } else if (result.outcome() instanceof FinishOutcome.Refused refused) {
            entry.put(
                    "obstacles",
                    refused.obstacles().stream()
                            .map(o -> obstacle(o, specification, wording))
                            .toList());
        }
        return entry;
    }

    /** The channel that was taken alone, counted from 1; null where all were. */
    private static Object channelAlone(ChannelMix mix) {
        return mix.alone().isPresent() ? mix.alone().getAsInt() + 1 : null;
    }

    private static Map<String, Object> obstacle(Obstacle obstacle, Specification specification, Wording wording) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", obstacle.id());
        entry.put("message", wording.obstacle(obstacle, specification));
        entry.put("help", wording.help(obstacle).stream().map(String::valueOf).toList());
        return entry;
    }

    private void print(Ended ended, Specification specification, Wording wording) {
        if (ended.result().isEmpty()) {
            return;
        }
        Path file = ended.measured().file();
        if (ended.result().get().outcome() instanceof FinishOutcome.Finished finished) {
            console.line(file + ": finished to " + specification.id());
            console.line("  gain "
                    + wording.figures().signed(finished.settings().gainDb()) + " dB, limiter "
                    + wording.figures().tenths(finished.reductionDb()) + " dB at most");
            wording.limited(finished).ifPresent(line -> console.line("  " + line));
            wording.steeper(finished.settings()).ifPresent(line -> console.line("  high-pass " + line));
            wording.alone(finished.settings().mix()).ifPresent(line -> console.line("  " + line));
            wording.edges(finished.settings().edges()).forEach(line -> console.line("  " + line));
            finished.judgement().checks().forEach(check -> console.line("    " + wording.check(check, specification)));
            ended.result().get().written().forEach(path -> console.line("  written " + path));
        } else if (ended.result().get().outcome() instanceof FinishOutcome.Refused refused) {
            console.line(Faults.say("finish-command.cannot-be-finished", file, specification.id()));
            for (Obstacle obstacle : refused.obstacles()) {
                console.line("  " + wording.obstacle(obstacle, specification));
                wording.help(obstacle).forEach(help -> console.line("    " + help));
            }
        }
    }
}
