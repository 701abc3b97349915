package app.redlamp.desktop.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.core.delivery.finish.ChannelMix;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.FinishSettings;
import app.redlamp.core.delivery.process.Reduction;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.delivery.spec.TimeLimits;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.DeliveryBook;
import app.redlamp.words.Wording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.mockito.Mockito;

/** The station without a window: what the user does, and what the rows and the reading then say. */
class DeliverModelTest {
    private static final Path GOOD = Path.of("/book/raw/1-good.wav");
    private static final Path QUIET = Path.of("/book/raw/2-quiet.wav");
    private static final Path NOISY = Path.of("/book/raw/3-noisy.wav");
    private static final Path CLIPPED = Path.of("/book/raw/4-clipped.wav");
    private static final Path STEREO = Path.of("/book/raw/5-stereo.wav");
    private static final Path BROKEN = Path.of("/book/raw/6-broken.wav");

    private final Recordings recordings = mock(Recordings.class);
    private final Finishing finishing = mock(Finishing.class);
    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final UndoHistory history = new UndoHistory();
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final Wording wording = new Wording(Locale.ENGLISH);
    private final DeliverModel model =
            new DeliverModel(recordings, finishing, specifications(), jobs, history, strings, mock(DeliveryBook.class));

    private final PlayModel player = new PlayModel(mock(app.redlamp.core.port.Playback.class), jobs, Runnable::run);

    @BeforeEach
    void prepare() throws IOException {
        measures(GOOD, Reports.good());
        measures(QUIET, Reports.good().gain(-8));
        measures(NOISY, Reports.good().loudness(-27).floor(-53.3));
        measures(CLIPPED, Reports.good().loudness(-15).peak(0).clipped(14));
        measures(STEREO, Reports.good().channels(2));
        when(recordings.measure(any(), any())).thenAnswer(call -> {
            Path file = call.getArgument(0);
            if (file.equals(BROKEN)) {
                throw new IOException("is not a sound file that can be read; export it as WAV and try again");
            }
            return MEASURED.get(file);
        });
        when(finishing.finish(any(), any())).thenAnswer(call -> finished(call.getArgument(0)));
    }

    private static final java.util.Map<Path, Report> MEASURED = new java.util.HashMap<>();

    private static void measures(Path file, Reports report) {
        MEASURED.put(file, report.get());
    }

    @Test
    void everyRowSaysWhatIsWrongInAFewWords() {
        open(GOOD, QUIET, NOISY, CLIPPED, STEREO, BROKEN);
        assertThat(notes())
                .containsExactly(
                        "fine; MP3 still to be made",
                        "5.0 dB too quiet",
                        "too noisy to finish",
                        "clipped 14 times",
                        "stereo",
                        "is not a sound file that can be read; export it as WAV and try again");
        assertThat(lamps())
                .containsExactly(
                        LampState.LIT,
                        LampState.HALF,
                        LampState.BARRED,
                        LampState.BARRED,
                        LampState.HALF,
                        LampState.BARRED);
        assertThat(jobs.notice().get()).startsWith("6-broken.wav: is not a sound file");
    }

    @Test
    void theReadingProvesWhyANoisyRecordingCannotBeFinished() {
        open(NOISY);
        Reading reading = reading();
        assertThat(reading.verdict())
                .isEqualTo("After the 4.0 dB this needs, the noise floor would be −49.3 dBFS, 10.7 dB too high.");
        assertThat(reading.figures())
                .extracting(Reading.Figure::value)
                .contains("+4.0 dB of gain", "−49.3 dBFS, wanted −60.0 or lower");
        assertThat(reading.help()).hasSize(3);
        assertThat(reading.cautions()).anyMatch(c -> c.contains("Never lift a safety earth"));
        assertThat(reading.primary()).isEmpty();
    }

    @Test
    void theReadingOfAFinishableOneOffersToFinishAllThatCanBe() {
        open(QUIET, GOOD, NOISY);
        Reading reading = reading();
        assertThat(reading.verdict()).isEqualTo("RMS −28.0 dBFS: 5.0 dB too quiet. Finishing can put that right.");
        assertThat(reading.primary().orElseThrow().label()).isEqualTo("Finish 2 to specification");
        reading.primary().orElseThrow().run().run();
        assertThat(model.rows().get(0).status().get()).isInstanceOf(RowStatus.AtWork.class);
        workers.runAll();
        assertThat(lamps()).containsExactly(LampState.LIT, LampState.LIT, LampState.BARRED);
        assertThat(reading().verdict()).startsWith("Ready:");
        assertThat(reading().figures()).extracting(Reading.Figure::value).contains("−28.0 → −20.0 dBFS: 2.0 dB inside");
    }

