package app.redlamp.cli;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.KitVerdict;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.port.Specifications;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.ChainWording;
import app.redlamp.words.ChoiceWording;
import app.redlamp.words.Figures;
import app.redlamp.words.FitWording;
import app.redlamp.words.KitWording;
import app.redlamp.words.Lengths;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code chain}: what a kit makes of every voice on its way to the file, and whether its parts go together. */
@Command(name = "chain", description = "Computes a kit from mouth to file.", mixinStandardHelpOptions = true)
final class ChainCommand implements Callable<Integer> {
    private static final double DECAY_S = 0.25;
    private static final double SNR_DB = 40;
    private static final int BITS = 24;
    private static final int MOST_UPGRADES = 3;

    private final Console console;
    private final Function<Path, Shelf<Gear, Kit>> shelves;
    private final Function<Path, Shelf<Material, Spot>> rooms;

    @Parameters(paramLabel = "FILE", description = "Kit document (docs/formats.md).")
    private Path file;

    @Option(
            names = "--spec",
            paramLabel = "ID",
            description = "Specification that is delivered against; audiobook-retail if left out.")
    private String specId = "audiobook-retail";

    @Option(names = "--room", paramLabel = "FILE", description = "Room document; a furnished bedroom if left out.")
    private Path room;

    @Option(
            names = "--noise",
            paramLabel = "DBA",
            description = "Noise in the room in dB(A), in place of what is known.")
    private Double noiseDbA;

    @Option(names = "--set", description = "Sets every gain where its loudest line is wanted, first.")
    private boolean set;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @picocli.CommandLine.Mixin
    private Library library = new Library();

    /**
     * @param shelves parts and kits of a library
     * @param rooms rooms of a library
     */
    ChainCommand(
            Console console, Function<Path, Shelf<Gear, Kit>> shelves, Function<Path, Shelf<Material, Spot>> rooms) {
        this.console = console;
        this.shelves = shelves;
        this.rooms = rooms;
    }

    @Override
    public Integer call() throws IOException {
        Shelf<Gear, Kit> equipment = shelves.apply(library.folder());
        equipment.faults().forEach(console::error);
        Kit kit;
        try {
            kit = equipment.read(file);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", file, e.getMessage()), e);
        }
        Need need = need(kit);
        Kit shown = set ? kit.set(need.room(), need.finishing(), need.school()) : kit;
        Stock shelf = new Stock(equipment.parts());
        Fit fit = Fit.of(shown, need, shelf);
        Verdict<KitProblem> verdict = KitVerdict.of(shown, need, fit, 0);
        Lengths lengths = new Lengths(console.locale(), Lengths.imperialIn(console.locale()));
        Figures figures = new Figures(console.locale());
        ChainJson answer = new ChainJson(
                new ChainWording(lengths, figures),
                new FitWording(lengths, figures),
                new KitWording(lengths, figures),
                new ChoiceWording(lengths, figures));
        List<Upgrade> upgrades =
                Upgrade.of(shown, need, shelf).stream().limit(MOST_UPGRADES).toList();
        if (json) {
            console.out().println(Json.text(answer.of(shown, need, fit, verdict, upgrades)));
        } else {
            print(shown, need, fit, verdict, upgrades, answer);
        }
        return Console.exitCode(verdict.state());
    }

    private Need need(Kit kit) throws IOException {
        Specifications specifications = library.specifications();
        Specification specification = specifications
                .byId(specId)
                .orElseThrow(() -> new IOException(Faults.say("chain-command.there-is-no", specId)));
        return new Need(
                kit.seats().size(),
                false,
                false,
                kit.seats().get(0).voice(),
                surroundings(kit),
                KitNeeds.finishing(specification, kit.seats().get(0).voice()),
                GainSchool.MIDDLE,
                Need.clarityFor(DECAY_S),
                BITS,
                OptionalDouble.empty(),
                Map.of());
    }

    private Surroundings surroundings(Kit kit) throws IOException {
        Surroundings here;
        if (room == null) {
            here = RoomGuess.USUAL.surroundings();
        } else {
            try {
                double distance = kit.seats().get(0).position().distanceM();
                Wanted wanted = new Wanted(DECAY_S, Wanted.noiseDbA(distance, SNR_DB));
                here = KitNeeds.room(Study.of(rooms.apply(library.folder()).read(room), wanted));
            } catch (IOException e) {
                throw new IOException(Faults.say("chain-command.plain", room, e.getMessage()), e);
            }
        }
        if (noiseDbA == null) {
            return here;
        }
        if (!(noiseDbA >= 0 && noiseDbA <= 120)) {
            throw new IOException(Faults.say("chain-command.noise-db-must", noiseDbA));
        }
        return Surroundings.of(noiseDbA, here.volumeM3(), here.decayS());
    }

    private void print(
            Kit kit, Need need, Fit fit, Verdict<KitProblem> verdict, List<Upgrade> upgrades, ChainJson answer) {
        boolean several = kit.seats().size() > 1;
        console.line(kit.name());
        for (int i = 0; i < kit.seats().size(); i++) {
            String name = kit.seats().get(i).name();
            Optional<Chain> chain = kit.chain(i, need.room(), need.finishing());
            if (chain.isEmpty()) {
                line(name, answer.chains().noWay(kit.seats().get(i).microphone().name()));
            } else {
                print(name, answer.kits().voice(verdict, kit, need, i), chain.get(), need, answer.chains());
            }
        }
        line("verdict", answer.kits().sentence(verdict, kit, need, 0));
        line("fits", answer.fits().verdict(fit));
        fit.misses()
                .forEach(m -> line(
                        "",
                        answer.fits().miss(m, several) + " (" + answer.fits().cost(m) + ")"));
        upgrades.forEach(
                u -> line("instead", u.part().name() + ": " + answer.choices().buys(u)));
    }

    private void print(String name, String sentence, Chain chain, Need need, ChainWording wording) {
        SignalPath path = SignalPath.of(chain);
        GainFit gain = GainFit.of(chain, need.school());
        line(name, sentence);
        for (Node node : path.nodes()) {
            line(
                    wording.stage(node.stage()),
                    wording.detail(node.stage(), chain) + ": " + wording.levels(node) + ", " + wording.snr(node));
        }
        line("snr", wording.snrInFile(path));
        line("floor", wording.floor(path));
        line("ceiling", wording.ceiling(path));
        line("gain", wording.gain(gain, chain.preamp()));
        line("room sound", wording.clarity(path, need));
        for (Source source : path.file().noises().keySet()) {
            line("noise", wording.part(source) + ": " + wording.share(path, source));
        }
        line("shout", wording.shout(chain));
        line("microphone", wording.betterMicrophone(path));
    }

    private void line(String name, String value) {
        console.line(String.format("  %-12s %s", name, value));
    }
}
