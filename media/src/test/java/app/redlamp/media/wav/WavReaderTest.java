package app.redlamp.media.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.ReadFault;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WavReaderTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    /** Samples by hand: the same ramp in every coding. */
    @ParameterizedTest
    @CsvSource({"1,2,false", "1,3,false", "1,4,false", "3,4,false", "3,8,false", "1,2,true", "1,3,true", "3,4,true"})
    void everyCodingGivesTheSameSamples(int tag, int bytes, boolean extensible) throws IOException {
        float[] ramp = {0, 0.25f, -0.5f, 0.75f, -1};
        Path file = write(riff(fmt(tag, 1, bytes, extensible), chunk("data", data(tag, bytes, ramp))));
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(reader.info().bitDepth()).hasValue(bytes * 8);
            assertThat(reader.info().durationS()).isCloseTo(5.0 / RATE, within(1e-9));
            assertThat(Signals.readAll(reader, 2)[0]).containsExactly(ramp);
        }
    }

    /** Twenty-four bits survive the way through a float exactly. */
    @Test
    void everyTwentyFourBitSampleIsExact() throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(3 * 4000).order(ByteOrder.LITTLE_ENDIAN);
        int[] values = new Random(1).ints(4000, -8_388_608, 8_388_608).toArray();
        for (int value : values) {
            bytes.putShort((short) value).put((byte) (value >> 16));
        }
        Path file = write(riff(fmt(1, 1, 3, false), chunk("data", bytes.array())));
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            float[] read = Signals.readAll(reader, 999)[0];
            for (int i = 0; i < values.length; i++) {
                assertThat(read[i] * 8_388_608.0).isEqualTo(values[i]);
            }
        }
    }

    @Test
    void chunksMayStandInAnyOrderAndHaveOddLengths() throws IOException {
        Path file = write(riff(
                chunk("LIST", new byte[] {1, 2, 3}),
                fmt(1, 1, 2, false),
                chunk("junk", new byte[101]),
                chunk("data", data(1, 2, 0.5f, -0.5f)),
                chunk("bext", new byte[10])));
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(Signals.readAll(reader, 10)[0]).containsExactly(0.5f, -0.5f);
        }
    }

    /** A recorder that was cut short leaves a size of 0 or of all ones. */
    @ParameterizedTest
    @ValueSource(ints = {0, -1})
    void anOpenSizeMeansToTheEnd(int size) throws IOException {
        byte[] sound = data(1, 2, 0.5f, -0.5f, 0.25f);
        ByteBuffer open = ByteBuffer.allocate(8 + sound.length).order(ByteOrder.LITTLE_ENDIAN);
        open.put("data".getBytes(java.nio.charset.StandardCharsets.US_ASCII))
                .putInt(size)
                .put(sound);
        Path file = write(riff(fmt(1, 1, 2, false), open.array()));
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(Signals.readAll(reader, 10)[0]).hasSize(3);
        }
    }

    @Test
    void aCutOffFileSaysHowMuchIsMissing() throws IOException {
        byte[] whole = riff(fmt(1, 1, 2, false), chunk("data", new byte[RATE * 2 * 3]));
        Path file = write(java.util.Arrays.copyOf(whole, whole.length - RATE * 2));
        Report report = new FileRecordings().measure(file, Progress.NONE);
        assertThat(report.info().durationS()).isEqualTo(2);
        assertThat(report.info().missingS()).isEqualTo(1);
        assertThat(report.flaws()).singleElement().satisfies(cut -> {
            assertThat(cut.kind()).isEqualTo(Finding.Kind.CUT_OFF);
            assertThat(cut.amount()).isEqualTo(1);
            assertThat(cut.endS()).isEqualTo(2);
        });
    }

    /** Cut anywhere, within a sample too, what there is comes out and what is missing is said. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 777, 5000, 40_001})
    void aFileCutAnywhereIsReadAsFarAsItGoes(int missing) throws IOException {
        byte[] sound = new byte[2 * 3 * 10_000];
        new java.util.SplittableRandom(missing).nextBytes(sound);
        byte[] whole = riff(fmt(1, 2, 3, false), chunk("data", sound));
        Path file = write(java.util.Arrays.copyOf(whole, whole.length - missing));
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            int there = (sound.length - missing) / 6;
            assertThat(Signals.readAll(reader, 100)[1]).hasSize(there);
            assertThat(reader.info().missingS() * RATE).isCloseTo(missing / 6.0, within(1e-6));
        }
    }

    /** Sizes that no converter makes: none at all, an odd one, and more or fewer than their bytes hold. */
    @ParameterizedTest
    @CsvSource({"2,0", "2,17", "3,17", "3,0", "2,8", "3,26", "4,23", "1,9"})
    void sizesThatCannotBeAreRefused(int bytes, int bits) throws IOException {
        byte[] format = fmt(1, 1, bytes, false);
        format[8 + 14] = (byte) bits;
        assertFault(riff(format, chunk("data", new byte[120])), "claims " + bits + " bits");
    }

    @Test
    void floatsOfWhichNoneIsANumberAreRefused() throws IOException {
        ByteBuffer none = ByteBuffer.allocate(4000).order(ByteOrder.LITTLE_ENDIAN);
        while (none.hasRemaining()) {
            none.putFloat(Float.NaN);
        }
        Path file = write(riff(fmt(3, 1, 4, false), chunk("data", none.array())));
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> new FileRecordings().measure(file, Progress.NONE))
                .withMessageContaining("not one of its samples is a number")
                .withMessageContaining(";");
    }

    @Test
    void brokenHeadersAreRefusedInOneLine() throws IOException {
        assertFault(riff(fmt(1, 1, 2, false)), "without sound");
        assertFault(riff(fmt(1, 1, 2, false), chunk("data", new byte[0])), "without sound");
        assertFault(riff(chunk("data", new byte[100])), "no format description");
        assertFault(riff(chunk("fmt ", new byte[4]), chunk("data", new byte[100])), "broken format");
        assertFault(riff(fmt(1, 0, 2, false), chunk("data", new byte[100])), "0 channels");
        assertFault(riff(fmt(1, 60_000, 2, false), chunk("data", new byte[100])), "60000 channels");
    }

    @Test
    void whatIsNoWavIsLeftToTheOthers() throws IOException {
        assertThat(WavReader.open(write("hello".getBytes(java.nio.charset.StandardCharsets.US_ASCII))))
                .isEmpty();
        assertThat(WavReader.open(write(riff(fmt(85, 1, 1, false), chunk("data", new byte[9])))))
                .isEmpty();
    }

    /** Whatever bytes are changed: a reader, none, or a fault of one line, and never more samples than bytes. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void hostileHeadersDoNoHarm(long seed) throws IOException {
        byte[] good = riff(chunk("LIST", new byte[7]), fmt(1, 2, 3, true), chunk("data", new byte[600]));
        Random random = new Random(seed);
        for (int round = 0; round < 500; round++) {
            byte[] bad = good.clone();
            for (int k = 0; k <= random.nextInt(4); k++) {
                bad[random.nextInt(90)] = (byte) random.nextInt(256);
            }
            Path file = folder.resolve("bad-" + seed + "-" + round + ".wav");
            Files.write(file, java.util.Arrays.copyOf(bad, random.nextInt(bad.length) + 1));
            try {
                Optional<WavReader> reader = WavReader.open(file);
                if (reader.isPresent()) {
                    try (WavReader open = reader.get()) {
                        assertThat(Signals.readAll(open, 64)[0].length).isLessThanOrEqualTo(700);
                    }
                }
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank().doesNotContain("\n");
            }
            Files.delete(file);
        }
    }

    private void assertFault(byte[] bytes, String message) throws IOException {
        Path file = write(bytes);
        assertThatExceptionOfType(ReadFault.class)
                .isThrownBy(() -> WavReader.open(file))
                .withMessageContaining(message)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
    }

    private Path write(byte[] bytes) throws IOException {
        return Files.write(Files.createTempFile(folder, "t", ".wav"), bytes);
    }

    private static byte[] riff(byte[]... chunks) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write("WAVE".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        for (byte[] chunk : chunks) {
            body.write(chunk);
        }
        return chunk("RIFF", body.toByteArray());
    }

    private static byte[] chunk(String name, byte[] content) {
        ByteBuffer chunk =
                ByteBuffer.allocate(8 + content.length + (content.length & 1)).order(ByteOrder.LITTLE_ENDIAN);
        chunk.put(name.getBytes(java.nio.charset.StandardCharsets.US_ASCII))
                .putInt(content.length)
                .put(content);
        return chunk.array();
    }

    private static byte[] fmt(int tag, int channels, int bytes, boolean extensible) {
        ByteBuffer fmt = ByteBuffer.allocate(extensible ? 40 : 16).order(ByteOrder.LITTLE_ENDIAN);
        fmt.putShort((short) (extensible ? 0xFFFE : tag))
                .putShort((short) channels)
                .putInt(RATE);
        fmt.putInt(RATE * channels * bytes).putShort((short) (channels * bytes)).putShort((short) (bytes * 8));
        if (extensible) {
            fmt.putShort((short) 22).putShort((short) (bytes * 8)).putInt(0).putShort((short) tag);
        }
        return chunk("fmt ", fmt.array());
    }

    private static byte[] data(int tag, int bytes, float... samples) {
        ByteBuffer data = ByteBuffer.allocate(bytes * samples.length).order(ByteOrder.LITTLE_ENDIAN);
        for (float x : samples) {
            if (tag == 3) {
                if (bytes == 4) {
                    data.putFloat(x);
                } else {
                    data.putDouble(x);
                }
            } else {
                long value = (long) (x * Math.pow(2, 8 * bytes - 1));
                for (int b = 0; b < bytes; b++) {
                    data.put((byte) (value >> (8 * b)));
                }
            }
        }
        return data.array();
    }
}