    @Test
    void whatIsFinishedGoesToReadyBesideRaw() throws IOException {
        open(QUIET);
        model.finishAll();
        workers.runAll();
        ArgumentCaptor<Finishing.Order> order = ArgumentCaptor.forClass(Finishing.Order.class);
        verify(finishing).finish(order.capture(), any());
        assertThat(order.getValue().into()).isEqualTo(Path.of("/book/ready"));
        assertThat(order.getValue().recording()).isEqualTo(QUIET);
        model.finishAll();
        workers.runAll();
        verify(finishing, times(1)).finish(any(), any());
    }

    @Test
    void theBigLampIsLitOnlyWhenEverythingIsReady() {
        assertThat(standing().answer()).isEqualTo("Not clear to send");
        assertThat(standing().first()).isEqualTo("no recordings yet");
        open(GOOD, QUIET);
        assertThat(standing().verdict().clear()).isFalse();
        assertThat(standing().first()).isEqualTo("finish 2");
        model.finishAll();
        workers.runAll();
        assertThat(standing().verdict().clear()).isTrue();
        assertThat(standing().answer()).isEqualTo("Clear to send");
        open(NOISY);
        assertThat(standing().verdict().clear()).isFalse();
        assertThat(LampState.of(standing().verdict().state())).isEqualTo(LampState.BARRED);
    }

    @Test
    void anotherSpecificationJudgesAnewAndTheFirstResultsComeBack() {
        open(QUIET);
        model.finishAll();
        workers.runAll();
        model.choose(Specifications.broadcast());
        assertThat(model.rows().get(0).status().get()).isInstanceOf(RowStatus.Judged.class);
        assertThat(notes()).containsExactly("4.5 LU too quiet, 44.1 kHz");
        history.undo();
        assertThat(model.specification().get()).isEqualTo(Specifications.audiobook());
        assertThat(model.rows().get(0).status().get().ready()).isTrue();
        history.redo();
        assertThat(model.specification().get()).isEqualTo(Specifications.broadcast());
    }

    @Test
    void openingAndRemovingCanBeUndone() {
        open(GOOD, QUIET);
        model.remove(model.rows().get(0));
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(QUIET);
        assertThat(model.selected().get().file()).isEqualTo(QUIET);
        history.undo();
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(GOOD, QUIET);
        history.undo();
        assertThat(model.rows()).isEmpty();
        assertThat(model.selected().get()).isNull();
        history.redo();
        assertThat(model.rows()).hasSize(2);
        assertThat(notes()).doesNotContain("not measured");
    }

    @Test
    void theSameFileIsOnTheDocketOnce() {
        open(GOOD);
        open(QUIET, GOOD, Path.of("/book/raw/../raw/2-quiet.wav"));
        assertThat(model.rows()).hasSize(2);
        open(GOOD);
        assertThat(model.selected().get().file()).isEqualTo(GOOD);
    }

    @Test
    void cancelledMeasuringCanBeTakenUpAgain() {
        model.open(List.of(GOOD, QUIET));
        workers.runNext();
        model.cancel();
        workers.runAll();
        assertThat(notes()).containsExactly("fine; MP3 still to be made", "not measured");
        model.measureAgain(model.rows().get(1));
        workers.runAll();
        assertThat(notes()).containsExactly("fine; MP3 still to be made", "5.0 dB too quiet");
    }

    @Test
    void cancelledFinishingLeavesTheRowAsItWas() {
        open(QUIET);
        model.finishAll();
        model.cancel();
        workers.runAll();
        assertThat(model.rows().get(0).status().get().finishable()).isTrue();
        assertThat(notes()).containsExactly("5.0 dB too quiet");
    }

    @Test
    void aFullDiskIsToldInTheRowAndOnTheRail() throws IOException {
        doThrow(new IOException("cannot be written; free some space"))
                .when(finishing)
                .finish(any(), any());
        open(QUIET);
        model.finishAll();
        workers.runAll();
        assertThat(notes()).containsExactly("cannot be written; free some space");
        assertThat(reading().verdict()).isEqualTo("Nothing was written: cannot be written; free some space.");
        assertThat(jobs.notice().get()).isEqualTo("2-quiet.wav: cannot be written; free some space");
        assertThat(model.finishable()).hasSize(1);
    }

