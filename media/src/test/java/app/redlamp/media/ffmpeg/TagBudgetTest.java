package app.redlamp.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.Cancelled;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.Processes;
import app.redlamp.media.ReadFault;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files whose tags were made to keep their reader busy, or to take its memory, are refused in one line. */
class TagBudgetTest {
    private static final int RATE = 44_100;
    private static final int VORBIS_COMMENT = 4;

    @TempDir
    Path folder;

    private byte[] flac;
    private byte[] mp3;

    @BeforeEach
    void encode() throws IOException {
        flac = coded(DeliveryFormat.Coding.FLAC, "flac");
        mp3 = coded(DeliveryFormat.Coding.MP3, "mp3");
    }

    private byte[] coded(DeliveryFormat.Coding coding, String ending) throws IOException {
        Path file = folder.resolve("plain." + ending);
        DeliveryFormat format = new DeliveryFormat(
                coding,
                java.util.Set.of(),
                RATE,
                coding.lossless() ? java.util.OptionalInt.of(16) : java.util.OptionalInt.empty(),
                coding.hasBitRate() ? java.util.OptionalInt.of(192) : java.util.OptionalInt.empty(),
                false,
                false,
                1,
                1,
                true);
        try (CodedWriter writer =
                new CodedWriter(file, Encoding.of(format), RATE, 1, new Labels(Map.of(), List.of()))) {
            float[] tone = Signals.noise(-20, 2, RATE, 1);
            writer.accept(new float[][] {tone}, tone.length);
            writer.finish();
        }
        return Files.readAllBytes(file);
    }

