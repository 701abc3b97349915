package app.redlamp.media.cache;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
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

    @Test
    void damagedOrOldReportsAreMeasuredAgain() throws IOException {
        Path file = recording("a.wav", 1);
        Report first = recordings().measure(file, Progress.NONE);
        List<Path> kept;
        try (Stream<Path> files = Files.list(folder.resolve("kept"))) {
            kept = files.filter(f -> f.toString().endsWith(".json")).toList();
        }
        assertThat(kept).hasSize(1);
        String whole = Files.readString(kept.get(0));
        for (String broken : List.of(
                "",
                "{",
                "null",
                "[]",
                whole.substring(0, whole.length() / 2),
                whole.replace("\"version\":1", "\"version\":0"))) {
            Files.writeString(kept.get(0), broken);
            assertThat(recordings().measure(file, Progress.NONE)).isEqualTo(first);
        }
        assertThat(measured).isEqualTo(7);
    }

    /** What belongs to a production is kept beside it. */
    @Test
    void besideTheProduction() throws IOException {
        Path production = Files.createDirectories(folder.resolve("Book/raw"));
        Files.writeString(folder.resolve("Book/production.json"), "{}");
        Path file = Files.move(recording("a.wav", 1), production.resolve("a.wav"));
        recordings().measure(file, Progress.NONE);
        assertThat(folder.resolve("Book/.measured")).isNotEmptyDirectory();
        assertThat(folder.resolve("kept")).doesNotExist();
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

    private RememberingRecordings recordings() {
        return new RememberingRecordings(counting, folder.resolve("kept"));
    }

    private Path recording(String name, long seed) throws IOException {
        Path file = folder.resolve(name);
        float[] voice = Signals.join(
                Signals.noise(-60, 1, RATE, seed),
                Signals.noise(-20, 2, RATE, seed),
                Signals.noise(-60, 1, RATE, seed));
        try (WavWriter writer = new WavWriter(file, RATE, 1, 16)) {
            writer.accept(new float[][] {voice}, voice.length);
        }
        return file;
    }
}
