package app.redlamp.media.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.finish.EdgePlan;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Signals;
import app.redlamp.core.units.Limits;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.DemoVoice;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.ffmpeg.LoudnessOracle;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.wav.BroadcastExtension;
import app.redlamp.media.wav.WavReader;
import app.redlamp.media.wav.WavWriter;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileFinishingTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    private final FileFinishing finishing = new FileFinishing();
    private final FileRecordings recordings = new FileRecordings();

    /** Every specification that ships, from quiet and loud: the delivery read back lies inside, and an independent meter agrees. */
    @ParameterizedTest
    @CsvSource({
        "audiobook-retail,-9",
        "audiobook-retail,2",
        "podcast-mono,-14",
        "podcast-mono,2",
        "broadcast-r128,-12",
        "broadcast-r128,2",
        "podcast-stereo,-8",
        "broadcast-a85,-3",
        "streamed-speech,-10",
        "e-learning,-12",
        "client-raw,-14",
        "client-raw,-2",
        "voice-dataset,-9",
        "phone-prompt,-12"
    })
    void theDeliveryIsInsideWhenMeasuredAgain(String id, double gainDb) throws IOException {
        Specification specification = specification(id);
        Path recording = speech("chapter.wav", gainDb, -76);
        Finishing.Result result = finish(recording, specification, folder.resolve("ready"));
        assertThat(result.outcome()).isInstanceOf(FinishOutcome.Finished.class);
        FinishOutcome.Finished finished = (FinishOutcome.Finished) result.outcome();
        assertThat(finished.judgement().pass()).isTrue();
        Path delivery = result.written().get(result.written().size() - 1);
        assertThat(delivery.toString()).endsWith(specification.format().coding().extension());
        Report again = recordings.measure(delivery, Progress.NONE);
        assertThat(again.rmsDbfs().orElseThrow())
                .isCloseTo(finished.delivered().rmsDbfs().orElseThrow(), within(1e-9));
        try (var source = AudioFiles.open(delivery).source()) {
            LoudnessOracle.Answer oracle = LoudnessOracle.measure(source.sampleRateHz(), Signals.readAll(source, 8192));
            assertThat(again.integratedLufs().orElseThrow()).isCloseTo(oracle.integratedLufs(), within(0.1));
            assertThat(again.truePeakDbtp().orElseThrow()).isCloseTo(oracle.truePeakDbtp(), within(0.2));
        }
    }

    /** A raw delivery keeps every sample in place: its gain and nothing else. */
    @Test
    void unprocessedMeansUnprocessed() throws IOException {
        Path recording = speech("raw.wav", -18, -76);
        FinishOutcome.Finished finished =
                (FinishOutcome.Finished) finish(recording, specification("client-raw"), folder.resolve("ready"))
                        .outcome();
        assertThat(finished.settings().ceilingDbtp()).isEmpty();
        assertThat(finished.settings().band()).isEqualTo(new Limits(OptionalDouble.empty(), OptionalDouble.empty()));
        assertThat(finished.settings().edges()).isEqualTo(EdgePlan.NONE);
        assertThat(finished.settings().gainDb()).isPositive();
    }

    /** EBU Tech 3285: what goes to a broadcaster carries its own loudness. */
    @Test
    void aBroadcastFileCarriesItsLoudness() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        Finishing.Result result = finish(recording, specification("broadcast-r128"), folder.resolve("ready"));
        try (WavReader reader = WavReader.open(result.written().get(0)).orElseThrow()) {
            BroadcastExtension bext = reader.broadcast().orElseThrow();
            assertThat(bext.integratedLufs().orElseThrow()).isBetween(-23.5, -22.5);
            assertThat(bext.description()).isEqualTo("chapter");
            assertThat(reader.info().labels().tag("title")).contains("chapter");
        }
    }

    @Test
    void theInputIsNeverChangedAndNothingIsOverwritten() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        byte[] before = Files.readAllBytes(recording);
        Path ready = Files.createDirectories(folder.resolve("ready"));
        Files.writeString(ready.resolve("chapter.mp3"), "sent last week");
        Finishing.Result first = finish(recording, specification("audiobook-retail"), ready);
        Finishing.Result second = finish(recording, specification("audiobook-retail"), ready);
        assertThat(Files.readAllBytes(recording)).isEqualTo(before);
        assertThat(ready.resolve("chapter.mp3")).hasContent("sent last week");
        assertThat(names(first)).containsExactly("chapter (2).wav", "chapter (2).mp3");
        assertThat(names(second)).containsExactly("chapter (3).wav", "chapter (3).mp3");
        assertThat(listed(ready)).hasSize(5);
    }

    /** A delivery into the recording's own folder must not take the recording's place. */
    @Test
    void finishingBesideTheRecordingKeepsTheRecording() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        byte[] before = Files.readAllBytes(recording);
        Finishing.Result result = finish(recording, specification("broadcast-r128"), folder);
        assertThat(names(result)).containsExactly("chapter (2).wav");
        assertThat(Files.readAllBytes(recording)).isEqualTo(before);
    }

    /** Parts of a killed program go after a day; those of one that may still run, and everything else, stay. */
    @Test
    void whatAKillLeftBehindIsSweptUp() throws IOException {
        Path recording = speech("noisy.wav", -10, -55);
        Path ready = Files.createDirectories(folder.resolve("ready"));
        FileTime twoDaysAgo = FileTime.from(Instant.now().minus(Duration.ofDays(2)));
        String old = ".redlamp-" + new UUID(1, 1);
        String young = ".redlamp-" + new UUID(2, 2) + ".wav.part";
        for (String name : List.of(old + ".wav.part", "old.wav.part", old + ".wav", ".redlamp-mine.wav.part")) {
            Files.setLastModifiedTime(Files.writeString(ready.resolve(name), "x"), twoDaysAgo);
        }
        Files.writeString(ready.resolve(young), "x");
        finish(recording, specification("audiobook-retail"), ready);
        assertThat(listed(ready))
                .containsExactlyInAnyOrder("old.wav.part", old + ".wav", ".redlamp-mine.wav.part", young);
    }

    /** A part that is listed and gone when it is looked at: what a finishing beside this one leaves for a moment. */
    @Test
    void aPartThatGoesMeanwhileHindersNobody() throws IOException {
        Path recording = speech("chapter.wav", -9, -76);
        Path ready = Files.createDirectories(folder.resolve("ready"));
        Files.createSymbolicLink(ready.resolve(".redlamp-gone.wav.part"), folder.resolve("nowhere"));
        assertThat(finish(recording, specification("broadcast-r128"), ready).written())
                .hasSize(1);
    }

    @Test
    void whatCannotBeFinishedLeavesNothing() throws IOException {
        Path recording = speech("noisy.wav", -10, -55);
        Path ready = folder.resolve("ready");
        Finishing.Result result = finish(recording, specification("audiobook-retail"), ready);
        assertThat(result.written()).isEmpty();
        assertThat(((FinishOutcome.Refused) result.outcome()).obstacles())
                .singleElement()
                .isInstanceOfSatisfying(
                        Obstacle.Noise.class,
                        noise -> assertThat(noise.excessDb()).isGreaterThan(5));
        assertThat(listed(ready)).isEmpty();
    }

    @Test
    void onlyTheNamesThatTheClientWantsAreMade() throws IOException {
        Specification named = Specifications.audiobookNamed("book_##.mp3");
        Path ready = folder.resolve("ready");
        Finishing.Result wrong = finish(speech("chapter.wav", -9, -76), named, ready);
        assertThat(((FinishOutcome.Refused) wrong.outcome()).obstacles())
                .containsExactly(new Obstacle.Misnamed("chapter.mp3", "book_##.mp3"));
        assertThat(ready).doesNotExist();
        Path recording = speech("book_01.wav", -9, -76);
        assertThat(finish(recording, named, ready).written())
                .extracting(p -> p.getFileName().toString())
                .containsExactly("book_01.wav", "book_01.mp3");
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> finish(recording, named, ready))
                .withMessageEndingWith(
                        "book_01 is there already, and the client wants no number behind a name; move the"
                                + " earlier one away");
        assertThat(listed(ready)).containsExactlyInAnyOrder("book_01.wav", "book_01.mp3");
    }

    /** Cancelled at each of its steps in turn: nothing is left behind, not even a part. */
    @Test
    void cancellingAnywhereLeavesNothing() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        Path ready = folder.resolve("ready");
        for (int after = 0; after < 400; after += 37) {
            AtomicInteger left = new AtomicInteger(after);
            Progress progress = new Progress() {
                @Override
                public void at(double share) {
                    left.decrementAndGet();
                }

                @Override
                public boolean cancelled() {
                    return left.get() <= 0;
                }
            };
            Report report = recordings.measure(recording, Progress.NONE);
            assertThatExceptionOfType(CancellationException.class)
                    .isThrownBy(() -> finishing.finish(
                            new Finishing.Order(recording, report, specification("audiobook-retail"), 1, ready),
                            progress));
            assertThat(listed(ready)).as("cancelled after " + after).isEmpty();
        }
    }

    @Test
    void aFolderThatCannotBeMadeIsSaidInOneLine() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        Path blocked = Files.writeString(folder.resolve("ready"), "a file in the way");
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> finish(recording, specification("audiobook-retail"), blocked))
                .withMessageContaining("cannot be made; choose another folder");
    }

    /** Folders that may not be written to: the kernel's for anybody, one without write permission for all but root. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aReadOnlyFolderIsSaidInOneLine() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        Path closed = Files.createDirectory(
                folder.resolve("closed"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("r-xr-xr-x")));
        List<Path> readOnly = Files.isWritable(closed)
                ? List.of(Path.of("/proc/ready"))
                : List.of(Path.of("/proc/ready"), closed, closed.resolve("ready"));
        for (Path into : readOnly) {
            assertThatExceptionOfType(IOException.class)
                    .isThrownBy(() -> finish(recording, specification("audiobook-retail"), into))
                    .withMessageContaining("choose another folder")
                    .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
        }
    }

    @Test
    void aDiskTooSmallIsRefusedBeforeAnyWork() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        try (FileSystem small = disk(1 << 20)) {
            assertThatExceptionOfType(IOException.class)
                    .isThrownBy(() -> finish(recording, specification("broadcast-r128"), small.getPath("/ready")))
                    .withMessageContaining("MB are free; free some space or choose another folder");
            assertThat(listed(small.getPath("/ready"))).isEmpty();
        }
    }

    /** The disk fills up while writing: one line, nothing half, the other files still there. */
    @Test
    void aDiskThatFillsUpLeavesNothingHalf() throws IOException {
        Path recording = speech("chapter.wav", -6, -72);
        try (FileSystem disk = disk(32 << 20)) {
            Path ready = Files.createDirectories(disk.getPath("/ready"));
            Files.writeString(ready.resolve("other.txt"), "kept");
            AtomicInteger calls = new AtomicInteger();
            Progress filling = new Progress() {
                @Override
                public void at(double share) {
                    if (calls.incrementAndGet() == 1) {
                        fill(disk);
                    }
                }

                @Override
                public boolean cancelled() {
                    return false;
                }
            };
            Report report = recordings.measure(recording, Progress.NONE);
            assertThatExceptionOfType(IOException.class)
                    .isThrownBy(() -> finishing.finish(
                            new Finishing.Order(recording, report, specification("broadcast-r128"), 1, ready), filling))
                    .satisfies(e -> assertThat(e.getMessage())
                            .contains("free some space")
                            .doesNotContain("\n"));
            assertThat(listed(ready)).containsExactly("other.txt");
        }
    }

    private static void fill(FileSystem disk) {
        try {
            Path filler = disk.getPath("/filler");
            long free = Files.getFileStore(disk.getPath("/")).getUsableSpace();
            Files.write(filler, new byte[(int) (free - 100_000)]);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static FileSystem disk(long bytes) {
        return Jimfs.newFileSystem(Configuration.unix().toBuilder()
                .setMaxSize(bytes)
                .setBlockSize(4096)
                .build());
    }

    private Finishing.Result finish(Path recording, Specification specification, Path into) throws IOException {
        Report report = recordings.measure(recording, Progress.NONE);
        return finishing.finish(new Finishing.Order(recording, report, specification, 1, into), Progress.NONE);
    }

    private Path speech(String name, double gainDb, double noiseDbfs) throws IOException {
        float[] dry = DemoVoice.samples(DemoVoice.NAMES.get(1), RATE, folder);
        float[] padded = Signals.join(Signals.silence(0.75, RATE), dry, Signals.silence(2, RATE));
        float[] noise = Signals.noise(noiseDbfs, (double) padded.length / RATE + 1, RATE, 5);
        float gain = (float) Math.pow(10, gainDb / 20);
        float[] mixed = Signals.of(padded.length, n -> padded[n] * gain + noise[n]);
        Path file = folder.resolve(name);
        try (WavWriter writer = new WavWriter(file, RATE, 1, 24)) {
            writer.accept(new float[][] {mixed}, mixed.length);
        }
        return file;
    }

    private static Specification specification(String id) {
        return new SpecificationLibrary(Path.of("no", "library")).byId(id).orElseThrow();
    }

    private static Stream<String> names(Finishing.Result result) {
        return result.written().stream().map(p -> p.getFileName().toString());
    }

    private static Set<String> listed(Path ready) throws IOException {
        if (!Files.exists(ready)) {
            return Set.of();
        }
        try (Stream<Path> files = Files.list(ready)) {
            return files.map(p -> p.getFileName().toString()).collect(Collectors.toSet());
        }
    }
}
