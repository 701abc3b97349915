package app.redlamp.cli;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.cabin.Cabins;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Treatment;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.port.PartShelf;
import app.redlamp.core.port.Shelf;
import app.redlamp.words.BoothOfferWording;
import app.redlamp.words.Lengths;
import app.redlamp.words.RoomWording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.BiFunction;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code room}: how long a drawn room rings, where it booms, what comes back, how loud it is, and what would help. */
@Command(name = "room", description = "Computes a drawn room.", mixinStandardHelpOptions = true)
final class RoomCommand implements Callable<Integer> {
    private final Console console;
    private final Function<Path, Shelf<Material, Spot>> shelves;
    private final BiFunction<Path, List<Material>, PartShelf<Cabin>> offers;

    @Parameters(paramLabel = "FILE", description = "Room document (docs/formats.md).")
    private Path file;

    @Option(names = "--decay", paramLabel = "S", description = "Longest decay wanted, in seconds; 0.25 if left out.")
    private double decayS = 0.25;

    @Option(names = "--snr", paramLabel = "DB", description = "Signal-to-noise ratio wanted, in dB; 40 if left out.")
    private double snrDb = 40;

    @Option(names = "--persons", paramLabel = "N", description = "People in the room, 1 to 16; 1 if left out.")
    private int persons = 1;

    @Option(names = "--booths", description = "Prints what booths to buy would bring beside treatment, too.")
    private boolean booths;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @picocli.CommandLine.Mixin
    private Library library = new Library();

    /**
     * @param shelves rooms and materials of a library
     * @param offers booths of a library, by the materials that they may be lined with
     */
    RoomCommand(
            Console console,
            Function<Path, Shelf<Material, Spot>> shelves,
            BiFunction<Path, List<Material>, PartShelf<Cabin>> offers) {
        this.console = console;
        this.shelves = shelves;
        this.offers = offers;
    }

    @Override
    public Integer call() throws IOException {
        Shelf<Material, Spot> rooms = shelves.apply(library.folder());
        rooms.faults().forEach(console::error);
        Spot spot;
        try {
            spot = rooms.read(file);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", file, e.getMessage()), e);
        }
        if (persons < 1 || persons > Kit.MOST_SEATS) {
            throw new IOException(Faults.say("room-command.persons", persons, Kit.MOST_SEATS));
        }
        Wanted wanted = wanted(spot);
        Study study = Study.of(spot, wanted);
        List<TreatmentStep> steps = new Treatment(wanted, rooms.parts()).steps(spot.room());
        RoomWording wording =
                new RoomWording(console.locale(), new Lengths(console.locale(), Lengths.imperialIn(console.locale())));
        List<CabinChoice> choices = List.of();
        if (booths) {
            PartShelf<Cabin> offered = offers.apply(library.folder(), rooms.parts());
            offered.faults().forEach(console::error);
            choices = Cabins.of(study, steps, offered.parts(), persons);
        }
        if (json) {
            console.out().println(Json.text(RoomJson.of(study, persons, steps, choices, wording)));
        } else {
            print(study, steps, wording);
            printBooths(choices, wanted);
        }
        return Console.exitCode(RoomVerdict.of(study).state());
    }

    private Wanted wanted(Spot spot) throws IOException {
        try {
            return new Wanted(decayS, Wanted.noiseDbA(spot.room().distanceM(), snrDb));
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private void print(Study study, List<TreatmentStep> steps, RoomWording wording) {
        Spot spot = study.spot();
        console.line(spot.name() + ": " + wording.size(spot.room().space()));
        console.line(wording.verdict(study));
        for (int b = 0; b < SixBands.COUNT; b++) {
            line(
                    b == 0 ? "rings" : "",
                    wording.band(b) + ": "
                            + wording.seconds(study.decay().seconds().at(b)) + " ("
                            + wording.seconds(study.decay().sabineS().at(b)) + " Sabine, "
                            + wording.seconds(study.decay().eyringS().at(b)) + " Eyring), wanted "
                            + wording.seconds(study.wanted().decays().at(b)));
        }
        line("which", wording.trust(study));
        line("booms", wording.boom(study));
        line("voice", wording.direct(study));
        study.reflections().forEach(r -> line("echo", wording.reflection(spot.room(), r)));
        line("noise", wording.noise(study));
        study.week().ifPresent(week -> printNoise(study, week, wording));
        Boominess.better(spot.room(), study.decay().seconds())
                .ifPresent(m -> line("to help", wording.move(m) + ": " + wording.moveDetail(m)));
        steps.forEach(s -> line("to help", wording.step(s) + ": " + wording.stepDetail(s)));
    }

    private void printNoise(Study study, WeekNoise week, RoomWording wording) {
        week.quiet(study.wanted().noiseDbA(), WeekNoise.EARLIEST, WeekNoise.LATEST)
                .forEach(q -> line("quiet", wording.quiet(q)));
        study.whatIfs()
                .forEach(w ->
                        line("what if", wording.whatIf(w, study.spot().sources()) + ": " + wording.whatIfDetail(w)));
    }

    private void printBooths(List<CabinChoice> choices, Wanted wanted) {
        BoothOfferWording wording = new BoothOfferWording(console.locale());
        for (CabinChoice choice : choices) {
            CabinChoice now = choices.get(0);
            line(
                    "booth",
                    wording.name(choice) + ": price " + wording.price(choice) + ", noise "
                            + wording.whole(choice.noiseDbA()) + " dB(A) (" + wording.noise(choice, now) + "), room "
                            + wording.room(choice, now) + ", quiet hours a week " + wording.whole(choice.quietHours())
                            + ", air " + wording.air(choice));
        }
        if (!choices.isEmpty()) {
            line("which", wording.verdict(choices, wanted));
        }
    }

    private void line(String name, String value) {
        console.line(String.format("  %-12s %s", name, value));
    }
}
