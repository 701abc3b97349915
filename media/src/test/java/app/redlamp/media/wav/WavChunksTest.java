package app.redlamp.media.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.ReadFault;
import app.redlamp.media.ffmpeg.DecodedFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands around the samples: RF64, broadcast extension, labels, and headers that lie. */
class WavChunksTest {
    private static final int RATE = 48_000;

    @TempDir
    Path folder;

    /** ITU-R BS.2088: past its limit the file becomes RF64; BW64 differs in its first four letters only. */
    @ParameterizedTest
    @ValueSource(strings = {"RF64", "BW64"})
    void aLongFileIsRf64(String form) throws IOException {
        float[] tone = Signals.sine(440, -6, 1, RATE);
        Path file = folder.resolve("long.wav");
        try (WavWriter writer =
                new WavWriter(file, RATE, 1, SampleCoding.dithered(24), Labels.NONE, Optional.empty(), 100_000)) {
            writer.accept(new float[][] {tone}, tone.length);
        }
        byte[] bytes = Files.readAllBytes(file);
        assertThat(new String(bytes, 0, 4, StandardCharsets.US_ASCII)).isEqualTo("RF64");
        System.arraycopy(form.getBytes(StandardCharsets.US_ASCII), 0, bytes, 0, 4);
        Files.write(file, bytes);
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(reader.expectedFrames()).isEqualTo(tone.length);
            assertThat(Signals.readAll(reader, 1000)[0]).hasSameSizeAs(tone);
        }
        if (form.equals("RF64")) {
            try (DecodedFile theirs = new DecodedFile(file)) {
                assertThat(Signals.readAll(theirs, 1000)[0]).hasSameSizeAs(tone);
            }
        }
    }

    /** EBU Tech 3285 version 2: written, the measured loudness put in, read back. */
    @Test
    void theBroadcastExtensionHoldsTheMeasuredLoudness() throws IOException {
        float[] tone = Signals.sine(1000, -20, 5, RATE);
        Path file = folder.resolve("broadcast.wav");
        try (WavWriter writer = new WavWriter(
                file, RATE, 1, 24, Labels.NONE, Optional.of(BroadcastExtension.of("Chapter 1", "Red Lamp")))) {
            writer.accept(new float[][] {tone}, tone.length);
        }
        assertThat(extension(file).integratedLufs()).isEmpty();
        Report report = new FileRecordings().measure(file, Progress.NONE);
        WavWriter.putLoudness(file, report);
        BroadcastExtension read = extension(file);
        assertThat(read.description()).isEqualTo("Chapter 1");
        assertThat(read.originator()).isEqualTo("Red Lamp");
        assertThat(read.integratedLufs().orElseThrow())
                .isCloseTo(report.integratedLufs().orElseThrow(), within(0.005));
        assertThat(read.truePeakDbtp().orElseThrow())
                .isCloseTo(report.truePeakDbtp().orElseThrow(), within(0.005));
        assertThat(read.maxShortTermLufs().orElseThrow()).isCloseTo(-23.0, within(0.1));
        assertThat(new FileRecordings().measure(file, Progress.NONE)).isEqualTo(report);
        try (DecodedFile theirs = new DecodedFile(file)) {
            assertThat(theirs.info().labels().tags()).containsEntry("comment", "Chapter 1");
        }
    }

    @Test
    void tagsAndCuePointsGoInAndOut() throws IOException {
        float[] tone = Signals.sine(440, -6, 3, RATE);
        Labels labels = new Labels(
                Map.of("title", "Rain − ü", "artist", "A. Reader", "comment", "odd"),
                List.of(new Labels.Cue(0.25, "retake"), new Labels.Cue(2.5, "door slams")));
        Path file = folder.resolve("marked.wav");
        try (WavWriter writer = new WavWriter(file, RATE, 1, 16, labels, Optional.empty())) {
            writer.accept(new float[][] {tone}, tone.length);
        }
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(reader.info().labels()).isEqualTo(labels);
        }
        try (DecodedFile theirs = new DecodedFile(file)) {
            assertThat(theirs.info().labels().tag("artist")).contains("A. Reader");
        }
    }

    /** 8 bits are unsigned with the middle at 128; 20 bits lie at the top of three bytes. */
    @Test
    void otherDepths() throws IOException {
        byte[] eight = wav(format(1, 1, RATE, 8, new byte[0]), new byte[] {0, (byte) 128, (byte) 255});
        try (WavReader reader = open(eight)) {
            assertThat(reader.info().bitDepth()).hasValue(8);
            assertThat(Signals.readAll(reader, 10)[0]).containsExactly(-1f, 0f, 127 / 128f);
        }
        ByteBuffer more = ByteBuffer.allocate(24).order(ByteOrder.LITTLE_ENDIAN);
        more.putShort((short) 22).putShort((short) 20).putInt(4).putShort((short) 1);
        byte[] twenty = wav(format(0xFFFE, 1, RATE, 24, more.array()), new byte[] {0x10, 0, 0x40});
        try (WavReader reader = open(twenty)) {
            assertThat(reader.info().bitDepth()).hasValue(20);
            assertThat(Signals.readAll(reader, 10)[0][0]).isCloseTo(0.5f, within(1e-5f));
        }
    }

    /** The format behind the sound, and an odd chunk whose pad byte was forgotten. */
    @Test
    void disorderIsRead() throws IOException {
        byte[] sound = {0, 64, 0, 32};
        byte[] behind =
                riff(WavLabels.chunk("data", sound), WavLabels.chunk("fmt ", format(1, 1, RATE, 16, new byte[0])));
        try (WavReader reader = open(behind)) {
            assertThat(Signals.readAll(reader, 10)[0]).containsExactly(0.5f, 0.25f);
        }
        byte[] odd = WavLabels.chunk("junk", new byte[] {1, 2, 3});
        byte[] unpadded = Arrays.copyOf(odd, odd.length - 1);
        byte[] forgotten = riff(
                unpadded, WavLabels.chunk("fmt ", format(1, 1, RATE, 16, new byte[0])), WavLabels.chunk("data", sound));
        try (WavReader reader = open(forgotten)) {
            assertThat(Signals.readAll(reader, 10)[0]).containsExactly(0.5f, 0.25f);
        }
    }

    @ParameterizedTest
    @CsvSource({"65535,48000,65535 channels", "1,0,0 Hz", "1,2000000000,Hz", "0,48000,0 channels"})
    void absurdFormatsAreRefused(int channels, int rate, String said) {
        assertThatExceptionOfType(ReadFault.class)
                .isThrownBy(() -> open(wav(format(1, channels, rate, 16, new byte[0]), new byte[100])))
                .withMessageContaining(said);
    }

    /** A header that claims 2 GiB takes no memory, and a million empty chunks take no time. */
    @Test
    void claimsCostNothing() throws IOException {
        byte[] claims = wav(format(1, 1, RATE, 16, new byte[0]), new byte[100]);
        ByteBuffer.wrap(claims).order(ByteOrder.LITTLE_ENDIAN).putInt(40, Integer.MAX_VALUE);
        try (WavReader reader = open(claims)) {
            assertThat(reader.expectedFrames()).isEqualTo(50);
            assertThat(reader.info().missingS()).isGreaterThan(10_000);
        }
        ByteArrayOutputStream empty = new ByteArrayOutputStream();
        for (int i = 0; i < 1_000_000; i++) {
            empty.write(new byte[] {'j', 'u', 'n', 'k', 0, 0, 0, 0});
        }
        assertThatExceptionOfType(ReadFault.class)
                .isThrownBy(() -> open(riff(empty.toByteArray())))
                .withMessageContaining("small parts");
        byte[] list = riff(
                WavLabels.chunk("fmt ", format(1, 1, RATE, 16, new byte[0])),
                WavLabels.chunk("data", new byte[8]),
                WavLabels.chunk("cue ", new byte[] {-1, -1, -1, 127}),
                WavLabels.chunk("LIST", "INFOINAM\377\377\377\177".getBytes(StandardCharsets.ISO_8859_1)));
        try (WavReader reader = open(list)) {
            assertThat(reader.info().labels().cues()).isEmpty();
        }
    }

    private BroadcastExtension extension(Path file) throws IOException {
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            return reader.broadcast().orElseThrow();
        }
    }

    private WavReader open(byte[] bytes) throws IOException {
        return WavReader.open(Files.write(folder.resolve("made.wav"), bytes)).orElseThrow();
    }

    private static byte[] wav(byte[] format, byte[] sound) {
        return riff(WavLabels.chunk("fmt ", format), WavLabels.chunk("data", sound));
    }

    private static byte[] riff(byte[]... chunks) {
        int length = 4;
        for (byte[] chunk : chunks) {
            length += chunk.length;
        }
        ByteBuffer file = ByteBuffer.allocate(8 + length).order(ByteOrder.LITTLE_ENDIAN);
        file.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(length);
        file.put("WAVE".getBytes(StandardCharsets.US_ASCII));
        for (byte[] chunk : chunks) {
            file.put(chunk);
        }
        return file.array();
    }

    private static byte[] format(int tag, int channels, int rate, int bits, byte[] more) {
        ByteBuffer chunk = ByteBuffer.allocate(16 + more.length).order(ByteOrder.LITTLE_ENDIAN);
        chunk.putShort((short) tag).putShort((short) channels).putInt(rate).putInt(rate * channels * bits / 8);
        chunk.putShort((short) (channels * bits / 8)).putShort((short) bits).put(more);
        return chunk.array();
    }
}
