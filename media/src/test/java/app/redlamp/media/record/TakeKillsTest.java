package app.redlamp.media.record;

import static app.redlamp.media.record.Takings.CLOCK;
import static app.redlamp.media.record.Takings.HASTY;
import static app.redlamp.media.record.Takings.MONO;
import static app.redlamp.media.record.Takings.order;
import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Recovered;
import app.redlamp.core.port.TakeRecording.Running;
import app.redlamp.media.Processes;
import app.redlamp.media.disk.Disk;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Killed at any moment, or the power gone: everything up to the last second is got back. */
@Timeout(120)
public class TakeKillsTest {
    /** Frames that a process gives in the second before it is killed, five times faster than a real one. */
    private static final long LAST_SECOND = 5L * 44_100;

    @TempDir
    Path home;

    private Path production;
    private final TakeRecorder recorder = new TakeRecorder(Disk.REAL, HASTY, CLOCK);

    @BeforeEach
    void makeFolder() throws IOException {
        production = Files.createDirectory(home.resolve("Book"));
    }

    private List<Kept> recovered() throws IOException {
        return recorder.recover(production, Optional.empty(), Progress.NONE).takes();
    }

    /** A take of so many frames whose process has gone: its journal is still there, and its file is open to changes. */
    private Path cutOff(RecordingFormat format, long frames, long bytes) throws IOException {
        Running running = recorder.begin(order(production, format, Optional.empty()), news -> {});
        Ramp.give(running.taker(), format, 0, frames);
        running.mark("click", "");
        Path file = running.stop().parts().get(0).file();
        assertThat(file.toFile().setWritable(true)).isTrue();
        Path journal = TakeJournal.of(file);
        Files.writeString(journal, Files.readString(journal).replace("{\"kind\":\"ended\"}\n", ""));
        try (FileChannel cut = FileChannel.open(file, StandardOpenOption.WRITE)) {
            cut.truncate(bytes);
        }
        return file;
    }

    /** Cut at every byte of its end, in the middle of samples and frames: all whole frames are there, and nothing else. */
    @Test
    void whereverItIsCutAllWholeFramesAreThere() throws IOException {
        RecordingFormat stereo = new RecordingFormat(8000, 24, 2);
        long whole = 80 + 6L * 500;
        for (long bytes = whole - 14; bytes <= whole; bytes++) {
            Path file = cutOff(stereo, 500, bytes);
            List<Kept> kept = recovered();
            long frames = (bytes - 80) / 6;
            assertThat(kept).singleElement().satisfies(k -> {
                assertThat(k.take().frames()).isEqualTo(frames);
                assertThat(k.take().cutOff()).isTrue();
                assertThat(k.take().marks()).extracting(Mark::kind).containsExactly("click");
                assertThat(k.take().head().piece()).isEqualTo("Rain");
            });
            assertThat(Ramp.said(file)).isEqualTo(frames * 6);
            assertThat(Files.size(file)).isEqualTo(80 + frames * 6);
            Ramp.assertHolds(file, stereo, 0, frames, 0);
            recorder.settled(production, kept);
            assertThat(recovered()).isEmpty();
        }
    }

    /** A journal with nothing beside it, or with a header alone, is of no take. */
    @Test
    void whereNothingWasHeardNothingIsLeft() throws IOException {
        for (long bytes : new long[] {0, 40, 80, 82}) {
            cutOff(MONO, 100, bytes);
            assertThat(recovered()).isEmpty();
            try (Stream<Path> files = Files.list(production.resolve("raw"))) {
                assertThat(files).isEmpty();
            }
        }
        Files.delete(cutOff(MONO, 100, 200));
        assertThat(recovered()).isEmpty();
    }

    /** Killed after the take was closed and before the production knew of it: it is offered again, as it is. */
    @Test
    void aTakeThatWasClosedIsOfferedUntilTheProductionKnowsIt() throws IOException {
        Running running = recorder.begin(order(production, MONO, Optional.empty()), news -> {});
        Ramp.give(running.taker(), MONO, 0, 1001);
        Kept closed = running.stop().parts().get(0);
        for (int i = 0; i < 2; i++) {
            assertThat(recovered()).singleElement().satisfies(k -> {
                assertThat(k.take().sha256()).isEqualTo(closed.take().sha256());
                assertThat(k.take().frames()).isEqualTo(1001);
                assertThat(k.take().cutOff()).isFalse();
            });
        }
        recorder.settled(production, List.of(closed));
        assertThat(recovered()).isEmpty();
    }

