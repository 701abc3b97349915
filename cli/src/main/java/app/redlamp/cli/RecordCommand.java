package app.redlamp.cli;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.port.TakeRecording.Ended;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Running;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.taking.raw.TakeNames;
import app.redlamp.core.taking.simulated.JobBooth;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.capture.ReturningLine;
import app.redlamp.words.Figures;
import app.redlamp.words.Lengths;
import app.redlamp.words.LevelWording;
import app.redlamp.words.TakeWording;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code record}: records a take of a chapter, in real time. */
@Command(
        name = "record",
        description = "Records a take of a chapter into a production, until Ctrl+C or for so many seconds.",
        mixinStandardHelpOptions = true)
final class RecordCommand implements Callable<Integer> {
    private static final double LONGEST_S = 86_400;
    private static final long LOOK_MS = 5;

    /** A device that gives nothing does not keep the command for ever. */
    private static final double PATIENCE_S = 2;

    private static final String SIMULATED = "simulated";

    private final Console console;
    private final Productions productions;
    private final TakeRecording recording;
    private final Capture devices;
    private final BoothCapture booth;
    private final Function<Path, Shelf<Gear, Kit>> shelves;
    private final Clock clock;

    @Parameters(paramLabel = "DIR", description = "Folder of a production.")
    private Path folder;

    @Option(
            names = "--chapter",
            paramLabel = "N",
            required = true,
            description = "Number of the chapter or cue, from 1.")
    private int chapter;

    @Option(
            names = "--input",
            paramLabel = "simulated|NAME",
            description = "The simulated booth, or the name of a sound device; the first device if left out.")
    private String input = "";

    @Option(names = "--seconds", paramLabel = "S", description = "How long; until Ctrl+C if left out.")
    private Double seconds;

    @Option(names = "--seed", paramLabel = "N", description = "The same gives the same booth.")
    private long seed = 1;

    @Option(
            names = "--backup",
            paramLabel = "DIR",
            description = "A second place: takes are copied to it, and go on in it where the first takes nothing more.")
    private Path backup;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Mixin
    private Library library = new Library();

    /**
     * @param devices sound devices of this machine
     * @param shelves parts of a library
     */
    RecordCommand(
            Console console,
            Productions productions,
            TakeRecording recording,
            Capture devices,
            BoothCapture booth,
            Function<Path, Shelf<Gear, Kit>> shelves,
            Clock clock) {
        this.console = console;
        this.productions = productions;
        this.recording = recording;
        this.devices = devices;
        this.booth = booth;
        this.shelves = shelves;
        this.clock = clock;
    }

    @Override
    public Integer call() throws IOException {
        if (seconds != null && !(seconds > 0 && seconds <= LONGEST_S)) {
            throw new IOException(Faults.say("record-command.seconds", seconds));
        }
        TakeCommand takes = new TakeCommand(productions, recording, folder);
        try (Productions.Held held = takes.open();
                StopSignal stop = StopSignal.listening()) {
            Production production = held.production();
            String title = TakeCommand.title(production, chapter);
            RecordingFormat brief = production.brief().capture();
            RecordingFormat format =
                    new RecordingFormat(brief.sampleRateHz(), brief.bitDepth(), KitNeeds.voices(production.brief()));
            Input from = input(production, format);
            Running running = recording.begin(
                    new TakeRecording.Order(
                            held.folder(),
                            Optional.ofNullable(backup),
                            TakeNames.stem(chapter, title),
                            title,
                            format,
                            production.cards().last().map(GainCard::id),
                            from.name(),
                            from.simulated()),
                    news -> console.error(wording().news(news)));
            Ended ended = record(running, from, format, stop);
            takes.keep(held, ended.parts());
            return print(takes, ended, format);
        }
    }

    private TakeWording wording() {
        return new TakeWording(console.locale());
    }

