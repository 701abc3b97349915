package app.redlamp.media.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.DemoVoice;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.Processes;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.FaultyDisk;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.wav.WavWriter;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whenever finishing ends, by a fault or a kill: what has a name is whole, and what has none is taken away the next time. */
public class FinishFaultsTest {
    private static final int RATE = 44_100;
    private static final int SECONDS = 4;

    @TempDir
    Path folder;

    private Path recording;
    private Report report;
    private Path ready;

    @BeforeEach
    void record() throws IOException {
        recording = speech(folder);
        report = new FileRecordings().measure(recording, Progress.NONE);
        ready = folder.resolve("ready");
    }

    /** A few seconds that can be finished. */
    public static Path speech(Path folder) throws IOException {
        float[] all = DemoVoice.samples(DemoVoice.NAMES.get(1), RATE, folder);
        float[] dry = Arrays.copyOf(all, SECONDS * RATE);
        float[] padded = Signals.join(Signals.silence(0.75, RATE), dry, Signals.silence(2, RATE));
        float[] noise = Signals.noise(-76, (double) padded.length / RATE + 1, RATE, 5);
        float[] mixed = Signals.of(padded.length, n -> padded[n] * 0.35f + noise[n]);
        Path file = folder.resolve("chapter.wav");
        try (WavWriter writer = new WavWriter(file, RATE, 1, 24)) {
            writer.accept(new float[][] {mixed}, mixed.length);
        }
        return file;
    }

    private static Specification audiobook() {
        return new SpecificationLibrary(Path.of("no", "library"))
                .byId("audiobook-retail")
                .orElseThrow();
    }

    private Finishing.Result finish(Disk disk) throws IOException {
        return new FileFinishing(disk)
                .finish(new Finishing.Order(recording, report, audiobook(), 1, ready), Progress.NONE);
    }

    private Set<String> listed() throws IOException {
        try (Stream<Path> files = Files.list(ready)) {
            return files.map(f -> f.getFileName().toString()).collect(Collectors.toCollection(TreeSet::new));
        }
    }

    /** Every file with a name of its own can be measured from its first sample to its last. */
    private void checkWhole() throws IOException {
        for (String name : listed()) {
            if (!name.startsWith(".")) {
                Report measured = new FileRecordings().measure(ready.resolve(name), Progress.NONE);
                assertThat(measured.info().durationS()).isGreaterThan(SECONDS);
            }
        }
    }

    private void clear() throws IOException {
        for (String name : listed()) {
            Files.delete(ready.resolve(name));
        }
    }

    /** A fault of the disk at any step: nothing is left, or all of it is there. */
    @Test
    void aFaultAtAnyStepLeavesNothingOrEverything() throws IOException {
        FaultyDisk counting = FaultyDisk.counting();
        assertThat(finish(counting).written()).hasSize(2);
        assertThat(listed()).containsExactly("chapter.mp3", "chapter.wav");
        assertThat(counting.steps())
                .containsSubsequence("create", "sync", "sync", "write", "sync", "publish", "publish");
        clear();
        for (int step = 0; step < counting.steps().size(); step++) {
            try {
                finish(FaultyDisk.failing(step, "Input/output error"));
            } catch (IOException e) {
                assertThat(e).hasMessageContaining("the disk reports an error").hasMessageContaining("choose another");
            }
            assertThat(visible()).as("step %d", step).isIn(Set.of(), Set.of("chapter.mp3", "chapter.wav"));
            Leftovers.tidy(ready, Disk.REAL);
            assertThat(listed()).as("step %d", step).isEqualTo(visible());
            checkWhole();
            clear();
        }
    }

    private Set<String> visible() throws IOException {
        return listed().stream().filter(n -> !n.startsWith(".")).collect(Collectors.toSet());
    }

