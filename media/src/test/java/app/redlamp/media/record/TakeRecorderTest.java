package app.redlamp.media.record;

import static app.redlamp.media.record.Takings.CLOCK;
import static app.redlamp.media.record.Takings.HASTY;
import static app.redlamp.media.record.Takings.MONO;
import static app.redlamp.media.record.Takings.order;
import static app.redlamp.media.record.Takings.until;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording.Ended;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Running;
import app.redlamp.core.port.TakeRecording.Trouble;
import app.redlamp.core.taking.raw.LostStretch;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.disk.Disk;
import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Takes on a disk that works, one that is full, one that is slow and one that is gone; every sample knows its place. */
@Timeout(120)
class TakeRecorderTest {
    @TempDir
    Path home;

    private Path production;
    private final MoodyDisk disk = new MoodyDisk();
    private final Takings.Told told = new Takings.Told();
    private final TakeRecorder recorder = new TakeRecorder(disk, HASTY, CLOCK);

    @BeforeEach
    void makeFolder() throws IOException {
        production = Files.createDirectory(home.resolve("Book"));
    }

    private Running begun(RecordingFormat format) throws IOException {
        return recorder.begin(order(production, format, Optional.empty()), told::add);
    }

    private static Kept only(Ended ended) {
        assertThat(ended.parts()).hasSize(1);
        assertThat(ended.unwritten()).isZero();
        return ended.parts().get(0);
    }

