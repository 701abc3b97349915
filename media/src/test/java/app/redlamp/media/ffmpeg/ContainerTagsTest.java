package app.redlamp.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.port.Progress;
import app.redlamp.media.Cancelled;
import app.redlamp.media.ReadFault;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HexFormat;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tags, tracks, chapters and edits of Matroska and MP4 files are counted before the codec library takes them in. */
class ContainerTagsTest {
    private static final String EBML = "1A45DFA3";
    private static final String SEGMENT = "18538067";
    private static final String CLUSTER = "1F43B675";
    private static final String TAGS = "1254C367";
    private static final long UNKNOWN = (1L << 56) - 1;

    @TempDir
    Path folder;

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    private static byte[] times(int count, byte[] part) {
        return joined(Collections.nCopies(count, part).toArray(byte[][]::new));
    }

    /** An element whose size takes eight bytes (RFC 8794, clause 5). */
    private static byte[] element(String number, long size, byte[] content) {
        return joined(
                HexFormat.of().parseHex(number),
                ByteBuffer.allocate(8).putLong(1L << 56 | size).array(),
                content);
    }

    private static byte[] element(String number, byte[]... content) {
        byte[] all = joined(content);
        return element(number, all.length, all);
    }

    /** A box (ISO/IEC 14496-12, 4.2). */
    private static byte[] box(String name, byte[]... content) {
        byte[] all = joined(content);
        return joined(
                ByteBuffer.allocate(4).putInt(8 + all.length).array(), name.getBytes(StandardCharsets.ISO_8859_1), all);
    }

    private static byte[] number(int value) {
        return ByteBuffer.allocate(8).putInt(4, value).array();
    }

    private void passes(byte[]... parts) throws IOException {
        Path file = Files.write(folder.resolve("passes"), joined(parts));
        assertThatCode(() -> TagBudget.check(file, Progress.NONE)).doesNotThrowAnyException();
    }

    private void refused(byte[]... parts) throws IOException {
        Path file = Files.write(folder.resolve("refused"), joined(parts));
        assertThatThrownBy(() -> TagBudget.check(file, Progress.NONE))
                .isInstanceOf(ReadFault.class)
                .hasMessageContaining("more tags or larger pictures than any recording");
    }

    private static byte[] simpleTag() {
        return element("67C8", element("45A3", new byte[] {'K'}), element("4487", new byte[] {'v'}));
    }

    @Test
    void tagsOfMatroska() throws IOException {
        byte[] head = element(EBML, new byte[20]);
        byte[] cluster = element(CLUSTER, new byte[100_000]);
        passes(head, element(SEGMENT, cluster, element(TAGS, element("7373", times(9_000, simpleTag())))));
        refused(head, element(SEGMENT, cluster, element(TAGS, element("7373", times(10_001, simpleTag())))));
        refused(head, element(SEGMENT, element(TAGS, times(10_001, element("7373", simpleTag())))));
    }

    @Test
    void chaptersAttachmentsAndTracksOfMatroska() throws IOException {
        byte[] head = element(EBML, new byte[20]);
        refused(head, element(SEGMENT, element("1043A770", element("45B9", times(10_001, element("B6"))))));
        refused(head, element(SEGMENT, element("1941A469", times(10_001, element("61A7")))));
        refused(head, element(SEGMENT, element("1654AE6B", times(10_001, element("AE")))));
    }

    /** What is written while it is recorded knows no sizes; blocks in it are no tags. */
    @Test
    void segmentsAndClustersWithoutASize() throws IOException {
        byte[] blocks = times(20_000, element("A3", new byte[8]));
        byte[] live = element(SEGMENT, UNKNOWN, element(CLUSTER, UNKNOWN, blocks));
        passes(element(EBML, new byte[20]), live);
        refused(element(EBML, new byte[20]), live, element(TAGS, element("7373", times(10_001, simpleTag()))));
    }

    @Test
    void tagsOfMp4() throws IOException {
        byte[] tag = box("\u00a9nam", box("data", new byte[9]));
        byte[] handler = box("hdlr", new byte[25]);
        passes(
                box("ftyp"),
                box("moov", box("udta", box("meta", new byte[4], handler, box("ilst", times(9_000, tag))))));
        refused(
                box("ftyp"),
                box("moov", box("udta", box("meta", new byte[4], handler, box("ilst", times(10_001, tag))))));
        refused(box("ftyp"), box("moov", box("meta", handler, box("ilst", times(10_001, tag)))));
        refused(box("ftyp"), box("moov", box("udta", times(10_001, tag))));
        refused(box("ftyp"), box("moov", box("meta", handler, box("keys", number(300_000)))));
        refused(box("mdat", new byte[10]), box("moov", times(10_001, box("trak"))));
    }

    @Test
    void editsOfMp4() throws IOException {
        byte[] few = box("trak", box("edts", box("elst", number(60))));
        passes(box("ftyp"), box("moov", few, few));
        refused(box("ftyp"), box("moov", box("trak", box("edts", box("elst", number(1_000_000))))));
        refused(box("ftyp"), box("moov", times(10, few)));
    }

    /** Cut off, sizes of nothing and of everything: what cannot be walked through is left to the library. */
    @Test
    void damagedContainers() throws IOException {
        byte[] matroska = joined(element(EBML, new byte[20]), element(SEGMENT, element(TAGS, simpleTag())));
        byte[] mp4 = joined(box("ftyp", new byte[8]), box("moov", box("udta", box("name", new byte[5]))));
        for (int length = 0; length < matroska.length; length++) {
            passes(java.util.Arrays.copyOf(matroska, length));
        }
        for (int length = 0; length < mp4.length; length++) {
            passes(java.util.Arrays.copyOf(mp4, length));
        }
        passes(box("ftyp"), new byte[] {0, 0, 0, 3, 'm', 'o', 'o', 'v'});
        passes(box("ftyp"), new byte[] {0, 0, 0, 1, 'm', 'o', 'o', 'v', -1, -1, -1, -1, -1, -1, -1, -1, 9});
        passes(element(EBML, new byte[20]), new byte[] {0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0});
    }

    @Test
    void countingCanBeCancelled() throws IOException {
        Path file = Files.write(
                folder.resolve("many"),
                joined(element(EBML, new byte[20]), element(SEGMENT, times(9_000, element("EC")))));
        Progress cancelled = new Cancelled();
        assertThatThrownBy(() -> TagBudget.check(file, cancelled)).isInstanceOf(CancellationException.class);
    }
}
