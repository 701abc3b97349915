package app.redlamp.media.ffmpeg;

import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Set;

/**
 * Counts tags, chapters, attachments and tracks of a Matroska or WebM file. Sources: EBML, RFC 8794, clause 4 (numbers of
 * elements and their sizes); Matroska, RFC 9559, clauses 5.1.1 to 5.1.8 (the elements).
 */
final class MatroskaTags {
    /** The number of an EBML header, as letters. */
    static final String HEAD = "\u001aE\u00df\u00a3";

    /** Segment, Tracks, Tags, Tag, SimpleTag, Chapters, EditionEntry, ChapterAtom, Attachments: they hold others. */
    private static final Set<Long> OPENED =
            Set.of(0x18538067L, 0x1654AE6BL, 0x1254C367L, 0x7373L, 0x67C8L, 0x1043A770L, 0x45B9L, 0xB6L, 0x1941A469L);

    /** TrackEntry, SimpleTag, ChapterAtom, AttachedFile. */
    private static final Set<Long> COUNTED = Set.of(0xAEL, 0x67C8L, 0xB6L, 0x61A7L);

    /** A recording of a day in clusters without a size has fewer blocks (ours). */
    private static final int MOST_ELEMENTS = 10_000_000;

    /** Elements between two looks at whether somebody cancelled (ours). */
    private static final int LOOK = 4096;

    private static final int LONGEST_NUMBER = 4;
    private static final int LONGEST_SIZE = 8;

    private final FilePeek file;
    private final TagCount count;
    private final Progress progress;

    MatroskaTags(FilePeek file, TagCount count, Progress progress) {
        this.file = file;
        this.count = count;
        this.progress = progress;
    }

    /** Goes from element to element; into those that hold what is counted, and past the others. */
    void check() throws IOException {
        long at = 0;
        for (int element = 0; at < file.size(); element++) {
            if (element % LOOK == 0) {
                progress.check();
            }
            if (element == MOST_ELEMENTS) {
                throw TagCount.tooMany();
            }
            ByteBuffer head = file.read(at, LONGEST_NUMBER + LONGEST_SIZE, ByteOrder.BIG_ENDIAN);
            int numberBytes = width(head, 0);
            int sizeBytes = width(head, numberBytes);
            if (numberBytes > LONGEST_NUMBER
                    || sizeBytes > LONGEST_SIZE
                    || numberBytes + sizeBytes > head.remaining()) {
                return;
            }
            long number = value(head, 0, numberBytes);
            long none = (1L << (7 * sizeBytes)) - 1;
            long size = value(head, numberBytes, sizeBytes) & none;
            boolean unknown = size == none;
            count.more(COUNTED.contains(number) ? 1 : 0, 0);
            at += numberBytes + sizeBytes + (unknown || OPENED.contains(number) ? 0 : size);
        }
    }

    /** Bytes of a number that begins here: one more than its first byte has leading zeros. */
    private static int width(ByteBuffer bytes, int at) {
        return at >= bytes.remaining() ? Integer.MAX_VALUE : Integer.numberOfLeadingZeros(bytes.get(at) & 0xFF) - 23;
    }

    private static long value(ByteBuffer bytes, int from, int count) {
        long value = 0;
        for (int i = from; i < from + count; i++) {
            value = (value << 8) | (bytes.get(i) & 0xFF);
        }
        return value;
    }
}