    private Path written(String name, byte[]... parts) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return Files.write(folder.resolve(name), all.toByteArray());
    }

    private static byte[] comments(int count) {
        ByteBuffer block = ByteBuffer.allocate(8 + count * 24).order(ByteOrder.LITTLE_ENDIAN);
        block.putInt(0).putInt(count);
        for (int i = 0; i < count; i++) {
            byte[] one = String.format("K%08d=%s", i, "x").getBytes(StandardCharsets.US_ASCII);
            block.putInt(one.length).put(one);
        }
        byte[] content = java.util.Arrays.copyOf(block.array(), block.position());
        return ByteBuffer.allocate(4 + content.length)
                .putInt((VORBIS_COMMENT << 24) | content.length)
                .put(content)
                .array();
    }

    /** The file with more comments after its stream information, which the first 42 bytes hold (RFC 9639, 8.2). */
    private Path withComments(int count) throws IOException {
        byte[] head = java.util.Arrays.copyOf(flac, 42);
        head[4] &= 0x7F;
        byte[] rest = java.util.Arrays.copyOfRange(flac, 42, flac.length);
        // Its own comments become padding: a second block of comments is none.
        rest[0] = (byte) ((rest[0] & 0x80) | 1);
        return written("comments-" + count + ".flac", head, comments(count), rest);
    }

    private static byte[] id3(int frames) {
        ByteBuffer body = ByteBuffer.allocate(frames * 20);
        for (int i = 0; i < frames; i++) {
            byte[] text = String.format("%c%07d%cx", 0, i, 0).getBytes(StandardCharsets.ISO_8859_1);
            body.put("TXXX".getBytes(StandardCharsets.US_ASCII))
                    .putInt(text.length)
                    .putShort((short) 0)
                    .put(text);
        }
        return tag(java.util.Arrays.copyOf(body.array(), body.position()));
    }

    private static byte[] tag(byte[] body) {
        int size = body.length;
        return ByteBuffer.allocate(10 + size)
                .put("ID3".getBytes(StandardCharsets.US_ASCII))
                .put((byte) 3)
                .put((byte) 0)
                .put((byte) 0)
                .put((byte) (size >> 21 & 0x7F))
                .put((byte) (size >> 14 & 0x7F))
                .put((byte) (size >> 7 & 0x7F))
                .put((byte) (size & 0x7F))
                .put(body)
                .array();
    }

    private static void refused(Path file) {
        assertThatThrownBy(() -> new FileRecordings().measure(file, Progress.NONE))
                .isInstanceOf(ReadFault.class)
                .hasMessageContaining("more tags or larger pictures than any recording")
                .hasMessageContaining("export it again");
    }

    private static void measured(Path file) throws IOException {
        assertThat(new FileRecordings().measure(file, Progress.NONE).info().durationS())
                .isBetween(1.9, 2.2);
    }

    @Test
    void aHundredThousandCommentsAreRefused() throws IOException {
        measured(withComments(1000));
        refused(withComments(100_000));
    }

    @Test
    void fiftyThousandTextFramesAreRefused() throws IOException {
        measured(written("some.mp3", id3(500), mp3));
        refused(written("many.mp3", id3(50_000), mp3));
        refused(written("repeated.mp3", id3(4_000), id3(4_000), id3(4_000), mp3));
    }

    @Test
    void manyMegabytesOfTagsAreRefused() throws IOException {
        refused(written("large.mp3", tag(new byte[40 << 20]), tag(new byte[40 << 20]), mp3));
    }

    @Test
    void whatIsCutOffInItsTagsIsNoRecording() throws IOException {
        for (int length : new int[] {3, 9, 12, 40, 44}) {
            Path file = written("cut-" + length + ".flac", java.util.Arrays.copyOf(flac, length));
            assertThatThrownBy(() -> new FileRecordings().measure(file, Progress.NONE))
                    .isInstanceOf(ReadFault.class);
        }
    }

    /** Places for being asked are few and are given back: after many that could not be opened one can still be stopped. */
    @Test
    void openingCanBeCancelled() throws IOException {
        Path words = Files.writeString(folder.resolve("words.mp3"), "no sound ".repeat(1000));
        for (int i = 0; i < 40; i++) {
            assertThatThrownBy(() -> AudioFiles.open(words, Progress.NONE)).isInstanceOf(ReadFault.class);
        }
        Path file = written("plain2.mp3", mp3);
        for (int i = 0; i < 40; i++) {
            AudioFiles.open(file, Progress.NONE).source().close();
        }
        Progress cancelled = new Cancelled();
        assertThatThrownBy(() -> AudioFiles.open(file, cancelled)).isInstanceOf(CancellationException.class);
    }

    /** Measures a file and says how much memory the process has had at most. */
    static final class Measuring {
        public static void main(String[] arguments) throws IOException {
            System.out.println(new FileRecordings()
                            .measure(Path.of(arguments[0]), Progress.NONE)
                            .info()
                            .durationS()
                    > 1.9);
            Files.readAllLines(Path.of("/proc/self/status")).stream()
                    .filter(l -> l.startsWith("VmHWM"))
                    .forEach(System.out::println);
        }
    }

    /** A cover of 16,000 by 16,000 points packs to a few kilobytes and unpacks to 768 MB: it is not looked at. */
    @Test
    void aCoverIsNotDecoded() throws IOException {
        byte[] png = png(16_000);
        ByteBuffer picture = ByteBuffer.allocate(png.length + 14);
        picture.put((byte) 0)
                .put("image/png\0".getBytes(StandardCharsets.US_ASCII))
                .put((byte) 3)
                .put((byte) 0)
                .put(png);
        byte[] content = java.util.Arrays.copyOf(picture.array(), picture.position());
        byte[] frame = ByteBuffer.allocate(10 + content.length)
                .put("APIC".getBytes(StandardCharsets.US_ASCII))
                .putInt(content.length)
                .putShort((short) 0)
                .put(content)
                .array();
        Path file = written("cover.mp3", tag(frame), mp3);
        List<String> said = new ArrayList<>(Processes.lines(Processes.start(Measuring.class, file.toString())));
        assertThat(said).first().isEqualTo("true");
        if (said.size() > 1) {
            long kilobytes = Long.parseLong(said.get(1).replaceAll("\\D", ""));
            assertThat(kilobytes).isLessThan(700_000);
        }
    }

    /** A black picture (PNG specification, third edition): header, one compressed run of rows, end. */
    private static byte[] png(int side) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        out.writeBytes(chunk(
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(side)
                        .putInt(side)
                        .put(new byte[] {8, 2, 0, 0, 0})
                        .array()));
        Deflater deflater = new Deflater(9);
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        byte[] row = new byte[1 + 3 * side];
        byte[] buffer = new byte[1 << 16];
        for (int y = 0; y <= side; y++) {
            if (y == side) {
                deflater.finish();
            } else {
                deflater.setInput(row);
            }
            for (int n = deflater.deflate(buffer); n > 0; n = deflater.deflate(buffer)) {
                packed.write(buffer, 0, n);
            }
        }
        deflater.end();
        out.writeBytes(chunk("IDAT", packed.toByteArray()));
        out.writeBytes(chunk("IEND", new byte[0]));
        return out.toByteArray();
    }

    private static byte[] chunk(String name, byte[] content) {
        byte[] named = ByteBuffer.allocate(4 + content.length)
                .put(name.getBytes(StandardCharsets.US_ASCII))
                .put(content)
                .array();
        CRC32 sum = new CRC32();
        sum.update(named);
        return ByteBuffer.allocate(8 + named.length)
                .putInt(content.length)
                .put(named)
                .putInt((int) sum.getValue())
                .array();
    }
}
