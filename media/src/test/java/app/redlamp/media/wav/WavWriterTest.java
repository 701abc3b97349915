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
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

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

    /** What came out of a converter goes into the file bit for bit, at every value, full scale and back. */
    @ParameterizedTest
    @ValueSource(ints = {16, 24})
    void rawTakesAreWrittenBitForBit(int bits) throws IOException {
        int most = 1 << (bits - 1);
        SplittableRandom random = new SplittableRandom(bits);
        int[] values = new int[60_000];
        for (int i = 0; i < values.length; i++) {
            values[i] = switch (i % 4) {
                case 0 -> random.nextInt(-most, most);
                case 1 -> most - 1 - i % 50;
                case 2 -> -most + i % 50;
                default -> i % 64 - 32;
            };
        }
        Path file = folder.resolve("raw-" + bits + ".wav");
        float[][] block = new float[1][values.length];
        for (int i = 0; i < values.length; i++) {
            block[0][i] = (float) values[i] / most;
        }
        try (WavWriter writer = new WavWriter(file, 48_000, 1, SampleCoding.exact(bits))) {
            writer.accept(block, values.length);
        }
        ByteBuffer bytes = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
        bytes.position(bytes.capacity() - values.length * (bits / 8));
        for (int value : values) {
            int low = bits == 16 ? bytes.getShort() : bytes.getShort() & 0xffff;
            int read = bits == 16 ? low : low | bytes.get() << 16;
            assertThat(read).isEqualTo(value);
        }
    }

    /** 32 bits hold what a float holds, and floats hold what is above full scale too. */
    @Test
    void thirtyTwoBitsHoldEveryFloat() throws IOException {
        float[][] block = {{0, 1f / 3, -0.999999f, 0.001953125f, 0.5f, -1f}};
        Path integers = folder.resolve("i32.wav");
        Path floats = folder.resolve("f32.wav");
        try (WavWriter writer = new WavWriter(integers, 44_100, 1, SampleCoding.exact(32));
                WavWriter other = new WavWriter(floats, 44_100, 1, SampleCoding.floats())) {
            writer.accept(block, block[0].length);
            other.accept(block, block[0].length);
            other.accept(new float[][] {{2.5f}}, 1);
        }
        for (Path file : List.of(integers, floats)) {
            try (AudioSource source = AudioFiles.open(file).source()) {
                float[][] read = Signals.readAll(source, 64);
                for (int i = 0; i < block[0].length; i++) {
                    assertThat(read[0][i]).as(file + " " + i).isEqualTo(block[0][i]);
                }
                assertThat(read[0].length).isEqualTo(file.equals(floats) ? 7 : 6);
            }
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SampleCoding.exact(8))
                .withMessageContaining("16, 24 or 32");
    }
}
