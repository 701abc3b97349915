package app.redlamp.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.port.Shelf;
import app.redlamp.desktop.bench.ShelfModel;
import app.redlamp.desktop.control.Ribbon;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.desktop.station.Stations;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.room.RoomShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** On real folders and a real library; what runs beside runs when the test says so. */
class KitModelTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final UndoHistory history = new UndoHistory();
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final ProductionModel open =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, history, strings, CLOCK);
    private Shelf<Gear, Kit> shelf;
    private KitModel model;
    private ShelfModel<Gear, Kit> parts;
    private TakesModel takes;

    @BeforeEach
    void begin() {
        shelf = KitShelf.in(home.resolve("library"));
        model = new KitModel(open, shelf, jobs, strings);
        parts = new ShelfModel<>(shelf, Kit::name, jobs, strings);
        takes = new TakesModel(open, new FileRecordings(), jobs, strings);
        open.create(home, Productions.book(100));
        workers.runAll();
    }

    private void add(Kit kit) {
        model.change("edit.kit", k -> k.with(kit));
        workers.runAll();
    }

    private Production production() {
        return open.production().get();
    }

    private Seat seat() {
        return production().kits().current().orElseThrow().seats().get(0);
    }

    @Test
    void withoutAKitThereIsNoWay() {
        assertThat(model.kit().get()).isNull();
        assertThat(model.path().get()).isNull();
        assertThat(model.need().get()).isNotNull();
        model.drag(s -> s.gained(10));
        model.drop("edit.knob");
        model.setGains();
        assertThat(production().kits().all()).isEmpty();
    }

    @Test
    void aKitIsAddedAndItsWayComputedAtOnce() {
        add(Parts.complete());
        assertThat(model.kit().get().name()).isEqualTo("Complete");
        assertThat(model.path().get().snrDb()).isPositive();
        assertThat(model.fresh()).isPresent();
        history.undo();
        workers.runAll();
        assertThat(model.kit().get()).isNull();
        assertThat(model.path().get()).isNull();
    }

    /** Whoever drags sees each place at once, changes nothing until they let go, and takes all of it back in one step. */
    @Test
    void draggingChangesThePictureAndLettingGoTheProduction() {
        add(Parts.complete());
        double before = model.path().get().loudestPeakDbfs();
        int waiting = workers.waiting();
        for (int i = 1; i <= 20; i++) {
            double db = 20 + i * 0.5;
            model.drag(s -> s.gained(db));
        }
        assertThat(workers.waiting()).isEqualTo(waiting);
        assertThat(model.dragging()).isTrue();
        assertThat(model.path().get().loudestPeakDbfs()).isCloseTo(before, within(1e-9));
        model.drag(s -> s.gained(24));
        assertThat(model.path().get().loudestPeakDbfs()).isCloseTo(before - 6, within(1e-9));
        assertThat(seat().gainDb()).isEqualTo(30);
        model.drop("edit.knob");
        workers.runAll();
        assertThat(seat().gainDb()).isEqualTo(24);
        assertThat(model.fresh()).isPresent();
        history.undo();
        assertThat(seat().gainDb()).isEqualTo(30);
    }

    @Test
    void aDragCanBeGivenUp() {
        add(Parts.complete());
        model.drag(s -> s.at(Position.straight(0.5)));
        model.cancelDrag();
        assertThat(model.kit().get().seats().get(0).position().distanceM()).isEqualTo(0.18);
        assertThat(model.dragging()).isFalse();
        assertThat(seat().position().distanceM()).isEqualTo(0.18);
    }

    @Test
    void whatCannotBeIsSaidAndNotDone() {
        add(Parts.complete());
        model.editSeat("edit.seat", s -> s.called(" "));
        assertThat(model.fault().get()).contains("needs a name");
        assertThat(seat().name()).isEqualTo("Reader");
        model.editSeat("edit.seat", s -> s.called("Ada"));
        assertThat(model.fault().get()).isEmpty();
        model.edit("edit.seat.remove", k -> k.seated(List.of()));
        assertThat(model.fault().get()).contains("1 to 16 voices");
    }

    @Test
    void everyVoiceHasItsWay() {
        Kit one = Parts.complete();
        Seat second = one.seats().get(0).called("Second").with(Parts.DYNAMIC);
        add(one.seated(List.of(one.seats().get(0), second)).through(Optional.of(Parts.TWO)));
        double first = model.path().get().snrDb();
        model.look(1);
        assertThat(model.path().get().chain().capsule()).isEqualTo(Parts.DYNAMIC.capsule());
        assertThat(model.path().get().snrDb()).isNotEqualTo(first);
        model.look(7);
        assertThat(model.seat().get()).isEqualTo(1);
        model.edit("edit.seat.remove", k -> k.seated(k.seats().subList(0, 1)));
        assertThat(model.seat().get()).isZero();
    }

    @Test
    void everyKnobIsSetWhereItsLoudestLineIsWanted() {
        add(Parts.complete());
        model.editSeat("edit.knob", s -> s.gained(5));
        model.setGains();
        assertThat(model.path().get().loudestPeakDbfs()).isCloseTo(-9, within(1e-6));
    }

    /** What the compressor takes from the voice its make-up gives back, and to the noise too. */
    @Test
    void compressionNarrowsTheGap() {
        add(Parts.complete());
        double snr = model.path().get().snrDb();
        model.edit("edit.compression", k -> k.compressing(6));
        assertThat(model.path().get().snrDb()).isCloseTo(snr - 6, within(0.1));
        model.edit("edit.compression", k -> k.compressing(40));
        assertThat(model.fault().get()).contains("between 0 and 12");
        history.undo();
        assertThat(model.path().get().snrDb()).isCloseTo(snr, within(1e-9));
    }

    @Test
    void theProductionsRoomCounts() {
        add(Parts.complete());
        double guessed = model.need().get().room().volumeM3();
        open.edit(
                "x",
                p -> p.with(Spots.NONE.with(
                        RoomShelf.in(home.resolve("library")).presets().get(0))));
        workers.runAll();
        assertThat(guessed).isCloseTo(30, within(1e-6));
        assertThat(model.need().get().room().volumeM3()).isCloseTo(2.4 * 1.9 * 2.45, within(0.01));
        open.edit("x", p -> p.with(Spots.NONE));
        workers.runAll();
        assertThat(model.need().get().room().volumeM3()).isCloseTo(30, within(1e-6));
        model.change("edit.guess", k -> k.guessing(RoomGuess.USUAL.at(RoomGuess.Quiet.BUSY)));
        assertThat(model.need().get().room().noise().dbA()).isCloseTo(45, within(1e-6));
    }

    @Test
    void candidatesAreAskedFor() {
        assertThat(model.candidates().get()).isNull();
        model.choose();
        workers.runAll();
        assertThat(model.candidates().get().best()).hasSizeGreaterThan(5);
    }

    @Test
    void adviceFollowsWhatIsOwned() {
        add(Parts.complete());
        assertThat(model.fresh().orElseThrow().shopping().today()).isNotEmpty();
        model.change(
                "edit.owned",
                k -> k.owning(
                        Map.of("condenser", 1, "one", 1, "xlr", 1, "arm", 1, "shock", 1, "screen", 1, "closed", 1)));
        assertThat(model.fresh()).isEmpty();
        workers.runAll();
        assertThat(model.fresh().orElseThrow().shopping().today()).isEmpty();
    }

    @Test
    void partsAndKitsAreKeptInTheLibrary() throws IOException {
        List<String> told = new ArrayList<>();
        parts.save(Parts.DYNAMIC, saved -> told.add("there"));
        parts.keep(Parts.complete());
        workers.runAll();
        assertThat(told).containsExactly("there");
        assertThat(jobs.notice().get()).isEqualTo("Complete is kept in the library");
        assertThat(parts.kept()).containsExactly(Parts.complete());
        assertThat(parts.of(Microphone.class)).contains(Parts.DYNAMIC);
        parts.read(home.resolve("library/kits/complete.json"), k -> told.add(k.name()));
        parts.read(Files.writeString(home.resolve("bad.json"), "{"), k -> told.add("never"));
        workers.runAll();
        assertThat(told).containsExactly("there", "Complete");
        assertThat(jobs.notice().get()).startsWith("bad.json ");
    }

    @Test
    void dragsOfTheRibbonTurnPlaceAndSpeak() {
        add(Parts.complete());
        KitMoves moves = new KitMoves(model);
        moves.drag(Node.Stage.PREAMP.id(), 6);
        moves.drag(Node.Stage.PREAMP.id(), 8);
        moves.drop();
        assertThat(seat().gainDb()).isEqualTo(38);
        moves.drag(Node.Stage.CAPSULE.id(), 6.0206);
        moves.drop();
        assertThat(seat().position().distanceM()).isCloseTo(0.09, within(1e-4));
        // The pop filter stays where it was between the two.
        assertThat(seat().popFilterM().orElseThrow()).isCloseTo(0.05, within(1e-4));
        moves.drag(Node.Stage.MOUTH.id(), 7);
        moves.drop();
        assertThat(seat().voice().reading().id()).isEqualTo("raised");
        moves.step(Node.Stage.MOUTH.id(), -1);
        moves.step(Node.Stage.PREAMP.id(), 1);
        moves.step(Node.Stage.CAPSULE.id(), -1);
        assertThat(seat().voice().reading().id()).isEqualTo("normal");
        assertThat(seat().gainDb()).isEqualTo(39);
        assertThat(seat().position().distanceM()).isGreaterThan(0.09);
        moves.drag(Node.Stage.PREAMP.id(), 500);
        assertThat(model.path().get().chain().gainDb()).isEqualTo(56);
        moves.cancel();
        assertThat(seat().gainDb()).isEqualTo(39);
    }

    @Test
    void theRibbonIsTrue() {
        add(Parts.complete());
        StationParts<KitStation.Models> words = Stations.parts(new KitStation.Models(model, parts, takes));
        SignalPath path = model.path().get();
        Ribbon ribbon = new KitPictures(words).ribbon(path);
        assertThat(ribbon.stops()).hasSize(path.nodes().size());
        for (int i = 0; i < ribbon.stops().size(); i++) {
            Ribbon.Stop stop = ribbon.stops().get(i);
            assertThat(stop.averageDb() - stop.noiseDb())
                    .isCloseTo(path.nodes().get(i).snrDb(), within(1e-9));
        }
        // A voltage stands for the sound that made it: nothing moves where only the unit changes.
        assertThat(ribbon.stops().get(2).averageDb())
                .isCloseTo(ribbon.stops().get(1).averageDb(), within(1e-9));
        assertThat(ribbon.stops().get(5).averageDb())
                .isCloseTo(ribbon.stops().get(4).averageDb(), within(1e-9));
    }

    @Test
    void twoTakesAreComparedAndLogged() throws IOException {
        Path first;
        Path second;
        try (DemoProduction demo = DemoProduction.in(home.resolve("demo"))) {
            first = demo.sound("sentence-before.wav");
            second = demo.sound("sentence-after.wav");
        }
        takes.compare(first, second);
        workers.runAll();
        assertThat(takes.takes().get().heard().result()).isPresent();
        assertThat(takes.takes().get().second()).isEqualTo("sentence-after.wav");
        workers.runAll();
        assertThat(Files.readString(open.folder().get().resolve("log.jsonl"))).contains("microphones");
        takes.compare(first, home.resolve("none.wav"));
        workers.runAll();
        assertThat(takes.takes().get().heard().fault()).isNotBlank();
    }
}
