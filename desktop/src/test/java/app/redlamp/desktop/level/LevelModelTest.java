package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Defect;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.input.BoothModel;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.production.ProductionFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** On the demo's audiobook and the simulated booth, whose time passes as fast as it can; this thread is the interface's. */
class LevelModelTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-15T20:30:00Z"), ZoneOffset.UTC);
    private static final long PATIENCE_S = 60;

    @TempDir
    Path home;

    private final BlockingQueue<Runnable> pending = new LinkedBlockingQueue<>();
    private final JobService jobs = new JobService(Runnable::run, pending::add);
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final ProductionModel open =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, new UndoHistory(), strings, CLOCK);
    private final BoothCapture booth = new BoothCapture("Simulated booth", nanoseconds -> {});
    private KitModel kit;
    private InputModel input;
    private LevelModel level;
    private CardModel cards;

    private BoothModel booth(SimulatedBooth simulated) {
        return new BoothModel(kit, input, simulated, jobs, WeekTime.of(LocalDateTime.now(CLOCK)));
    }

    @BeforeEach
    void begin() throws IOException {
        kit = new KitModel(open, KitShelf.in(home.resolve("library")), jobs, strings);
        input = new InputModel(booth, jobs, pending::add);
        level = new LevelModel(kit, input, booth(booth), jobs, strings, CLOCK);
        cards = new CardModel(level, strings);
        input.refresh();
        Path folder;
        try (DemoProduction demo = DemoProduction.in(home, CLOCK)) {
            folder = demo.folder();
        }
        open.open(folder);
        until(() -> level.verdict().get() != null && level.booth().scene().get() != null);
    }

    @AfterEach
    void close() {
        booth.close();
    }

    /** Does what is due on the interface thread until something holds. */
    private void until(BooleanSupplier holds) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        try {
            while (!holds.getAsBoolean()) {
                assertThat(System.nanoTime()).as("patience").isLessThan(end);
                Runnable next = pending.poll(1, TimeUnit.SECONDS);
                if (next != null) {
                    next.run();
                }
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void take(SettingStep step) {
        level.take(step);
        until(() -> level.running().get() == null);
        assertThat(level.levels().of(step)).as(step.id()).isPresent();
    }

    private LevelVerdict verdict() {
        return level.verdict().get();
    }

    private void turn() {
        Turn turn = verdict().turn().orElseThrow();
        double to = kit.currentSeat().orElseThrow().gainDb() + turn.db();
        kit.editSeat("edit.gain", s -> s.gained(to));
        until(() -> Math.abs(level.chain().orElseThrow().gainDb() - to) < 1e-6);
    }

    @Test
    void theGuidedSettingLeadsToClear() throws IOException {
        assertThat(verdict().next()).contains(SettingStep.STILL);
        take(SettingStep.STILL);
        assertThat(verdict().floor()).isPresent();
        assertThat(verdict().floor().get().measured()).isFalse();
        take(SettingStep.LOUDEST);
        take(SettingStep.READ);
        assertThat(verdict().floor().orElseThrow().measured()).isTrue();
        assertThat(verdict().floor().get().passes()).isTrue();
        int turns = 0;
        while (verdict().next().filter(s -> s == SettingStep.TURN).isPresent() && turns < 3) {
            turn();
            assertThat(level.movedSince()).isTrue();
            take(SettingStep.LOUDEST);
            assertThat(level.movedSince()).isFalse();
            turns++;
        }
        assertThat(turns).isBetween(1, 2);
        assertThat(verdict().next()).contains(SettingStep.EXCITED);
        take(SettingStep.EXCITED);
        assertThat(verdict().verdict().problems()).isEmpty();
        assertThat(verdict().verdict().clear()).isTrue();
        assertThat(Files.readString(open.folder().get().resolve("log.jsonl"))).contains("\"excited\"");
    }

    /** Predicted against measured, through the whole application: within half a decibel. */
    @Test
    void whatTheKitComputesIsWhatIsMeasured() {
        kit.editSeat("edit.gain", s -> s.gained(30));
        take(SettingStep.READ);
        double computed = SignalPath.of(level.chain().orElseThrow())
                .node(Node.Stage.CONVERTER)
                .orElseThrow()
                .averageDb();
        assertThat(level.levels().averageDbfs().orElseThrow()).isCloseTo(computed, within(0.7));
    }

    @Test
    void aCardIsWrittenAndHeldAgainstToday() throws IOException {
        kit.editSeat("edit.gain", s -> s.gained(30));
        assertThat(cards.canWrite()).isFalse();
        take(SettingStep.STILL);
        take(SettingStep.LOUDEST);
        take(SettingStep.READ);
        assertThat(cards.canWrite()).isTrue();
        cards.write(List.of(), "window shut");
        assertThat(cards.last().orElseThrow().note()).isEqualTo("window shut");
        assertThat(cards.last().get().input().simulated()).isTrue();
        assertThat(cards.moved().orElseThrow()).isEmpty();
        until(() -> open.saved().get() == ProductionModel.Saved.YES);
        assertThat(Files.readString(open.folder().get().resolve("production.json")))
                .contains("window shut");

        // Ten decibels more gain, and the noise says so.
        kit.editSeat("edit.gain", s -> s.gained(40));
        take(SettingStep.STILL);
        assertThat(cards.moved().orElseThrow()).anySatisfy(m -> {
            assertThat(m.kind()).isEqualTo(Moved.Kind.GAIN);
            assertThat(m.amount()).isCloseTo(10, within(1.0));
        });
        kit.editSeat("edit.gain", s -> s.at(s.position().at(0.10)).gained(30));
        take(SettingStep.STILL);
        assertThat(cards.moved().orElseThrow()).extracting(Moved::kind).contains(Moved.Kind.DISTANCE);
    }

    /** On a weekday at six the mixers run: the noise is too loud, and it is said what it is. */
    @Test
    void anotherHourIsLouder() {
        take(SettingStep.STILL);
        double evening = level.levels().floorDbfs().orElseThrow();
        level.booth().setTime(new WeekTime(DayOfWeek.MONDAY, LocalTime.of(6, 0)));
        take(SettingStep.STILL);
        assertThat(level.levels().floorDbfs().orElseThrow()).isGreaterThan(evening + 8);
        assertThat(verdict().held(LevelProblem.NOISE)).isTrue();
        assertThat(level.booth().noises()).anyMatch(n -> n.name().equals("the mixers below"));
    }

    @Test
    void anotherSchoolMovesTheWindow() {
        level.choose(GainSchool.LIVE);
        until(() -> verdict().school() == GainSchool.LIVE);
        assertThat(verdict().school().highDbfs()).isEqualTo(-1);
    }

    @Test
    void aStepIsGivenUp() {
        level.take(SettingStep.READ);
        level.stop();
        assertThat(level.running().get()).isNull();
        until(() -> jobs.running().isEmpty());
        assertThat(level.levels().of(SettingStep.READ)).isEmpty();
        take(SettingStep.STILL);
    }

    /** Closed while it is being opened: what was opened is not kept. */
    @Test
    void whatIsClosedWhileItOpensStaysClosed() {
        level.listen();
        level.stop();
        input.close();
        until(() -> jobs.running().isEmpty() && pending.isEmpty());
        assertThat(input.listening().get()).isFalse();
        take(SettingStep.STILL);
        assertThat(input.listening().get()).isTrue();
    }

    @Test
    void theLoudestLineIsFoundInTheScript() {
        until(() -> !level.loudestLine().get().isEmpty());
        assertThat(level.loudestLine().get()).contains("cried");
    }

    /** It vanishes after three seconds: the step is given up, what was measured stays. */
    @Test
    void aDeviceThatVanishesLosesNothing() {
        take(SettingStep.STILL);
        input.close();
        booth.spoil(Optional.of(Defect.GONE));
        level.take(SettingStep.READ);
        until(() -> input.fault().get() != null);
        assertThat(input.fault().get()).isEqualTo(Fault.GONE);
        assertThat(level.running().get()).isNull();
        assertThat(level.levels().of(SettingStep.STILL)).isPresent();
        booth.spoil(Optional.empty());
        take(SettingStep.READ);
        assertThat(input.fault().get()).isNull();
    }

    @Test
    void zerosAreAFault() {
        booth.spoil(Optional.of(Defect.ZEROS));
        take(SettingStep.STILL);
        assertThat(verdict().verdict().first().orElseThrow().detail()).isEqualTo(LevelProblem.INPUT);
    }

    @Test
    void aVerdictIsOverruledWithAReason() throws IOException {
        assertThatThrownBy(() -> cards.overrule(Overrule.Station.ROOM, "  ", List.of("room.decay")))
                .hasMessageContaining("say why");
        cards.overrule(Overrule.Station.ROOM, "only a demo", List.of("room.decay"));
        assertThat(cards.cards().overruled(Overrule.Station.ROOM)).isPresent();
        until(() -> jobs.running().isEmpty());
        assertThat(Files.readString(open.folder().get().resolve("log.jsonl")))
                .contains("overruled")
                .contains("only a demo");
        cards.trust(Overrule.Station.ROOM);
        assertThat(cards.cards().overruled(Overrule.Station.ROOM)).isEmpty();
    }

    @Test
    void anotherRateIsListenedToAnew() {
        take(SettingStep.STILL);
        input.listenAt(44_100, 24, 1);
        assertThat(input.listening().get()).isFalse();
        take(SettingStep.STILL);
        assertThat(level.levels().of(SettingStep.STILL).orElseThrow().info().sampleRateHz())
                .isEqualTo(44_100);
        assertThatThrownBy(() -> input.listenAt(100, 24, 1)).hasMessageContaining("8000");
    }

    /** The floor was measured before the knob was turned: where its noise comes from stays as it was. */
    @Test
    void aTurnChangesNothingAboutWhereTheNoiseComesFrom() {
        take(SettingStep.STILL);
        take(SettingStep.LOUDEST);
        List<Suspect> before = suspects();
        assertThat(before).isNotEmpty();
        turn();
        assertThat(level.movedSince()).isTrue();
        assertThat(suspects()).isEqualTo(before);
    }

    private List<Suspect> suspects() {
        NoiseProfile noise =
                level.levels().of(SettingStep.STILL).flatMap(Report::noise).orElseThrow();
        return Suspect.of(noise, level.chainWhenStill(), level.booth().noises());
    }

    /** What is still on its way from before a knob was turned lets no step begin: it would measure the wrong gain. */
    @Test
    void aStepWaitsForTheKnobThatWasTurnedJustBefore() {
        List<Double> gains = new ArrayList<>();
        SimulatedBooth watched = mock(SimulatedBooth.class);
        doAnswer(call -> gains.add(
                        call.<Booth>getArgument(0).stands().get(0).chain().gainDb()))
                .when(watched)
                .prepare(any());
        BoothModel model = booth(watched);
        model.rehearse();
        model.follow(open.production().get());
        until(() -> model.scene().get() != null && !gains.isEmpty());
        double to = kit.currentSeat().orElseThrow().gainDb() + 3;
        kit.editSeat("edit.gain", s -> s.gained(to - 1));
        until(() -> kit.currentSeat().orElseThrow().gainDb() == to - 1);
        model.refit();
        kit.editSeat("edit.gain", s -> s.gained(to));
        until(() -> kit.currentSeat().orElseThrow().gainDb() == to);
        List<Double> begun = new ArrayList<>();
        model.whenReady(() -> begun.add(gains.get(gains.size() - 1)));
        until(() -> !begun.isEmpty());
        assertThat(begun).containsExactly(to);
    }

    /** The speech that ships cannot be read: the step ends, and the input is said to be at fault. */
    @Test
    void aBoothThatCannotBeMadeEndsTheStep() throws IOException {
        SimulatedBooth broken = mock(SimulatedBooth.class);
        doThrow(new IOException("half a file")).when(broken).rehearse();
        LevelModel other = new LevelModel(kit, input, booth(broken), jobs, strings, CLOCK);
        until(() -> other.booth().scene().get() != null);
        other.take(SettingStep.STILL);
        until(() -> input.fault().get() != null);
        assertThat(input.fault().get()).isEqualTo(Capture.Fault.OTHER);
        assertThat(other.running().get()).isNull();
    }

    @Test
    void theRoomIsWatched() {
        List<LocalDateTime> kept = new ArrayList<>();
        WatchModel watch = new WatchModel(level, (diary, since) -> kept.add(since), jobs);
        watch.start();
        until(watch::running);
        until(() -> {
            watch.look();
            return watch.watched().get().diary().isPresent();
        });
        assertThat(watch.watched().get().diary().get().durationS()).isGreaterThan(5);
        watch.stop();
        until(() -> !watch.watched().get().running() && !kept.isEmpty());
        assertThat(watch.running()).isFalse();
        assertThat(kept).as("the room's diary").containsExactly(LocalDateTime.now(CLOCK));
    }
}
