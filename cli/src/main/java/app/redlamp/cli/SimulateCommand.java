package app.redlamp.cli;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.booth.Act;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.BoothEvent;
import app.redlamp.core.booth.Performance;
import app.redlamp.core.booth.Stand;
import app.redlamp.core.booth.Tape;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.booth.BoothDocument;
import app.redlamp.media.booth.DemoVoice;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.wav.WavWriter;
import app.redlamp.words.Figures;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code simulate}: what a simulated booth would record, as a file, and what it is made of. */
@Command(name = "simulate", description = "Records a simulated booth.", mixinStandardHelpOptions = true)
final class SimulateCommand implements Callable<Integer> {
    private static final int BITS = 24;
    private static final int BLOCK = 8192;

    private final Console console;
    private final Function<Path, Shelf<Gear, Kit>> shelves;
    private final Function<Path, Shelf<Material, Spot>> rooms;

    @Parameters(paramLabel = "BOOTH", description = "Booth document (docs/formats.md).")
    private Path file;

    @Option(
            names = "--out",
            paramLabel = "FILE",
            required = true,
            description = "WAV file that is written; never one that is there already.")
    private Path out;

    @Option(
            names = "--spec",
            paramLabel = "ID",
            description = "Specification that is delivered against; audiobook-retail if left out.")
    private String specId = "audiobook-retail";

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Mixin
    private Library library = new Library();

    /**
     * @param shelves parts of a library
     * @param rooms materials of a library
     */
    SimulateCommand(
            Console console, Function<Path, Shelf<Gear, Kit>> shelves, Function<Path, Shelf<Material, Spot>> rooms) {
        this.console = console;
        this.shelves = shelves;
        this.rooms = rooms;
    }

    @Override
    public Integer call() throws IOException {
        BoothDocument document = read();
        Booth booth = document.booth();
        DemoVoice voice = new DemoVoice();
        List<Tape> tapes = new ArrayList<>();
        for (int i = 0; i < booth.stands().size(); i++) {
            Voice speaker = booth.stands().get(i).chain().voice();
            tapes.add(voice.tape(booth.sampleRateHz(), i, speaker.crestDb()));
        }
        try (Performance performance = new Performance(booth, document.acts(), tapes)) {
            write(performance);
            if (json) {
                console.out().println(Json.text(json(document, performance)));
            } else {
                print(document, performance);
            }
        }
        return Console.OK;
    }

    private BoothDocument read() throws IOException {
        Specification specification = library.specifications()
                .byId(specId)
                .orElseThrow(() -> new IOException(Faults.say("chain-command.there-is-no", specId)));
        FinishingTarget finishing = KitNeeds.finishing(specification, Voice.USUAL);
        try {
            Shelf<Material, Spot> materials = rooms.apply(library.folder());
            Shelf<Gear, Kit> parts = shelves.apply(library.folder());
            materials.faults().forEach(console::error);
            parts.faults().forEach(console::error);
            return BoothDocument.read(file, materials.parts(), parts.parts(), finishing);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", file, e.getMessage()), e);
        }
    }

    /** Whole or not at all, and never over a file that is there. */
    private void write(Performance performance) throws IOException {
        if (Files.exists(out)) {
            throw new IOException(Faults.say("simulate-command.is-there-already", out));
        }
        Path part = PassingName.beside(out);
        try {
            record(performance, part);
            Disk.REAL.publish(part, out);
        } catch (FileAlreadyExistsException e) {
            throw new IOException(Faults.say("simulate-command.is-there-already", out), e);
        } catch (IOException e) {
            throw new IOException(Faults.say("simulate-command.cannot-be-written", out, Reason.of(e)), e);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static void record(Performance performance, Path part) throws IOException {
        try (WavWriter writer = new WavWriter(part, performance.sampleRateHz(), performance.channels(), BITS)) {
            float[][] block = new float[performance.channels()][BLOCK];
            for (int n = performance.read(block, BLOCK); n > 0; n = performance.read(block, BLOCK)) {
                writer.accept(block, n);
            }
        }
    }

    private void print(BoothDocument document, Performance performance) {
        Figures figures = new Figures(console.locale());
        console.line(out + ": simulated, "
                + figures.tenths(performance.expectedFrames() / (double) performance.sampleRateHz()) + " s");
        for (Stand stand : document.booth().stands()) {
            Node converter = converter(stand);
            console.line("  " + stand.name() + ": average "
                    + figures.tenths(converter.averageDb()) + ", peaks " + figures.tenths(converter.peakDb())
                    + ", loudest line " + figures.tenths(converter.loudestPeakDb()) + ", noise "
                    + figures.tenths(converter.noise().flatDb()) + " dBFS computed");
        }
        console.line("  sounds besides the voice: " + performance.events().size());
    }

    private static Node converter(Stand stand) {
        return SignalPath.of(stand.chain()).node(Node.Stage.CONVERTER).orElseThrow();
    }

    private Map<String, Object> json(BoothDocument document, Performance performance) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("file", out.toString());
        all.put("simulated", true);
        all.put("sampleRateHz", performance.sampleRateHz());
        all.put("durationS", performance.expectedFrames() / (double) performance.sampleRateHz());
        all.put(
                "voices",
                document.booth().stands().stream().map(SimulateCommand::voice).toList());
        all.put("acts", document.acts().stream().map(SimulateCommand::act).toList());
        all.put(
                "events",
                performance.events().stream().map(SimulateCommand::event).toList());
        return all;
    }

    private static Map<String, Object> voice(Stand stand) {
        Node converter = converter(stand);
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("name", stand.name());
        one.put("averageDbfs", converter.averageDb());
        one.put("peakDbfs", converter.peakDb());
        one.put("loudestPeakDbfs", converter.loudestPeakDb());
        one.put("noiseDbfs", converter.noise().flatDb());
        one.put("noiseDbA", converter.noise().dbA());
        one.put("powered", stand.powered());
        return one;
    }

    private static Map<String, Object> act(Act act) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("voice", act.stand() + 1);
        one.put("cue", act.cue().id());
        one.put("effort", act.effort().map(e -> (Object) e.id()).orElse(null));
        one.put("seconds", act.seconds());
        return one;
    }

    private static Map<String, Object> event(BoothEvent event) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("kind", event.kind().id());
        one.put("voice", event.stand() + 1);
        one.put("startS", event.startS());
        one.put("endS", event.endS());
        return one;
    }
}