    private Input input(Production production, RecordingFormat format) throws IOException {
        if (input.equals(SIMULATED)) {
            try {
                Stock shelf = new Stock(shelves.apply(library.folder()).parts());
                WeekTime now = WeekTime.of(LocalDateTime.now(clock));
                Booth made = JobBooth.of(production, shelf, now, format.sampleRateHz(), seed);
                booth.prepare(made);
                booth.rehearse();
            } catch (IllegalArgumentException e) {
                throw new IOException(e.getMessage(), e);
            }
            return booth.inputs().get(0);
        }
        List<Input> there = devices.inputs();
        if (there.isEmpty()) {
            throw new IOException(Faults.say("record-command.no-device"));
        }
        if (input.isEmpty()) {
            return there.get(0);
        }
        return there.stream()
                .filter(i -> i.name().equals(input))
                .findFirst()
                .orElseThrow(() -> new IOException(Faults.say(
                        "record-command.no-input",
                        input,
                        there.stream().map(Input::name).collect(Collectors.joining(", ")))));
    }

    private Ended record(Running running, Input from, RecordingFormat format, StopSignal stop) throws IOException {
        Capture capture = from.simulated() ? booth : devices;
        Capture.Format wanted = new Capture.Format(format.sampleRateHz(), format.bitDepth(), format.channels());
        ReturningLine line;
        try {
            line = ReturningLine.open(capture, from, wanted, running.taker());
        } catch (CaptureException e) {
            running.stop();
            Lengths lengths = new Lengths(console.locale(), Lengths.imperialIn(console.locale()));
            String why = new LevelWording(lengths, new Figures(console.locale()))
                    .device(e.fault().id(), format.sampleRateHz(), format.bitDepth(), format.channels());
            throw new IOException(Faults.say("record-command.input", from.name(), why), e);
        }
        try {
            if (!json) {
                console.line(wording().from(from));
            }
            if (from.simulated()) {
                for (int stand = 0; stand < format.channels(); stand++) {
                    booth.cue(stand, Cue.READ);
                }
            }
            await(running, format, stop);
        } finally {
            line.close();
        }
        return running.stop();
    }

    private void await(Running running, RecordingFormat format, StopSignal stop) {
        long begun = System.nanoTime();
        boolean enough = false;
        while (!enough && !running.over() && !stop.await(LOOK_MS)) {
            double passed = (System.nanoTime() - begun) / (double) TimeUnit.SECONDS.toNanos(1);
            enough = seconds != null
                    && (running.frames() >= seconds * format.sampleRateHz() || passed >= seconds + PATIENCE_S);
        }
    }

    private int print(TakeCommand takes, Ended ended, RecordingFormat format) throws IOException {
        List<Kept> parts = ended.parts();
        if (parts.isEmpty()) {
            throw new IOException(Faults.say("record-command.nothing"));
        }
        parts.forEach(p -> p.fault().ifPresent(console::error));
        if (ended.unwritten() > 0) {
            console.error(wording().unwritten((double) ended.unwritten() / format.sampleRateHz()));
        }
        double all = parts.stream().mapToDouble(p -> p.take().lengthS()).sum();
        long lost = parts.stream().mapToLong(p -> p.take().lostFrames()).sum() + ended.unwritten();
        if (json) {
            Map<String, Object> take = takes.json(parts.get(0));
            take.put("seconds", all);
            take.put("lostFrames", lost);
            take.put("simulated", parts.get(0).take().head().simulated());
            take.put("parts", parts.stream().map(takes::json).toList());
            console.out().println(Json.text(new LinkedHashMap<>(Map.of("take", take))));
        } else {
            parts.forEach(p -> console.line(takes.shown(p) + ": "
                    + wording().length(p.take().lengthS(), p.take().lostFrames())));
        }
        boolean well = lost == 0 && parts.stream().allMatch(p -> p.fault().isEmpty());
        return well ? Console.OK : Console.FAILS;
    }
}
