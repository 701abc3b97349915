package app.redlamp.media.ffmpeg;

import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Set;

/**
 * Counts tags, tracks and edits of an MP4 or QuickTime file. Source: ISO/IEC 14496-12, 4.2 (boxes), 8.2.1, 8.6.6 (edit
 * lists), 8.10.1 (user data), 8.11.1 (meta boxes); the items of tags, common practice.
 */
final class Mp4Tags {
    /** What such a file begins with, mostly the first. */
    private static final Set<String> FIRST = Set.of("ftyp", "moov", "mdat", "free", "skip", "wide", "sidx", "styp");

    private static final Set<String> OPENED = Set.of("moov", "trak", "edts", "udta", "meta", "ilst");
    /** Those whose children are tags. */
    private static final Set<String> HOLD_TAGS = Set.of("udta", "ilst");

    /** A montage has no more pieces; each is looked for among all samples (ours). */
    private static final long MOST_EDITS = 500;

    /** Boxes between two looks at whether somebody cancelled (ours). */
    private static final int LOOK = 4096;

    private static final int HEADER = 8;
    private static final int DEEPEST = 16;

    private final FilePeek file;
    private final TagCount count;
    private final Progress progress;
    private int boxes;
    private long edits;

    Mp4Tags(FilePeek file, TagCount count, Progress progress) {
        this.file = file;
        this.count = count;
        this.progress = progress;
    }

    /** Whether a box by this name begins such a file. */
    static boolean begins(String name) {
        return FIRST.contains(name);
    }

    void check() throws IOException {
        walk("", 0, file.size(), 0);
    }

    private void walk(String parent, long from, long end, int depth) throws IOException {
        long at = from;
        while (at + HEADER <= end) {
            if (boxes++ % LOOK == 0) {
                progress.check();
            }
            ByteBuffer head = file.read(at, 2 * HEADER, ByteOrder.BIG_ENDIAN);
            if (head.remaining() < HEADER) {
                return;
            }
            String name = file.letters(at + 4, 4);
            long size = head.getInt(0) & 0xFFFFFFFFL;
            boolean large = size == 1 && head.remaining() == 2 * HEADER;
            int header = large ? 2 * HEADER : HEADER;
            size = large ? head.getLong(HEADER) : size == 0 ? end - at : size;
            if (size < header || size > end - at) {
                // Cut off, or no box: the library makes of it what it can.
                size = end - at;
            }
            count.more(HOLD_TAGS.contains(parent) || name.equals("trak") ? 1 : 0, 0);
            inside(name, at + header, at + size, depth);
            at += size;
        }
    }

    private void inside(String name, long from, long end, int depth) throws IOException {
        if (name.equals("keys")) {
            count.more(number(from + 4), 0);
        } else if (name.equals("elst")) {
            edits += number(from + 4);
            if (edits > MOST_EDITS) {
                throw TagCount.tooMany();
            }
        } else if (OPENED.contains(name) && depth < DEEPEST) {
            // In MP4 a meta box begins with a version, in QuickTime it does not.
            boolean version = name.equals("meta") && !file.letters(from + 4, 4).equals("hdlr");
            walk(name, from + (version ? 4 : 0), end, depth + 1);
        }
    }

    private long number(long at) throws IOException {
        ByteBuffer bytes = file.read(at, 4, ByteOrder.BIG_ENDIAN);
        return bytes.remaining() < 4 ? 0 : bytes.getInt(0) & 0xFFFFFFFFL;
    }
}