    private static String digest(Path file) throws IOException, NoSuchAlgorithmException {
        byte[] sum = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file));
        return String.format("%064x", new BigInteger(1, sum));
    }

    private List<String> left() throws IOException {
        try (Stream<Path> files = Files.list(production.resolve("raw"))) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    /** Bit for bit, read here byte by byte; and by the JDK's own reader, which is not ours. */
    @ParameterizedTest
    @CsvSource({"44100, 24, 1", "44100, 16, 1", "48000, 24, 2", "96000, 24, 3", "8000, 16, 1"})
    void whatComesInStandsInTheFileBitForBit(int rate, int bits, int channels)
            throws IOException, NoSuchAlgorithmException, UnsupportedAudioFileException {
        RecordingFormat format = new RecordingFormat(rate, bits, channels);
        long frames = rate + 77L;
        Running running = begun(format);
        Ramp.give(running.taker(), format, 0, frames);
        Kept kept = only(running.stop());
        assertThat(kept.file()).isEqualTo(production.resolve("raw/03 Rain - take 1.wav"));
        assertThat(Ramp.frames(kept.file(), format)).isEqualTo(frames);
        Ramp.assertHolds(kept.file(), format, 0, frames, 0);
        assertThat(Ramp.said(kept.file())).isEqualTo(frames * channels * bits / 8);
        assertThat(kept.take().frames()).isEqualTo(frames);
        assertThat(kept.take().sha256()).isEqualTo(digest(kept.file()));
        try (AudioInputStream theirs =
                AudioSystem.getAudioInputStream(kept.file().toFile())) {
            AudioFormat read = theirs.getFormat();
            assertThat(theirs.getFrameLength()).isEqualTo(frames);
            assertThat(read.getChannels()).isEqualTo(channels);
            assertThat(read.getSampleSizeInBits()).isEqualTo(bits);
        }
        Take take = kept.take().take();
        assertThat(take.file()).isEqualTo("raw/03 Rain - take 1.wav");
        assertThat(take.piece()).isEqualTo("Rain");
        assertThat(take.card()).contains("card-1");
        assertThat(take.recorded()).contains(LocalDateTime.of(2026, 3, 2, 18, 0));
        assertThat(take.marks()).isEmpty();
        assertThat(told.has(Trouble.STORE_FAULT)).isFalse();
    }

    /** No clock is asked for names: two takes in one second, and a clock that was set back, write over nothing. */
    @Test
    void takesInOneSecondAndAClockThatWasSetBackWriteOverNothing() throws IOException {
        for (int i = 0; i < 3; i++) {
            Clock clock = Clock.offset(CLOCK, Duration.ofHours(-i));
            Running running = new TakeRecorder(Disk.REAL, HASTY, clock)
                    .begin(order(production, MONO, Optional.empty()), told::add);
            Ramp.give(running.taker(), MONO, 0, 100L * (i + 1));
            Kept kept = only(running.stop());
            assertThat(kept.take().head().begun()).isEqualTo(LocalDateTime.of(2026, 3, 2, 18 - i, 0));
            recorder.settled(production, List.of(kept));
        }
        assertThat(left()).containsExactly("03 Rain - take 1.wav", "03 Rain - take 2.wav", "03 Rain - take 3.wav");
        for (int i = 0; i < 3; i++) {
            assertThat(Ramp.frames(production.resolve("raw/" + left().get(i)), MONO))
                    .isEqualTo(100L * (i + 1));
        }
    }

    /** At every moment the file is what its header says, up to a moment ago. */
    @Test
    void theFileIsTrueWhileItIsWritten() throws IOException {
        Running running = begun(MONO);
        Path file = production.resolve("raw/03 Rain - take 1.wav");
        for (int second = 1; second <= 5; second++) {
            Ramp.give(running.taker(), MONO, 8000L * (second - 1), 8000L * second);
            long wanted = 24_000L * second;
            until(() -> {
                try {
                    return Files.size(file) > 80 && Ramp.said(file) == wanted;
                } catch (IOException e) {
                    return false;
                }
            });
            Ramp.assertHolds(file, MONO, 0, 8000L * second, 0);
            AudioFiles.Opened opened = AudioFiles.open(file);
            assertThat(opened.info().durationS()).isEqualTo(second);
            opened.source().close();
        }
        only(running.stop());
    }

    /** What the device lost is silence of the same length, counted and marked; what came after has its place. */
    @Test
    void whatTheDeviceLostIsMarkedAndKeepsItsTime() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 4000);
        running.taker().take(new float[1][10], 0, 1600);
        Ramp.give(running.taker(), MONO, 5600, 8000);
        assertThat(running.frames()).isEqualTo(8000);
        Kept kept = only(running.stop());
        Ramp.assertHolds(kept.file(), MONO, 0, 4000, 0);
        Ramp.assertHolds(kept.file(), MONO, 4000, 1600, -1);
        Ramp.assertHolds(kept.file(), MONO, 5600, 2400, 5600);
        assertThat(kept.take().lost()).containsExactly(new LostStretch(4000, 1600));
        assertThat(kept.take().take().marks()).containsExactly(new Mark(0.5, 0.2, "lost", ""));
        assertThat(told.first(Trouble.LOST).figure()).isEqualTo(1600);
    }

    /** An hour of sleep is no hour of silence: a new part begins, and it is counted all the same. */
    @Test
    void aLongStretchThatIsMissingBeginsANewPart() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 4000);
        running.taker().take(new float[1][10], 0, 8000L * 3600);
        Ramp.give(running.taker(), MONO, 4000, 9000);
        List<Kept> parts = running.stop().parts();
        assertThat(parts).hasSize(2);
        Ramp.assertHolds(parts.get(0).file(), MONO, 0, 4000, 0);
        Ramp.assertHolds(parts.get(1).file(), MONO, 0, 5000, 4000);
        assertThat(parts.get(0).take().lost()).containsExactly(new LostStretch(4000, 8000L * 3600));
        assertThat(parts.get(0).take().cutOff()).isTrue();
        assertThat(parts.get(1).take().cutOff()).isFalse();
    }

    @Test
    void aDeviceThatComesBackBeginsANewPart() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 3001);
        running.mark("good", "");
        running.taker().ended(Capture.Fault.GONE);
        Ramp.give(running.taker(), MONO, 3001, 7000);
        running.mark("again", "the vowel");
        until(() ->
                production.resolve("raw/03 Rain - take 1, part 2.wav").toFile().length() == 80 + 3 * 3999);
        running.taker().ended(Capture.Fault.GONE);
        running.mark("note", "after the end");
        List<Kept> parts = running.stop().parts();
        assertThat(parts)
                .extracting(k -> k.take().head().name())
                .containsExactly("03 Rain - take 1.wav", "03 Rain - take 1, part 2.wav");
        Ramp.assertHolds(parts.get(0).file(), MONO, 0, 3001, 0);
        Ramp.assertHolds(parts.get(1).file(), MONO, 0, 3999, 3001);
        assertThat(parts.get(0).take().marks()).containsExactly(new Mark(3001 / 8000.0, "good", ""));
        assertThat(parts.get(1).take().marks())
                .containsExactly(
                        new Mark(3999 / 8000.0, "again", "the vowel"),
                        new Mark(3999 / 8000.0, "note", "after the end"));
        assertThat(parts.get(0).take().take().marks()).extracting(Mark::kind).contains("cut-off");
        assertThat(told.count(Trouble.PART)).isEqualTo(1);
    }

    /** Refused for a moment, with half of it written already: tried again, and nothing is there twice. */
    @Test
    void aDiskThatStumblesLosesNothing() throws IOException {
        Running running = begun(MONO);
        for (int i = 0; i < 20; i++) {
            disk.refuse(p -> true, "Input/output error");
            Ramp.give(running.taker(), MONO, 2000L * i, 2000L * (i + 1));
            if (i % 4 == 0) {
                until(() -> told.has(Trouble.STORE_FAULT));
            }
            disk.takeAll();
        }
        running.mark("page", "");
        Ended ended = running.stop();
        assertThat(ended.unwritten()).isZero();
        assertWhole(ended, 40_000);
        assertThat(told.first(Trouble.STORE_FAULT).detail()).contains("disk");
        assertThat(ended.parts().get(ended.parts().size() - 1).take().marks())
                .extracting(Mark::kind)
                .containsExactly("page");
    }

    /** All parts after each other are the ramp, once. */
    private static void assertWhole(Ended ended, long frames) throws IOException {
        long at = 0;
        for (Kept part : ended.parts()) {
            long count = part.take().frames();
            assertThat(Ramp.frames(part.file(), MONO)).isEqualTo(count);
            Ramp.assertHolds(part.file(), MONO, 0, count, at);
            at += count;
        }
        assertThat(at).isEqualTo(frames);
    }

    /** A drive that came back does not take what was open before: the old file is refused for good, new ones are not. */
    @Test
    void aDriveThatCameBackTakesANewPart() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 8000);
        Path first = production.resolve("raw/03 Rain - take 1.wav");
        until(() -> first.toFile().length() == 80 + 24_000);
        disk.refuse(p -> p.endsWith("03 Rain - take 1.wav"), "Stale file handle");
        Ramp.give(running.taker(), MONO, 8000, 20_000);
        until(() -> told.has(Trouble.PART));
        Ramp.give(running.taker(), MONO, 20_000, 30_000);
        Ended ended = running.stop();
        assertThat(ended.parts()).hasSize(2);
        assertWhole(ended, 30_000);
        assertThat(told.first(Trouble.STORE_FAULT).detail()).contains("network");
    }

    @Test
    void whereThePlaceIsGoneTheSecondTakesIt() throws IOException {
        Path backup = home.resolve("second");
        Running running = recorder.begin(order(production, MONO, Optional.of(backup)), told::add);
        Ramp.give(running.taker(), MONO, 0, 8000);
        until(() -> production.resolve("raw/03 Rain - take 1.wav").toFile().length() == 80 + 24_000);
        disk.refuse(p -> p.startsWith(production), "No such device");
        Ramp.give(running.taker(), MONO, 8000, 20_000);
        running.mark("noise", "a lorry");
        until(() -> told.has(Trouble.MOVED));
        Ramp.give(running.taker(), MONO, 20_000, 30_000);
        Ended ended = running.stop();
        assertWhole(ended, 30_000);
        Kept second = ended.parts().get(1);
        assertThat(second.file()).startsWith(backup);
        assertThat(second.home()).isFalse();
        assertThat(second.fault().orElseThrow()).contains("copy it by hand");
        assertThat(second.take().marks()).extracting(Mark::kind).containsExactly("noise");
        // The drive is back: what lies in the second place comes home.
        disk.takeAll();
        List<Kept> home =
                recorder.recover(production, Optional.of(backup), Progress.NONE).takes();
        assertThat(home).allMatch(Kept::home).allMatch(k -> k.fault().isEmpty());
        Path brought = production.resolve("raw/" + second.take().head().name());
        assertThat(brought).hasSameBinaryContentAs(second.file());
        recorder.settled(production, home);
        assertThat(recorder.recover(production, Optional.of(backup), Progress.NONE)
                        .takes())
                .isEmpty();
        assertThat(left()).containsExactly("03 Rain - take 1, part 2.wav", "03 Rain - take 1.wav");
    }

    /** A disk that takes nothing for longer than the ring holds: what is lost is counted, and the rest is there. */
    @Test
    void whatTheRingCannotHoldIsCounted() throws IOException {
        Running running = begun(MONO);
        disk.refuse(p -> true, "Input/output error");
        Ramp.give(running.taker(), MONO, 0, 8000L * 70);
        until(() -> running.lostFrames() > 0);
        disk.takeAll();
        until(() -> told.has(Trouble.STORE_BACK) || told.has(Trouble.PART));
        long heard = running.frames();
        until(() -> {
            Ramp.give(running.taker(), MONO, running.frames(), running.frames() + 80);
            return running.lostFrames() + 8000 < running.frames() && told.has(Trouble.LOST);
        });
        Ended ended = running.stop();
        long lost = ended.parts().stream().mapToLong(p -> p.take().lostFrames()).sum();
        assertThat(lost).isEqualTo(running.lostFrames()).isGreaterThan(8000L * 3);
        long written = ended.parts().stream().mapToLong(p -> p.take().frames()).sum();
        assertThat(written).isEqualTo(running.frames()).isGreaterThan(heard);
        assertThat(told.has(Trouble.BEHIND)).isTrue();
    }

    @Test
    void aDiskThatFillsIsSaidAndEndsTheTakeWithAllThatIsThere() throws IOException {
        Running running = begun(MONO);
        disk.leave((64L << 20) + 24_000L * 60 * 20);
        until(() -> told.has(Trouble.DISK_LOW));
        assertThat(told.first(Trouble.DISK_LOW).figure()).isEqualTo(19);
        Ramp.give(running.taker(), MONO, 0, 9000);
        disk.leave(64L << 20);
        until(running::over);
        Kept kept = only(running.stop());
        Ramp.assertHolds(kept.file(), MONO, 0, 9000, 0);
        assertThat(kept.take().cutOff()).isTrue();
        assertThat(told.count(Trouble.DISK_LOW)).isEqualTo(1);
        assertThat(told.has(Trouble.DISK_FULL)).isTrue();
        assertThatThrownBy(() -> begun(MONO)).hasMessageContaining("no room").hasMessageContaining("make room");
    }

    @Test
    void aDiskThatFillsSendsTheTakeToTheSecondPlace() throws IOException {
        Path backup = home.resolve("second");
        Running running = recorder.begin(order(production, MONO, Optional.of(backup)), told::add);
        Ramp.give(running.taker(), MONO, 0, 9000);
        disk.leave(p -> p.startsWith(production), 64L << 20);
        until(() -> told.has(Trouble.MOVED));
        Ramp.give(running.taker(), MONO, 9000, 12_000);
        Ended ended = running.stop();
        assertWhole(ended, 12_000);
        assertThat(ended.parts()).allMatch(Kept::home);
        assertThat(running.over()).isFalse();
    }

    /** Copied to the second place and read again there; a disk that does not keep what it is given is told. */
    @Test
    void theCopyIsReadAgain() throws IOException {
        Path backup = home.resolve("second");
        Running running = recorder.begin(order(production, MONO, Optional.of(backup)), told::add);
        Ramp.give(running.taker(), MONO, 0, 9000);
        Kept kept = only(running.stop());
        assertThat(kept.fault()).isEmpty();
        Path copy = backup.resolve("Book/raw/03 Rain - take 1.wav");
        assertThat(copy).hasSameBinaryContentAs(kept.file());
        disk.spoil(p -> p.startsWith(backup));
        Running again = recorder.begin(order(production, MONO, Optional.of(backup)), told::add);
        Ramp.give(again.taker(), MONO, 0, 9000);
        Kept spoilt = only(again.stop());
        assertThat(spoilt.fault().orElseThrow()).contains("does not keep what is written");
        assertThat(backup.resolve("Book/raw/03 Rain - take 2.wav")).doesNotExist();
        Ramp.assertHolds(spoilt.file(), MONO, 0, 9000, 0);
    }

    @Test
    void aTakeThatIsClosedIsClosedToChanges() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 100);
        Kept kept = only(running.stop());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(kept.file())))
                .doesNotContain("w");
    }

    @Test
    void aTakeOfNothingLeavesNothing() throws IOException {
        Running running = begun(MONO);
        Ended ended = running.stop();
        assertThat(ended.parts()).isEmpty();
        assertThat(left()).isEmpty();
    }

    @Test
    void aFolderThatTakesNothingIsSaidBeforeAnythingIsHeard() throws IOException {
        disk.refuse(p -> p.startsWith(production.resolve("raw/")) && !p.endsWith("raw"), "Read-only file system");
        assertThatThrownBy(() -> begun(MONO))
                .hasMessageContaining("cannot be begun")
                .hasMessageContaining("write-protected");
        assertThat(left()).isEmpty();
        disk.takeAll();
        Path other = Files.createDirectory(home.resolve("Other"));
        Files.createFile(other.resolve("raw"));
        assertThatThrownBy(() -> recorder.begin(order(other, MONO, Optional.empty()), told::add))
                .hasMessageContaining("raw");
    }

    @Test
    void whereNoLongNameIsTakenAShortOneIs() throws IOException {
        disk.longestName(30);
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 100);
        assertThat(only(running.stop()).take().head().name()).isEqualTo("03 - take 1.wav");
    }

    /** A disk on which files can be begun and nothing written in them does not fill with empty parts. */
    @Test
    void aDiskThatOnlyBeginsFilesGetsFewOfThem() throws IOException {
        Running running = begun(MONO);
        disk.refuse(p -> p.toString().endsWith(".wav") && Files.exists(p), "Input/output error");
        Ramp.give(running.taker(), MONO, 0, 8000);
        until(() -> told.has(Trouble.STORE_FAULT));
        Ended ended = running.stop();
        assertThat(ended.parts()).isEmpty();
        assertThat(ended.unwritten()).isEqualTo(8000);
        assertThat(told.count(Trouble.PART)).isLessThan(5);
    }

    /** The disk refuses just where a long stretch is missing: what comes after it is a new part all the same. */
    @Test
    void aLongStretchIsNotClosedWhereTheDiskStumbles() throws IOException {
        for (int i = 0; i < 10; i++) {
            Running running = begun(MONO);
            Ramp.give(running.taker(), MONO, 0, 4000);
            disk.refuse(p -> true, "Input/output error");
            running.taker().take(new float[1][10], 0, 8000L * 3600);
            Ramp.give(running.taker(), MONO, 4000, 9000);
            until(() -> told.has(Trouble.LOST));
            disk.takeAll();
            List<Kept> parts = running.stop().parts();
            long lost = parts.stream().mapToLong(p -> p.take().lostFrames()).sum();
            assertThat(lost).isEqualTo(8000L * 3600);
            long at = 0;
            for (Kept part : parts) {
                long from = at;
                at += part.take().frames();
                Ramp.assertHolds(part.file(), MONO, 0, at - from, from);
                assertThat(at <= 4000 || from >= 4000)
                        .as("from %d to %d", from, at)
                        .isTrue();
            }
            assertThat(at).isEqualTo(9000);
            recorder.settled(production, parts);
        }
    }

    /** Ended while the disk takes nothing: tried for a while, then what is there is kept and the rest is said. */
    @Test
    void whatNoPlaceTookIsSaid() throws IOException {
        Running running = begun(MONO);
        Ramp.give(running.taker(), MONO, 0, 8000);
        until(() -> production.resolve("raw/03 Rain - take 1.wav").toFile().length() == 80 + 24_000);
        disk.refuse(p -> true, "Input/output error");
        Ramp.give(running.taker(), MONO, 8000, 10_000);
        Ended ended = running.stop();
        assertThat(ended.unwritten()).isEqualTo(2000);
        assertThat(ended.parts()).hasSize(1);
        assertThat(ended.parts().get(0).take().frames()).isEqualTo(8000);
        assertThat(ended.parts().get(0).take().cutOff()).isTrue();
    }
}