    /** A line of the journal that was cut off, or that a newer version wrote, spoils no other. */
    @Test
    void aJournalThatWasCutOffStillTellsTheRest() throws IOException {
        Path file = cutOff(MONO, 1000, 80 + 3 * 700);
        Path journal = TakeJournal.of(file);
        String text = Files.readString(journal);
        Files.writeString(
                journal, text + "{\"kind\":\"unheard-of\",\"a\":1}\n" + text.split("\n", -1)[1].substring(0, 20));
        assertThat(recovered())
                .singleElement()
                .satisfies(k -> assertThat(k.take().marks()).hasSize(1));
        Files.writeString(journal, "half of nothing");
        Path other = cutOff(MONO, 1000, 80 + 3 * 600);
        Recovered recovered = recorder.recover(production, Optional.empty(), Progress.NONE);
        assertThat(recovered.takes()).extracting(Kept::file).containsExactly(other);
        assertThat(recovered.faults())
                .singleElement()
                .asString()
                .contains("is no journal of a take")
                .contains("salvage");
        assertThat(file).exists();
        assertThat(journal).exists();
    }

    /** A journal beside somebody's own recording changes nothing of it, nor of what has a second name elsewhere. */
    @Test
    void aFileOfAnotherKindStaysAsItIs() throws IOException {
        Path own = cutOff(MONO, 1000, 80 + 3 * 700);
        byte[] theirs = Files.readAllBytes(own);
        theirs[36 + 14] = 2;
        Files.write(own, theirs);
        Path elsewhere = cutOff(MONO, 1000, 80 + 3 * 700 + 1);
        Files.createLink(home.resolve("mine.wav"), elsewhere);
        byte[] mine = Files.readAllBytes(elsewhere);
        Recovered recovered = recorder.recover(production, Optional.empty(), Progress.NONE);
        assertThat(recovered.takes()).isEmpty();
        assertThat(recovered.faults()).hasSize(2);
        assertThat(own).hasBinaryContent(theirs);
        assertThat(home.resolve("mine.wav")).hasBinaryContent(mine);
    }

    /** What others laid there under the name of a journal: a link, a folder, a take elsewhere. */
    @Test
    void noJournalLeadsElsewhere() throws IOException {
        Path raw = Files.createDirectory(production.resolve("raw"));
        Path secret = Files.writeString(home.resolve("secret.wav"), "not ours to change");
        Files.createSymbolicLink(raw.resolve(".take-a.wav.jsonl"), secret);
        Files.createDirectory(raw.resolve(".take-b.wav.jsonl"));
        Files.writeString(raw.resolve(".take-c.wav.jsonl"), "{}");
        Files.createSymbolicLink(raw.resolve("c.wav"), secret);
        assertThat(recovered()).isEmpty();
        assertThat(secret).hasContent("not ours to change");
    }

    @Test
    void aKilledProcessLosesNothingBeforeItsLastSecond() throws IOException, InterruptedException {
        assertThat(kills(production, 5, 23)).isEqualTo(5);
    }

    /** Kills so many processes while they record; returns of how many everything up to the last second was got back. */
    public static int kills(Path production, int count, long seed) throws IOException, InterruptedException {
        Random random = new Random(seed);
        TakeRecorder recorder = new TakeRecorder(Clock.systemUTC());
        int whole = 0;
        for (int i = 0; i < count; i++) {
            Process process = Processes.start(Recording.class, production.toString());
            long given = givenBefore(process, random.nextInt(230_000, 700_000));
            List<Kept> kept = recorder.recover(production, Optional.empty(), Progress.NONE)
                    .takes();
            assertThat(kept).hasSize(1);
            long frames = kept.get(0).take().frames();
            Ramp.assertHolds(kept.get(0).file(), Recording.FORMAT, 0, frames, 0);
            whole += frames >= given - LAST_SECOND && frames > 0 ? 1 : 0;
            recorder.settled(production, kept);
        }
        return whole;
    }

    /** Kills a process after so many frames; returns the last of which it spoke. */
    private static long givenBefore(Process process, long frames) throws IOException, InterruptedException {
        long given = 0;
        BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
        assertThat(out.readLine()).isEqualTo("open");
        while (given < frames) {
            given = Long.parseLong(out.readLine());
        }
        Processes.kill(process);
        return given;
    }
}