    /** A mono delivery no longer fits once most recordings are stereo: it has to be made anew. */
    @Test
    void aDeliveryThatNoLongerMatchesTheOthersIsNotReady() {
        open(QUIET);
        model.finishAll();
        workers.runAll();
        assertThat(model.rows().get(0).status().get().ready()).isTrue();
        Path second = Path.of("/book/raw/7-stereo.wav");
        measures(second, Reports.good().channels(2));
        open(STEREO, second);
        assertThat(model.rows().get(0).status().get().ready()).isFalse();
        assertThat(model.rows().get(0).status().get().finishable()).isTrue();
    }

    @Test
    void titlesAreWords() {
        assertThat(new DocketRow(Path.of("/a/1-the-cellar_barometer.wav")).title())
                .isEqualTo("1 The cellar barometer");
        assertThat(new DocketRow(Path.of("/a/two\nlines.wav")).title()).isEqualTo("Two lines");
        assertThat(new DocketRow(Path.of("/a/.hidden")).title()).isEqualTo(".Hidden");
        assertThat(new DocketRow(Path.of("/a/---.wav")).title()).isEqualTo("---.wav");
    }

    @Test
    void readyLiesBesideRawOrBesideTheRecording() {
        assertThat(ReadyFolder.of(Path.of("/book/raw/1.wav"))).isEqualTo(Path.of("/book/ready"));
        assertThat(ReadyFolder.of(Path.of("/book/working/1.wav"))).isEqualTo(Path.of("/book/ready"));
        assertThat(ReadyFolder.of(Path.of("/book/ready/1.wav"))).isEqualTo(Path.of("/book/ready"));
        assertThat(ReadyFolder.of(Path.of("/desk/1.wav"))).isEqualTo(Path.of("/desk/ready"));
        assertThat(ReadyFolder.of(Path.of("/1.wav"))).isEqualTo(Path.of("/ready"));
    }

    private void open(Path... files) {
        model.open(List.of(files));
        workers.runAll();
    }

    private List<String> notes() {
        RowFaces faces = new RowFaces(strings, wording);
        return model.rows().stream().map(r -> faces.of(r).note()).toList();
    }

    private List<LampState> lamps() {
        RowFaces faces = new RowFaces(strings, wording);
        return model.rows().stream().map(r -> faces.of(r).lamp()).toList();
    }

    private Reading reading() {
        return new DeliverReading(model, player, strings, wording, () -> {}, folder -> {}).now();
    }

    /** Each file is inside and still the lamp stays off: together they are too short. */
    @Test
    void deliveriesThatAreTooShortTogetherAreNotClear() {
        open(GOOD, QUIET);
        model.finishAll();
        workers.runAll();
        assertThat(standing().verdict().clear()).isTrue();

        model.choose(wantingHours());
        model.finishAll();
        workers.runAll();
        assertThat(notes()).containsOnly("ready, measured again");
        assertThat(standing().verdict().clear()).isFalse();
        assertThat(LampState.of(standing().verdict().state())).isEqualTo(LampState.HALF);
        assertThat(standing().first()).isEqualTo("too little in all: record more");
        assertThat(reading().heard().get(0).text()).endsWith("and 10:00:00 are wanted: record more");
        assertThat(reading().heard().get(0).grave()).isTrue();
    }

    @Test
    void aNameThatTheClientDoesNotWantIsSaidBeforeFinishing() {
        open(GOOD, QUIET);
        model.choose(Specifications.audiobookNamed("1-*.mp3"));
        assertThat(notes()).containsExactly("fine; MP3 still to be made", "the client wants another name");
        model.selected().set(model.rows().get(1));
        assertThat(reading().verdict())
                .isEqualTo("It would be called 2-quiet.mp3, and the client wants names like 1-*.mp3.");
        assertThat(reading().help().get(0).title()).isEqualTo("Rename the recording and open it again");
        assertThat(model.finishable()).containsExactly(model.rows().get(0));
    }

    @Test
    void theLampTellsOfPartsThatAreMissing() {
        open(GOOD);
        Naming.Part credits = new Naming.Part("opening credits", "*opening*", OptionalDouble.empty());
        model.choose(Specifications.audiobookOf(credits));
        model.finishAll();
        workers.runAll();
        assertThat(standing().verdict().clear()).isTrue();
        assertThat(standing().first()).isEqualTo("one inside; a part is missing");
        assertThat(reading().more().heard())
                .extracting(Reading.Remark::text)
                .contains("No file is called like these: opening credits. Add them, or name them so");
    }

