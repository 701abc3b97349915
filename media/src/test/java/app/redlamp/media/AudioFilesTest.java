package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AudioFilesTest {
    @TempDir
    Path folder;

    private final FileRecordings recordings = new FileRecordings();

    @Test
    void whatCannotBeReadSaysInOneLineWhatToDo() throws IOException {
        assertFault(folder.resolve("gone.wav"), "is not there; check the name");
        assertFault(folder, "is a folder");
        assertFault(Files.createFile(folder.resolve("empty.wav")), "is empty (0 bytes)");
        assertFault(Files.writeString(folder.resolve("words.wav"), "These are words, not sound.".repeat(50)), "no");
        assertFault(
                Files.write(folder.resolve("noise.mp3"), randomBytes(50_000, 1)),
                "is not a sound file that can be read; export it as WAV");
    }

    /** A list of other files or addresses is not sound, whatever it calls itself. */
    @ParameterizedTest
    @ValueSource(strings = {"list.m3u8", "list.mp3", "list.txt", "list.wav"})
    void playlistsOpenNothing(String name) throws IOException {
        Path other = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        String list = "#EXTM3U\n#EXT-X-VERSION:3\n#EXT-X-TARGETDURATION:10\n#EXTINF:10,\n" + other.toUri()
                + "\n#EXT-X-ENDLIST\n";
        Path file = Files.writeString(folder.resolve(name), list);
        assertThatExceptionOfType(IOException.class).isThrownBy(() -> recordings.measure(file, Progress.NONE));
        Path concat = Files.writeString(folder.resolve("c-" + name), "ffconcat version 1.0\nfile " + other + "\n");
        assertThatExceptionOfType(IOException.class).isThrownBy(() -> recordings.measure(concat, Progress.NONE));
    }

    @Test
    void codedFilesAreReadWhole() throws IOException {
        Report report = recordings.measure(DemoVoice.file(DemoVoice.NAMES.get(0), folder), Progress.NONE);
        assertThat(report.info().container()).isEqualTo("flac");
        assertThat(report.info().codec()).isEqualTo("flac");
        assertThat(report.info().bitDepth()).hasValue(16);
        assertThat(report.info().sampleRateHz()).isEqualTo(32_000);
        // 642,494 frames, as the file's own header says.
        assertThat(report.info().durationS()).isCloseTo(642_494 / 32_000.0, within(1e-6));
        assertThat(report.samplePeakDbfs().orElseThrow()).isCloseTo(-3, within(0.01));
    }

    @Test
    void aCutOffCodedFileIsAFault() throws IOException {
        byte[] whole = Files.readAllBytes(DemoVoice.file(DemoVoice.NAMES.get(1), folder));
        Path half = Files.write(folder.resolve("half.flac"), Arrays.copyOf(whole, whole.length / 2));
        assertThatExceptionOfType(ReadFault.class)
                .isThrownBy(() -> recordings.measure(half, Progress.NONE))
                .withMessageContaining("is cut off");
    }

    /** Damaged in the middle: read as far as possible or refused in one line, but never worse. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void damagedFilesDoNoHarm(long seed) throws IOException {
        byte[] bytes = Files.readAllBytes(DemoVoice.file(DemoVoice.NAMES.get(4), folder));
        Random random = new Random(seed);
        for (int k = 0; k < 30; k++) {
            bytes[random.nextInt(k < 10 ? 200 : bytes.length)] = (byte) random.nextInt(256);
        }
        Path damaged = Files.write(folder.resolve("damaged.flac"), bytes);
        try {
            Report report = recordings.measure(damaged, Progress.NONE);
            assertThat(report.info().durationS()).isBetween(0.0, 3600.0);
        } catch (IOException e) {
            assertThat(e.getMessage()).isNotBlank().doesNotContain("\n");
        }
    }

    @Test
    void cancellingStopsTheReading() throws IOException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        Progress cancelled = new Cancelled();
        assertThatExceptionOfType(CancellationException.class).isThrownBy(() -> recordings.measure(file, cancelled));
    }

    @Test
    void strangeNamesAreOnlyNames() throws IOException {
        Path source = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        for (String name :
                new String[] {"a%20b.flac", "concat:x|y.flac", "–ümläut ’ 1.flac", "-dash.flac", "a#b?c.flac"}) {
            Path odd = Files.copy(source, folder.resolve(name));
            assertThat(recordings.measure(odd, Progress.NONE).info().sampleRateHz())
                    .isEqualTo(32_000);
        }
    }

    private void assertFault(Path file, String message) {
        assertThatExceptionOfType(ReadFault.class)
                .isThrownBy(() -> recordings.measure(file, Progress.NONE))
                .withMessageContaining(message)
                .satisfies(e -> assertThat(e.getMessage().getBytes(StandardCharsets.UTF_8))
                        .doesNotContain((byte) '\n'));
    }

    private static byte[] randomBytes(int count, long seed) {
        byte[] bytes = new byte[count];
        new Random(seed).nextBytes(bytes);
        return bytes;
    }
}
