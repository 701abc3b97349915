package app.redlamp.media.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.DemoVoice;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Half a WAV from anywhere, made here byte by byte: what comes out is what went in, bit for bit. */
class SalvageTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    /** Speech in noise, as bytes of samples. */
    private byte[] speech(int bits, int channels, boolean floats) throws IOException {
        float[] voice = Arrays.copyOf(DemoVoice.samples("3-a-map-of-rain", RATE, folder), 6 * RATE);
        SplittableRandom random = new SplittableRandom(5);
        ByteBuffer bytes =
                ByteBuffer.allocate(voice.length * channels * bits / 8).order(ByteOrder.LITTLE_ENDIAN);
        for (int n = 0; n < voice.length; n++) {
            for (int c = 0; c < channels; c++) {
                float other = c == 0 ? voice[n] : 0.3f * voice[Math.max(0, n - 30)];
                float x = other * 0.7f + (float) random.nextDouble(-1e-3, 1e-3);
                if (floats) {
                    bytes.putFloat(x);
                } else {
                    long value = Math.round(x * (Math.pow(2, bits - 1) - 1));
                    for (int at = 0; at < bits; at += 8) {
                        bytes.put((byte) (value >> at));
                    }
                }
            }
        }
        return bytes.array();
    }

    private static byte[] header(int bits, int channels, boolean floats, int said) {
        ByteBuffer head = ByteBuffer.allocate(44).order(ByteOrder.LITTLE_ENDIAN);
        int frame = channels * bits / 8;
        head.put(letters("RIFF")).putInt(said == 0 ? 0 : said + 36).put(letters("WAVE"));
        head.put(letters("fmt ")).putInt(16).putShort((short) (floats ? 3 : 1)).putShort((short) channels);
        head.putInt(RATE).putInt(RATE * frame).putShort((short) frame).putShort((short) bits);
        return head.put(letters("data")).putInt(said).array();
    }

    private static byte[] letters(String name) {
        return name.getBytes(StandardCharsets.US_ASCII);
    }

    private Path wreck(byte[]... parts) throws IOException {
        Path file = Files.createTempFile(folder, "wreck", ".bin");
        for (byte[] part : parts) {
            Files.write(file, part, StandardOpenOption.APPEND);
        }
        return file;
    }

    private Salvage.Got salvage(Path file, OptionalInt rate) throws IOException {
        byte[] before = Files.readAllBytes(file);
        Salvage.Got got = Salvage.of(file, rate, file.resolveSibling(file.getFileName() + ".wav"), Progress.NONE);
        assertThat(file).hasBinaryContent(before);
        return got;
    }

    /** Told by the first byte that differs: nobody reads a million of them. */
    private static void assertSame(byte[] found, byte[] wanted) {
        assertThat(Arrays.mismatch(found, wanted)).as("first byte that differs").isEqualTo(-1);
    }

    private static byte[] sound(Path file) throws IOException {
        byte[] all = Files.readAllBytes(file.resolveSibling(file.getFileName() + ".wav"));
        int bytes = ByteBuffer.wrap(all).order(ByteOrder.LITTLE_ENDIAN).getInt(76);
        // An odd size has a byte more, which does not count.
        assertThat(all.length).isEqualTo(80 + bytes + bytes % 2);
        return Arrays.copyOfRange(all, 80, 80 + bytes);
    }

    /** Never closed (size 0 or all ones), closed once and recorded on, or promising more than is there. */
    @ParameterizedTest
    @ValueSource(ints = {0, -1, 4410, 100_000_000})
    void whateverTheHeaderSaysOfTheSize(int said) throws IOException {
        byte[] speech = speech(24, 1, false);
        byte[] cut = Arrays.copyOf(speech, 300_001);
        Path file = wreck(header(24, 1, false, said), cut);
        Salvage.Got got = salvage(file, OptionalInt.empty());
        assertThat(got.by()).isEqualTo("header");
        assertThat(got.bits()).isEqualTo(24);
        assertThat(got.seconds()).isCloseTo(100_000.0 / RATE, within(1e-9));
        assertSame(Arrays.copyOf(sound(file), 300_000), Arrays.copyOf(speech, 300_000));
        AudioSource read = AudioFiles.open(file.resolveSibling(file.getFileName() + ".wav"))
                .source();
        assertThat(read.expectedFrames()).isEqualTo(100_000);
        read.close();
    }

    /** A size is believed where chunks follow, to the end of the file: tags are no sound. */
    @Test
    void whatFollowsTheSoundIsNoSound() throws IOException {
        byte[] speech = Arrays.copyOf(speech(16, 1, false), 100_000);
        byte[] tags = ByteBuffer.allocate(28)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put(letters("LIST"))
                .putInt(20)
                .put(letters("INFOINAM"))
                .putInt(8)
                .put(letters("Weather\0"))
                .array();
        Path file = wreck(header(16, 1, false, 100_000), speech, Arrays.copyOf(tags, 28));
        assertThat(salvage(file, OptionalInt.empty()).seconds()).isCloseTo(50_000.0 / RATE, within(1e-9));
        assertSame(sound(file), speech);
    }

    /** The first block never reached the disk: zeros, or nothing of it. The samples themselves say how they lie. */
    @ParameterizedTest
    @CsvSource({
        "16, 1, false, 44", "16, 2, false, 44", "24, 1, false, 44", "24, 2, false, 44", "32, 1, true, 44",
                "32, 2, true, 44",
        "32, 1, false, 44", "24, 1, false, 4096", "16, 1, false, 0", "24, 1, false, 0", "32, 2, false, 44",
                "24, 1, false, 45"
    })
    void whereTheHeaderIsGoneTheSamplesSay(int bits, int channels, boolean floats, int zeros) throws IOException {
        byte[] speech = speech(bits, channels, floats);
        Path file = wreck(new byte[zeros], speech);
        assertThatThrownBy(() -> salvage(file, OptionalInt.empty()))
                .hasMessageContaining("--rate")
                .hasMessageContaining(bits + " bits in " + channels);
        Salvage.Got got = salvage(file, OptionalInt.of(48_000));
        assertThat(got.by()).isEqualTo("smoothness");
        assertThat(got.bits()).isEqualTo(bits);
        assertThat(got.channels()).isEqualTo(channels);
        assertThat(got.sampleRateHz()).isEqualTo(48_000);
        // All but the first moment, where a header might have been.
        byte[] sound = sound(file);
        int tail = speech.length - 8000;
        assertSame(
                Arrays.copyOfRange(sound, sound.length - tail, sound.length),
                Arrays.copyOfRange(speech, speech.length - tail, speech.length));
        assertThat(got.seconds()).isGreaterThan(speech.length / (48_000.0 * channels * bits / 8) - 0.1);
    }

    /** A header of which the beginning is gone. */
    @Test
    void piecesOfAHeaderAreEnough() throws IOException {
        byte[] speech = Arrays.copyOf(speech(24, 1, false), 300_000);
        byte[] head = header(24, 1, false, 0);
        Arrays.fill(head, 0, 12, (byte) 0);
        Path file = wreck(head, speech);
        assertThat(salvage(file, OptionalInt.empty()).by()).isEqualTo("pieces");
        assertSame(sound(file), speech);
    }

    /** Nothing is made of nothing, of zeros, of a text or of chance. */
    @Test
    void whatIsNoSoundIsNotMadeOne() throws IOException {
        byte[] chance = new byte[400_000];
        new SplittableRandom(8).nextBytes(chance);
        byte[] text = "It was a dark and stormy night. ".repeat(9000).getBytes(StandardCharsets.UTF_8);
        for (byte[] content : new byte[][] {{}, new byte[5000], header(24, 1, false, 0), chance, text}) {
            Path file = wreck(content);
            Path out = folder.resolve("none.wav");
            assertThatThrownBy(() -> Salvage.of(file, OptionalInt.of(RATE), out, Progress.NONE))
                    .isInstanceOf(IOException.class)
                    .hasMessageMatching("(?s)(there is no sound in it|nothing in it can be read as sound).*");
            assertThat(out).doesNotExist();
        }
    }

    @Test
    void nothingIsWrittenOver() throws IOException {
        Path file = wreck(header(24, 1, false, 0), speech(24, 1, false));
        Path there = Files.writeString(folder.resolve("there.wav"), "mine");
        assertThatThrownBy(() -> Salvage.of(file, OptionalInt.empty(), there, Progress.NONE))
                .hasMessageContaining("is there already");
        assertThat(there).hasContent("mine");
    }
}