    /** No client's sheet forbids it, finishing does not bring it back, and still nobody wants to send it unheard. */
    @Test
    void whatIsBrokenIsSaidAlthoughAllLimitsAreKept() {
        Path dropping = Path.of("/a/6-dropping.wav");
        Finding lost = new Finding(Finding.Kind.DROPOUTS, Finding.Severity.FAULT, 1, 1.2, 3, List.of());
        measures(dropping, Reports.good().findings(List.of(lost)));
        open(GOOD, dropping);
        assertThat(notes()).containsExactly("fine; MP3 still to be made", "sound drops out: hear it first");
        assertThat(lamps()).containsExactly(LampState.LIT, LampState.HALF);
        model.selected().set(model.rows().get(1));
        assertThat(reading().verdict()).startsWith("Inside, but not clean. ").endsWith(".");
        model.finishAll();
        workers.runAll();
        assertThat(notes()).containsExactly("ready, measured again", "sound drops out: hear it first");
        assertThat(reading().verdict()).startsWith("Inside, but not clean. ");
        assertThat(standing().verdict().clear()).isTrue();
        assertThat(standing().first()).isEqualTo("all 2 inside; hear 1 first");
    }

    @Test
    void clippingIsNoFlawButALimit() {
        Finding clipped = new Finding(Finding.Kind.CLIPPING, Finding.Severity.FAULT, 1, 1.2, 3, List.of());
        assertThat(Reports.good().findings(List.of(clipped)).get().flaws()).isEmpty();
    }

    private static Specification wantingHours() {
        Specification book = Specifications.audiobook();
        return new Specification(
                "ten-hours",
                "Ten hours",
                "made up",
                book.loudness(),
                book.peak(),
                book.noiseFloorDbfs(),
                new TimeLimits(
                        book.time().headS(), book.time().tailS(), book.time().longestS(), OptionalDouble.of(36_000)),
                book.sound(),
                book.set(),
                book.naming(),
                book.format());
    }

    private DeliverStanding standing() {
        return DeliverStanding.of(model.rows(), model.specification().get(), strings);
    }

    private static app.redlamp.core.port.Specifications specifications() {
        app.redlamp.core.port.Specifications two =
                mock(app.redlamp.core.port.Specifications.class, Mockito.CALLS_REAL_METHODS);
        doReturn(List.of(Specifications.audiobook(), Specifications.broadcast()))
                .when(two)
                .all();
        return two;
    }

    private static Finishing.Result finished(Finishing.Order order) {
        Specification held = order.specification();
        Report delivered = Reports.good().mp3(192).get();
        FinishSettings settings = FinishSettings.neutral(held, Reports.good().get(), ChannelMix.all(1))
                .with(8, OptionalDouble.of(-3.6));
        return new Finishing.Result(
                new FinishOutcome.Finished(
                        settings,
                        Reports.good().get(),
                        Judge.judge(held, Reports.good().get()),
                        new Reduction(1.2, 0),
                        delivered,
                        Judge.judge(held, delivered)),
                List.of(order.into().resolve("a.wav"), order.into().resolve("a.mp3")));
    }

    /** Opening another production leaves nothing of the one before, and coming back brings it again. */
    @Test
    void theDocketBelongsToTheProduction() {
        model.follow("book", List.of(GOOD, QUIET));
        model.open(List.of(NOISY));
        workers.runAll();
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(GOOD, QUIET, NOISY);
        model.remove(model.rows().get(1));

        model.follow("guide", List.of(STEREO));
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(STEREO);
        assertThat(model.selected().get().file()).isEqualTo(STEREO);

        model.follow("book", List.of(GOOD, QUIET));
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(GOOD, NOISY);
        // A take that came in the meantime is put on it; what was taken off stays off.
        model.follow("book", List.of(GOOD, QUIET, CLIPPED));
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(GOOD, NOISY, CLIPPED);
    }

    /** A production of sixty chapters is not measured before anybody looks. */
    @Test
    void whatCameWithTheProductionIsMeasuredWhenSomebodyLooks() {
        model.follow("book", List.of(GOOD, QUIET));
        workers.runAll();
        assertThat(model.rows()).allMatch(r -> r.status().get() instanceof RowStatus.Fresh);
        assertThat(standing().verdict().state()).isEqualTo(Verdict.State.UNKNOWN);
        model.measureFresh();
        workers.runAll();
        assertThat(model.rows()).allMatch(r -> r.report().isPresent());
    }

    @Test
    void whatWasDroppedBeforeAProductionWasOpenStays() {
        model.open(List.of(NOISY));
        model.follow("book", List.of(GOOD));
        assertThat(model.rows()).extracting(DocketRow::file).containsExactly(NOISY, GOOD);
    }
}