    /** A kill at any step: what has its name is whole; the next finishing takes away the rest and needs no other name. */
    @Test
    void afterAKillAtAnyStepTheNextFinishingFindsAllInOrder() throws IOException {
        FaultyDisk counting = FaultyDisk.counting();
        finish(counting);
        clear();
        for (int step = 0; step < counting.steps().size(); step++) {
            FaultyDisk dying = FaultyDisk.deadFrom(step);
            try {
                finish(dying);
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
            checkWhole();
            Leftovers.tidy(ready, Disk.REAL);
            assertThat(listed())
                    .as("step %d: none, or both", step)
                    .isIn(Set.of(), Set.of("chapter.mp3", "chapter.wav"));
            boolean done = !listed().isEmpty();
            finish(Disk.REAL);
            assertThat(listed())
                    .isEqualTo(
                            done
                                    ? Set.of("chapter.mp3", "chapter.wav", "chapter (2).mp3", "chapter (2).wav")
                                    : Set.of("chapter.mp3", "chapter.wav"));
            checkWhole();
            clear();
        }
    }

    /** A disk that knows no second names, as memory cards: the files are moved, and nothing else changes. */
    @Test
    void whereThereAreNoSecondNamesFilesAreMoved() throws IOException {
        Disk card = new MovingDisk();
        assertThat(finish(card).written()).hasSize(2);
        assertThat(listed()).containsExactly("chapter.mp3", "chapter.wav");
        finish(card);
        assertThat(listed()).hasSize(4).contains("chapter (2).mp3");
        checkWhole();
    }

    @Test
    void aFolderThatIsALinkIsNotWrittenInto() throws IOException {
        Path theirs = Files.createDirectory(folder.resolve("theirs"));
        Files.createSymbolicLink(ready, theirs);
        assertThatThrownBy(() -> finish(Disk.REAL))
                .hasMessageContaining("is a link")
                .hasMessageContaining("leads to");
        assertThat(theirs).isEmptyDirectory();
    }

    /** What another process is still writing is left to it. */
    @Test
    void whatAnotherProcessWorksOnIsLeftAlone() throws IOException, InterruptedException {
        Process other = Processes.start(Finisher.class, recording.toString(), ready.toString(), "1000");
        other.inputReader(StandardCharsets.UTF_8).readLine();
        while (Files.notExists(ready) || listed().stream().noneMatch(n -> n.endsWith(".job"))) {
            Thread.onSpinWait();
        }
        Leftovers.tidy(ready, Disk.REAL);
        assertThat(other.isAlive()).isTrue();
        Processes.kill(other);
        Leftovers.tidy(ready, Disk.REAL);
        assertThat(listed()).noneMatch(n -> n.startsWith("."));
        checkWhole();
    }

    @Test
    void killedProcessesLeaveOnlyWholeFiles() throws IOException, InterruptedException {
        assertThat(kills(recording, ready, 6, 3)).isEqualTo(6);
    }

    /** Kills so many processes while they finish; returns after how many only whole files had names. */
    public static int kills(Path recording, Path ready, int count, long seed) throws IOException, InterruptedException {
        Random random = new Random(seed);
        int whole = 0;
        for (int i = 0; i < count; i++) {
            Process process = Processes.start(Finisher.class, recording.toString(), ready.toString(), "1000");
            BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
            int steps = random.nextInt(25);
            for (int line = 0; line <= steps && out.readLine() != null; line++) {
                // Each line is one step further.
                assertThat(process.isAlive()).isTrue();
            }
            Processes.kill(process);
            Leftovers.tidy(ready, Disk.REAL);
            List<Path> left;
            try (Stream<Path> files = Files.list(ready)) {
                left = files.toList();
            }
            boolean good = left.size() % 2 == 0
                    && left.stream().noneMatch(f -> f.getFileName().toString().startsWith("."));
            for (Path file : left) {
                Report measured = new FileRecordings().measure(file, Progress.NONE);
                good &= measured.info().durationS() > SECONDS;
                Files.delete(file);
            }
            whole += good ? 1 : 0;
        }
        return whole;
    }
}
