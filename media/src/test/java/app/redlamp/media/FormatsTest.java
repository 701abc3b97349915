package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.CodedWriter;
import app.redlamp.media.ffmpeg.DecodedFile;
import app.redlamp.media.ffmpeg.Encoding;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every format that is read, made by the codec library where we do not write it ourselves. */
class FormatsTest {
    private static final int RATE = 48_000;

    @TempDir
    Path folder;

    /** Lossless: sample for sample what went in. */
    @ParameterizedTest
    @CsvSource({
        "flac,flac,16,flac",
        "flac,flac,24,flac",
        "pcm_s16be,aiff,16,aiff",
        "pcm_s24be,aiff,24,aiff",
        "pcm_s16le,aiff,16,aiff",
        "pcm_s16le,w64,16,w64",
        "pcm_s24le,w64,24,w64",
        "pcm_s16le,wav,16,wav",
        "pcm_s16be,caf,16,caf",
        "flac,ogg,16,ogg",
        "pcm_s16be,au,16,au"
    })
    void losslessComesBackBitForBit(String encoder, String muxer, int bits, String container) throws IOException {
        float[] left = steps(Signals.noise(-12, 0.4, RATE, 1), bits);
        float[] right = steps(Signals.sine(440, -3, 0.4, RATE), bits);
        Path file = folder.resolve("sound." + muxer);
        Encoding encoding = new Encoding(encoder, muxer, OptionalInt.of(bits), OptionalInt.empty());
        write(file, encoding, left, right);
        AudioFiles.Opened opened = AudioFiles.open(file);
        try (AudioSource source = opened.source()) {
            AudioInfo info = opened.info();
            assertThat(info.container()).isEqualTo(container);
            assertThat(info.bitDepth()).hasValue(bits);
            assertThat(info.lossless()).isTrue();
            float[][] read = Signals.readAll(source, 1000);
            assertThat(read[0]).isEqualTo(left);
            assertThat(read[1]).isEqualTo(right);
        }
    }

    /** Lossy: the level of a tone comes back, and the length within a frame of padding. */
    @ParameterizedTest
    @CsvSource({
        "libmp3lame,mp3,192,mp3",
        "aac,ipod,192,m4a",
        "libopus,ogg,0,ogg",
        "pcm_mulaw,wav,0,wav",
        "pcm_alaw,wav,0,wav"
    })
    void lossyComesBackAtItsLevel(String encoder, String muxer, int kbps, String container) throws IOException {
        float[] tone = Signals.sine(1000, -12, 2, RATE);
        Path file = folder.resolve("tone." + muxer);
        OptionalInt rate = kbps > 0 ? OptionalInt.of(kbps) : OptionalInt.empty();
        write(file, new Encoding(encoder, muxer, OptionalInt.empty(), rate), tone);
        AudioFiles.Opened opened = AudioFiles.open(file);
        try (AudioSource source = opened.source()) {
            assertThat(opened.info().container()).isEqualTo(container);
            assertThat(opened.info().lossless()).isFalse();
            assertThat(opened.info().bitDepth()).isEmpty();
            float[] read = Signals.readAll(source, 4096)[0];
            assertThat(read.length).isBetween(tone.length - 2000, tone.length + 3000);
            float[] middle = Arrays.copyOfRange(read, RATE / 2, 3 * RATE / 2);
            double made = encoder.equals("aac") || encoder.equals("libopus") ? 0.5 : 0.1;
            double expected = -12 - 3.0103;
            double gain = encoder.equals("aac") ? 20 * Math.log10(1 / 0.97) : 0;
            assertThat(Signals.rmsDbfs(middle)).isCloseTo(expected + gain, within(made));
        }
    }

