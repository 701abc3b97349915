package app.redlamp.media.cache;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.disk.Owners;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RememberingRecordingsTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    private int measured;
    private final Recordings counting = (file, progress) -> {
        measured++;
        return new FileRecordings().measure(file, progress);
    };

    @Test
    void theSameContentIsMeasuredOnceWhereverItLies() throws IOException {
        Path file = recording("a.wav", 1);
        RememberingRecordings recordings = recordings();
        Report first = recordings.measure(file, Progress.NONE);
        assertThat(recordings.measure(file, Progress.NONE)).isEqualTo(first);
        Path moved = Files.copy(file, folder.resolve("b.wav"));
        assertThat(recordings().measure(moved, Progress.NONE)).isEqualTo(first);
        assertThat(measured).isEqualTo(1);
    }

    /** Same name, same size, and even the same second of change: other content is measured anew. */
    @Test
    void aChangedFileIsMeasuredAnew() throws IOException {
        Path file = recording("a.wav", 1);
        RememberingRecordings recordings = recordings();
        Report first = recordings.measure(file, Progress.NONE);
        FileTime before = Files.getLastModifiedTime(file);
        Files.delete(file);
        recording("a.wav", 2);
        Files.setLastModifiedTime(file, FileTime.fromMillis(before.toMillis() + 1));
        assertThat(recordings.measure(file, Progress.NONE)).isNotEqualTo(first);
        assertThat(measured).isEqualTo(2);
    }

    /** Three hundred ways in which a disk, or somebody, changes what was kept: none of them gives other figures. */
    @Test
    void whatIsNoLongerWhatWasWrittenIsMeasuredAgain() throws IOException {
        Path file = recording("a.wav", 1);
        Report first = recordings().measure(file, Progress.NONE);
        Random random = new Random(26);
        for (String ending : List.of(".report", ".hash")) {
            Path kept = kept(ending);
            byte[] whole = Files.readAllBytes(kept);
            for (int i = 0; i < 150; i++) {
                int before = measured;
                Files.write(kept, corrupted(whole, random, i % 3));
                assertThat(recordings().measure(file, Progress.NONE)).isEqualTo(first);
                if (ending.equals(".report")) {
                    assertThat(measured).as("corruption %d", i).isEqualTo(before + 1);
                }
                assertThat(kept).hasBinaryContent(whole);
            }
        }
    }

    /** Cut off, one bit the other way, or something else from somewhere on. */
    private static byte[] corrupted(byte[] whole, Random random, int way) {
        int at = random.nextInt(whole.length);
        byte[] bytes = way == 0 ? Arrays.copyOf(whole, at) : whole.clone();
        if (way == 1) {
            bytes[at] ^= (byte) (1 << random.nextInt(8));
        } else if (way == 2) {
            for (int i = at; i < bytes.length; i++) {
                bytes[i] ^= (byte) (1 + random.nextInt(255));
            }
        }
        return bytes;
    }

    private Path kept(String ending) throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("kept/measured"))) {
            List<Path> found = files.filter(f -> f.toString().endsWith(ending)).toList();
            assertThat(found).hasSize(1);
            return found.get(0);
        }
    }

    /** A file destroyed in place: same name, same size, same time, other sound. */
    @Test
    void aFileDestroyedInPlaceDoesNotShowItsOldFigures() throws IOException {
        Path file = recording("a.wav", 1);
        RememberingRecordings recordings = recordings();
        Report first = recordings.measure(file, Progress.NONE);
        FileTime before = Files.getLastModifiedTime(file);
        byte[] bytes = Files.readAllBytes(file);
        Arrays.fill(bytes, bytes.length / 3, bytes.length, (byte) 0);
        Files.write(file, bytes);
        Files.setLastModifiedTime(file, before);
        assertThat(recordings.measure(file, Progress.NONE)).isNotEqualTo(first);
    }

    /** A report that came with somebody's folder is not ours, whatever it says; nothing is kept in there either. */
    @Test
    void nothingIsKeptInAProduction() throws IOException {
        Path production = Files.createDirectories(folder.resolve("Book/raw"));
        Files.writeString(folder.resolve("Book/production.json"), "{}");
        Path file = Files.move(recording("a.wav", 1), production.resolve("a.wav"));
        recordings().measure(file, Progress.NONE);
        assertThat(folder.resolve("Book/.measured")).doesNotExist();
        assertThat(folder.resolve("kept/measured")).isNotEmptyDirectory();
    }

    /** Tidying a folder in which there is much else deletes only the oldest of what was kept there. */
    @Test
    void tidyingLeavesWhatIsNotOurs() throws IOException {
        Path kept = Files.createDirectories(folder.resolve("kept/measured"));
        for (int i = 0; i < 4_200; i++) {
            Files.createFile(kept.resolve(String.format("%064x.json", i)));
            Files.createFile(kept.resolve("poem-" + i + ".report"));
        }
        Path elsewhere = Files.writeString(folder.resolve("elsewhere"), "mine");
        Files.createSymbolicLink(kept.resolve("0".repeat(64) + ".report"), elsewhere);
        recordings().measure(recording("a.wav", 1), Progress.NONE);
        try (Stream<Path> files = Files.list(kept)) {
            assertThat(files.filter(f -> !f.toString().endsWith(".hash"))).hasSize(8_402);
        }
        assertThat(elsewhere).hasContent("mine");
    }

    @Test
    void aFolderThatCannotBeWrittenOnlyCostsMeasuring() throws IOException {
        Path file = recording("a.wav", 1);
        Path blocked = Files.writeString(folder.resolve("blocked"), "a file where the folder should be");
        RememberingRecordings recordings = new RememberingRecordings(counting, blocked);
        Report first = recordings.measure(file, Progress.NONE);
        assertThat(recordings.measure(file, Progress.NONE)).isEqualTo(first);
        assertThat(measured).isEqualTo(2);
    }

    /** Figures that others could lay there are not shown: the folder was open, is a link, or is somebody else's. */
    @Test
    void whatOthersMayHaveLaidThereIsNotShown() throws IOException {
        Path file = recording("a.wav", 1);
        Report other = new FileRecordings().measure(recording("b.wav", 2), Progress.NONE);
        new RememberingRecordings((f, progress) -> other, folder.resolve("kept")).measure(file, Progress.NONE);
        Path kept = folder.resolve("kept/measured");
        assertThat(recordings().measure(file, Progress.NONE))
                .as("what is ours is shown")
                .isEqualTo(other);

        Path planted = Files.move(kept, folder.resolve("planted"));
        Files.createSymbolicLink(kept, planted);
        assertThat(recordings().measure(file, Progress.NONE)).isNotEqualTo(other);

        Files.delete(kept);
        Files.move(planted, kept);
        Object user = Files.getAttribute(kept, "unix:uid");
        if (Owners.given(kept, 12_345)) {
            assertThat(recordings().measure(file, Progress.NONE)).isNotEqualTo(other);
            Files.setAttribute(kept, "unix:uid", user);
        }
        assertThat(kept(".report")).exists();

        Files.setPosixFilePermissions(kept, PosixFilePermissions.fromString("rwxrwxrwx"));
        assertThat(recordings().measure(file, Progress.NONE)).isNotEqualTo(other);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(kept)))
                .isEqualTo("rwx------");
        int before = measured;
        recordings().measure(file, Progress.NONE);
        assertThat(measured).as("remembered again, in a folder of our own").isEqualTo(before);
    }

    private RememberingRecordings recordings() {
        return new RememberingRecordings(counting, folder.resolve("kept"));
    }

    private Path recording(String name, long seed) throws IOException {
        Path file = folder.resolve(name);
        float[] voice = Signals.join(
                Signals.noise(-60, 0.4, RATE, seed),
                Signals.noise(-20, 0.8, RATE, seed),
                Signals.noise(-60, 0.4, RATE, seed));
        try (WavWriter writer = new WavWriter(file, RATE, 1, 16)) {
            writer.accept(new float[][] {voice}, voice.length);
        }
        return file;
    }
}
