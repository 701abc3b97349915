package app.redlamp.media.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.ffmpeg.DecodedFile;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WavWriterTest {
    @TempDir
    Path folder;

    /** What is written is what our reader and the codec library read, within the dither of the last bit. */
    @ParameterizedTest
    @CsvSource({"16,1,44100", "24,1,44100", "16,2,48000", "24,2,48000", "24,1,8000"})
    void writtenSamplesComeBack(int bits, int channels, int rate) throws IOException {
        float[] tone = Signals.sine(441, -6, 0.7, rate);
        float[] other = Signals.sine(300, -9, 0.7, rate);
        float[][] block = channels == 1 ? new float[][] {tone} : new float[][] {tone, other};
        Path file = folder.resolve("tone.wav");
        try (WavWriter writer = new WavWriter(file, rate, channels, bits)) {
            writer.accept(block, tone.length);
        }
        // Size of the sound: rate × bytes × channels × seconds; 80 bytes of header before it, 36 of them kept for a
        // file that outgrows 4 GiB.
        assertThat(Files.size(file)).isEqualTo(80 + Math.round(rate * 0.7) * channels * (bits / 8));
        double steps = 2.001 * Math.pow(2, 1 - bits);
        AudioFiles.Opened ours = AudioFiles.open(file);
        assertThat(ours.source()).isInstanceOf(WavReader.class);
        assertSame(ours.source(), block, steps);
        DecodedFile theirs = new DecodedFile(file);
        assertThat(theirs.info().bitDepth()).hasValue(bits);
        assertThat(theirs.info().channels()).isEqualTo(channels);
        assertSame(theirs, block, steps);
    }

    /** Pulled out in the middle: nothing was closed, yet what had reached the disk can be read. */
    @Test
    void whatWasWrittenBeforeAKillIsReadable() throws IOException {
        Path file = folder.resolve("killed.wav");
        float[] tone = Signals.sine(441, -6, 2, 44_100);
        WavWriter writer = new WavWriter(file, 44_100, 1, 24);
        writer.accept(new float[][] {tone}, tone.length);
        Path copy = Files.copy(file, folder.resolve("found.wav"));
        writer.close();
        try (AudioSource source = AudioFiles.open(copy).source()) {
            float[] found = Signals.readAll(source, 4096)[0];
            assertThat(found.length).isGreaterThan(tone.length - 25_000);
            assertThat(found[10_000]).isCloseTo(tone[10_000], within(1e-5f));
        }
    }

    @Test
    void aFileThatIsThereIsNeverWrittenOver() throws IOException {
        Path file = Files.writeString(folder.resolve("take.wav"), "precious");
        assertThatExceptionOfType(FileAlreadyExistsException.class)
                .isThrownBy(() -> new WavWriter(file, 44_100, 1, 24).close());
        assertThat(file).hasContent("precious");
    }

    @Test
    void otherDepthsAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new WavWriter(folder.resolve("x.wav"), 44_100, 1, 20).close())
                .withMessageContaining("16 or 24");
        assertThat(folder.resolve("x.wav")).doesNotExist();
    }

    private static void assertSame(AudioSource source, float[][] expected, double tolerance) throws IOException {
        try (source) {
            float[][] read = Signals.readAll(source, 1000);
            for (int c = 0; c < expected.length; c++) {
                assertThat(read[c]).hasSameSizeAs(expected[c]);
                for (int i = 0; i < read[c].length; i++) {
                    assertThat(Math.abs(read[c][i] - expected[c][i])).isLessThanOrEqualTo((float) tolerance);
                }
            }
        }
    }
}