    /** G.711: the step of a companded sample is at most a thirty-second of it, and 38 dB of signal-to-noise ratio. */
    @ParameterizedTest
    @CsvSource({"pcm_mulaw", "pcm_alaw"})
    void telephoneCodingKeepsThirtyFiveDecibels(String encoder) throws IOException {
        float[] tone = Signals.sine(1004, -10, 1, 8000);
        Path file = folder.resolve("prompt.wav");
        Encoding encoding = encoder.equals("pcm_mulaw") ? Encoding.muLaw() : Encoding.aLaw();
        try (CodedWriter writer = new CodedWriter(file, encoding, 8000, 1, Labels.NONE)) {
            writer.accept(new float[][] {tone}, tone.length);
            writer.finish();
        }
        try (DecodedFile decoded = new DecodedFile(file)) {
            assertThat(decoded.info().codec()).isEqualTo(encoder);
            float[] read = Signals.readAll(decoded, 4096)[0];
            assertThat(read).hasSameSizeAs(tone);
            float[] error = Signals.of(tone.length, n -> read[n] - tone[n]);
            assertThat(Signals.rmsDbfs(tone) - Signals.rmsDbfs(error)).isGreaterThan(35);
        }
    }

    @ParameterizedTest
    @CsvSource({"libmp3lame,mp3,128", "flac,flac,0", "pcm_s16be,aiff,0", "aac,ipod,128"})
    void tagsGoInAndOut(String encoder, String muxer, int kbps) throws IOException {
        Path file = folder.resolve("tagged." + muxer);
        boolean lossy = kbps > 0;
        Encoding encoding = new Encoding(
                encoder,
                muxer,
                lossy ? OptionalInt.empty() : OptionalInt.of(16),
                lossy ? OptionalInt.of(kbps) : OptionalInt.empty());
        float[] tone = Signals.sine(440, -20, 4, RATE);
        Labels labels = new Labels(
                Map.of("title", "Chapter “one” − ünïcode", "artist", "A. Reader", "album", "Borrowed Weather"),
                List.of(new Labels.Cue(0.5, "first"), new Labels.Cue(2.25, "second")));
        try (CodedWriter writer = new CodedWriter(file, encoding, RATE, 1, labels)) {
            writer.accept(new float[][] {tone}, tone.length);
            writer.finish();
        }
        AudioFiles.Opened opened = AudioFiles.open(file);
        try (AudioSource source = opened.source()) {
            assertThat(source.channels()).isEqualTo(1);
            Labels read = opened.info().labels();
            assertThat(read.tag("title")).contains("Chapter “one” − ünïcode");
            assertThat(read.tag("artist")).contains("A. Reader");
            assertThat(read.tag("album")).contains("Borrowed Weather");
            assertThat(read.cues()).extracting(Labels.Cue::text).containsExactly("first", "second");
            assertThat(read.cues().get(1).atS()).isCloseTo(2.25, within(0.01));
        }
    }

    @Test
    void aVariableBitRateIsTold() throws IOException {
        Path file = folder.resolve("speech.mp3");
        float[] uneven = Signals.join(Signals.noise(-10, 2, RATE, 1), Signals.silence(2, RATE));
        try (CodedWriter writer = new CodedWriter(file, Encoding.mp3(192), RATE, 1, Labels.NONE)) {
            writer.accept(new float[][] {uneven}, uneven.length);
            writer.finish();
        }
        assertThat(new FileRecordings().measure(file, Progress.NONE).info().constantBitRate())
                .contains(true);
        // Frames of two bit rates after each other: the same as a variable one.
        Path other = folder.resolve("other.mp3");
        try (CodedWriter writer = new CodedWriter(other, Encoding.mp3(96), RATE, 1, Labels.NONE)) {
            writer.accept(new float[][] {uneven}, uneven.length);
            writer.finish();
        }
        byte[] second = Files.readAllBytes(other);
        Path both = folder.resolve("both.mp3");
        Files.write(both, Files.readAllBytes(file));
        Files.write(both, Arrays.copyOfRange(second, 1000, second.length), StandardOpenOption.APPEND);
        try (DecodedFile decoded = new DecodedFile(both)) {
            Signals.readAll(decoded, 4096);
            assertThat(decoded.info().constantBitRate()).contains(false);
        } catch (ReadFault e) {
            assertThat(e.getMessage()).doesNotContain("\n");
        }
    }

    private static void write(Path file, Encoding encoding, float[]... channels) throws IOException {
        try (CodedWriter writer = new CodedWriter(file, encoding, RATE, channels.length, Labels.NONE)) {
            writer.accept(channels, channels[0].length);
            writer.finish();
        }
    }

    private static float[] steps(float[] samples, int bits) {
        double scale = Math.pow(2, bits - 1);
        return Signals.of(samples.length, n -> Math.rint(samples[n] * scale) / scale + 0.0);
    }
}
