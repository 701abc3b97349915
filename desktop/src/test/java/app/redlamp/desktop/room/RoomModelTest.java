package app.redlamp.desktop.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Shelf;
import app.redlamp.desktop.bench.ShelfModel;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.media.FileListening;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.room.RoomShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** On real folders and a real library; what runs beside runs when the test says so. */
class RoomModelTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final UndoHistory history = new UndoHistory();
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final ProductionModel open =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, history, strings, CLOCK);
    private Shelf<Material, Spot> shelf;
    private RoomModel model;
    private ListeningModel listening;
    private QuietModel quiet;
    private ShelfModel<Material, Spot> kept;

    @BeforeEach
    void begin() {
        shelf = RoomShelf.in(home.resolve("library"));
        model = new RoomModel(open, shelf, jobs, strings);
        model.advise();
        listening = new ListeningModel(model, new FileListening(), new FileRecordings(), jobs, strings);
        quiet = new QuietModel(model, jobs, strings);
        kept = new ShelfModel<>(shelf, Spot::name, jobs, strings);
        open.create(home, made("Rain"));
        workers.runAll();
    }

    private Production made(String title) {
        Brief brief = Brief.of(JobKind.AUDIOBOOK, title, "", open.today(), Optional.empty());
        return new Production(
                title,
                brief,
                Order.of(SpecificationLibrary.shippedOnly().get(0)),
                new Script(ScriptText.EMPTY, List.of(Piece.spoken("Bread", 1800)), List.of(), List.of()),
                WorkRatios.USUAL,
                WorkingTime.USUAL,
                Money.in(Currency.getInstance("EUR")),
                List.of());
    }

    private Spot preset(String id) {
        return shelf.presets().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void add(String id) {
        model.add(preset(id));
        workers.runAll();
    }

    private Room room() {
        return open.production().get().spots().current().orElseThrow().room();
    }

    @Test
    void aPlaceIsAddedChosenAndComputed() {
        assertThat(model.spot().get()).isNull();
        add("box-room");

        assertThat(model.spot().get().name()).isEqualTo("Box room");
        assertThat(model.study().get().spot()).isEqualTo(model.spot().get());
        assertThat(model.advice().get().steps()).isNotEmpty();
        history.undo();
        workers.runAll();
        assertThat(model.spot().get()).isNull();
        assertThat(model.study().get()).isNull();
    }

    /** Whoever drags over many places computes the last, and undoes all of it at once. */
    @Test
    void whileDraggingOnlyTheLastPlaceIsComputed() {
        add("box-room");
        Study before = model.study().get();
        Point at = room().mouth();
        int waiting = workers.waiting();
        for (int i = 1; i <= 40; i++) {
            double by = i * 0.01;
            model.drag(r -> PlanMoves.move(r, PlanIds.READER, at.x() + by, at.y()));
        }

        assertThat(workers.waiting() - waiting).isEqualTo(1);
        assertThat(room().mouth()).isEqualTo(at);
        model.drop("edit.drag");
        workers.runAll();
        assertThat(room().mouth().x()).isCloseTo(at.x() + 0.40, within(1e-9));
        assertThat(model.study().get().spot().room().mouth()).isEqualTo(room().mouth());
        assertThat(model.before().get()).isNotNull();
        assertThat(model.study().get()).isNotEqualTo(before);
        history.undo();
        workers.runAll();
        assertThat(room().mouth()).isEqualTo(at);
    }

    @Test
    void aDragThatIsGivenUpChangesNothing() {
        add("box-room");
        Room before = room();
        model.drag(r -> PlanMoves.move(r, PlanIds.MICROPHONE, 0.3, 0.3));
        model.cancelDrag();
        workers.runAll();

        assertThat(room()).isEqualTo(before);
        assertThat(model.spot().get().room()).isEqualTo(before);
        assertThat(model.study().get().spot().room()).isEqualTo(before);
    }

    @Test
    void theReaderTakesTheMicrophoneAlongAndStaysInTheRoom() {
        add("box-room");
        double distance = room().distanceM();
        Room moved = PlanMoves.move(room(), PlanIds.READER, -3, -3);

        assertThat(moved.distanceM()).isCloseTo(distance, within(1e-9));
        assertThat(moved.space().holds(moved.mouth(), 0.049)).isTrue();
        assertThat(moved.space().holds(moved.microphone(), 0.049)).isTrue();
    }

    @Test
    void whatHangsStaysOnItsWallAndGoesToAnotherWhenPulledOff() {
        add("box-room");
        Room along = PlanMoves.move(room(), "window", 9, 0.1);
        assertThat(along.patches().get(0).face()).isEqualTo(Face.FRONT);
        assertThat(along.patches().get(0).u()).isCloseTo(2.4 - 0.8, within(1e-9));

        Room across = PlanMoves.move(room(), "window", 0.1, 1.0);
        assertThat(across.patches().get(0).face()).isEqualTo(Face.LEFT);
        assertThat(PlanMoves.move(room(), "desk", 9, 9).furniture().get(0).x()).isCloseTo(1.3, within(1e-9));
    }

    @Test
    void whatCannotBeIsSaidAndNotDone() {
        add("box-room");
        Room before = room();
        model.edit("edit.size", r -> r.sized(new app.redlamp.core.acoustics.room.Space(0.1, 2, 2)));

        assertThat(model.fault().get()).contains("room width of 0.1 m");
        assertThat(room()).isEqualTo(before);
        model.edit("edit.pattern", r -> r.heardBy(app.redlamp.core.acoustics.room.Pattern.OMNI));
        assertThat(model.fault().get()).isEmpty();
    }

    @Test
    void quietHoursGoToTheCalendarAndBack() {
        add("box-room");
        model.editSpot(
                "edit.noise",
                s -> s.hearing(List.of(new app.redlamp.core.acoustics.outside.OutsideSource(
                        "road",
                        "the road",
                        app.redlamp.core.acoustics.outside.Timbre.TRAFFIC,
                        70,
                        1,
                        Optional.empty(),
                        List.of(Hours.daily(LocalTime.of(6, 0), LocalTime.of(19, 0)))))));
        workers.runAll();

        assertThat(quiet.handedOn()).isFalse();
        quiet.handOn();
        workers.runAll();
        assertThat(open.production().get().time().quiet())
                .hasSize(7)
                .containsEntry(DayOfWeek.TUESDAY, new QuietHours(LocalTime.of(19, 0), LocalTime.of(23, 0)));
        assertThat(quiet.handedOn()).isTrue();
        history.undo();
        assertThat(open.production().get().time()).isEqualTo(WorkingTime.USUAL);
    }

    @Test
    void placesAreRankedAndTheBestCanBeChosen() {
        add("cupboard");
        add("wardrobe");

        assertThat(model.ranking().get()).extracting(r -> r.study().spot().id()).startsWith("wardrobe");
        model.choose("cupboard");
        workers.runAll();
        assertThat(model.spot().get().id()).isEqualTo("cupboard");
        model.remove("cupboard");
        workers.runAll();
        assertThat(model.spot().get().id()).isEqualTo("wardrobe");
    }

    @Test
    void aMeasuredClapIsKeptAndCorrectsTheDrawing() throws IOException {
        add("box-room");
        Path clap;
        try (DemoProduction demo = DemoProduction.in(home.resolve("demo"))) {
            clap = demo.sound("clap.wav");
        }
        double drawn = model.study().get().decay().seconds().at(4);
        listening.measure(clap);
        workers.runAll();

        double measured =
                model.spot().get().measured().orElseThrow().seconds().get(4).orElseThrow();
        assertThat(listening.clap().get().result()).isPresent();
        assertThat(listening.correctable()).isTrue();
        assertThat(model.study().get().decay().seconds().at(4)).isCloseTo(measured, within(0.02));
        assertThat(room().correction()).isNotEqualTo(Correction.NONE);
        listening.uncorrect();
        workers.runAll();
        assertThat(model.study().get().decay().seconds().at(4)).isCloseTo(drawn, within(1e-6));
    }

    @Test
    void aRecordingThatIsNoClapIsSaidAndNothingIsKept() throws IOException {
        add("box-room");
        Path words = Files.writeString(home.resolve("words.wav"), "These are words.");
        listening.measure(words);
        workers.runAll();

        assertThat(listening.clap().get().result()).isEmpty();
        assertThat(listening.clap().get().fault()).contains("not a sound file");
        assertThat(model.spot().get().measured()).isEmpty();
        assertThat(jobs.notice().get()).startsWith("words.wav ");
    }

    @Test
    void whatIsHeardInANightBecomesANoiseOfTheRoom() throws IOException {
        add("box-room");
        Path night;
        try (DemoProduction demo = DemoProduction.in(home.resolve("demo"))) {
            night = demo.sound("night.wav");
        }
        listening.listen(night);
        workers.runAll();
        var group = listening.diary().get().result().orElseThrow().groups().get(0);
        double quiet = model.study().get().noiseDbA().orElseThrow();
        listening.add(group, "the fridge", List.of(Hours.always()));
        workers.runAll();

        Study study = model.study().get();
        int last = study.spot().sources().size() - 1;
        assertThat(study.spot().sources().get(last).name()).isEqualTo("the fridge");
        assertThat(study.week().orElseThrow().shares().get(last).dbA()).isCloseTo(quiet + group.overDb(), within(0.01));
    }

    /** A material of one's own that is broken is named on the rail and among the cautions, as long as it is. */
    @Test
    void aBrokenMaterialIsNamed() throws IOException {
        Path own = Files.createDirectories(home.resolve("broken/materials"));
        Files.writeString(own.resolve("duvet.json"), "{\"format\": 1,, }");
        Shelf<Material, Spot> broken = RoomShelf.in(home.resolve("broken"));
        ShelfModel<Material, Spot> shown = new ShelfModel<>(broken, Spot::name, jobs, strings);
        assertThat(jobs.notice().get()).contains("materials/duvet.json: line 1", "counts as not there");
        assertThat(shown.faults()).singleElement().asString().contains("materials/duvet.json");
        assertThat(broken.part("duvet")).as("nothing stands in for it").isEmpty();
        Files.delete(own.resolve("duvet.json"));
        assertThat(RoomShelf.in(home.resolve("broken")).part("duvet")).isPresent();
    }

    @Test
    void anEditedMaterialIsKeptInTheLibrary() {
        add("box-room");
        Material duvet = shelf.part("duvet").orElseThrow();
        kept.save(duvet.absorbing(SixBands.all(0.5)), saved -> {});
        workers.runAll();

        assertThat(RoomShelf.in(home.resolve("library"))
                        .part("duvet")
                        .orElseThrow()
                        .absorption())
                .isEqualTo(SixBands.all(0.5));
        Material[] back = new Material[1];
        kept.forget("duvet", m -> back[0] = m);
        workers.runAll();
        assertThat(back[0]).isEqualTo(duvet);
        model.editSpot("edit.noise.measured", s -> s.withNoise(OptionalDouble.of(20)));
        kept.keep(model.spot().get());
        workers.runAll();
        assertThat(RoomShelf.in(home.resolve("library")).kept()).hasSize(1);
    }

    @Test
    void theRoomGoesWithTheProduction() throws IOException {
        add("pillow-fort");
        workers.runAll();
        Path folder = open.folder().get();
        open.shut();

        open.open(folder);
        workers.runAll();
        assertThat(model.spot().get()).isEqualTo(preset("pillow-fort"));
        open.create(home, made("Snow"));
        workers.runAll();
        assertThat(model.spot().get()).isNull();
        assertThat(model.advice().get()).isNull();
    }
}
