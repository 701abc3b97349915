package app.redlamp.media.ffmpeg;

import app.redlamp.core.port.Progress;
import app.redlamp.media.ReadFault;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Counts the tags of a file before the codec library reads them: the time it takes for them grows with their square, and it
 * cannot be stopped while it does. Sources: FLAC, RFC 9639, 8.6 and 8.8; ID3v2 informal standards 2.2 to 2.4, clause 3;
 * Vorbis comments, Xiph.org; Ogg, RFC 3533.
 */
final class TagBudget {
    private static final int MOST_BLOCKS = 1000;
    private static final int VORBIS_COMMENT = 4;
    private static final int PICTURE = 6;
    private static final int ID3_HEADER = 10;
    private static final int OGG_HEAD = 1 << 17;

    private final FilePeek file;
    private final Progress progress;
    private final TagCount count = new TagCount();

    private TagBudget(FilePeek file, Progress progress) {
        this.file = file;
        this.progress = progress;
    }

    /** @throws ReadFault where there are more of them, or they are larger, than any recording has */
    static void check(Path path, Progress progress) throws IOException {
        try (FileChannel file = FileChannel.open(path, StandardOpenOption.READ)) {
            new TagBudget(new FilePeek(file), progress).check();
        }
    }

    private void check() throws IOException {
        long start = id3(0);
        String head = file.letters(start, 4);
        if (head.equals("fLaC")) {
            flac(start + 4);
        } else if (head.equals("OggS")) {
            ogg(start);
        } else if (head.equals(MatroskaTags.HEAD)) {
            new MatroskaTags(file, count, progress).check();
        } else if (Mp4Tags.begins(file.letters(start + 4, 4))) {
            new Mp4Tags(file, count, progress).check();
        }
    }

    private void flac(long at) throws IOException {
        boolean last = false;
        for (int block = 0; !last; block++) {
            ByteBuffer header = file.read(at, 4, ByteOrder.BIG_ENDIAN);
            if (header.remaining() < 4) {
                return;
            }
            int word = header.getInt(0);
            last = word < 0;
            int kind = word >>> 24 & 0x7F;
            int length = word & 0xFFFFFF;
            if (kind == VORBIS_COMMENT) {
                comments(at + 4);
            }
            count.more(0, kind == VORBIS_COMMENT || kind == PICTURE ? length : 0);
            if (block > MOST_BLOCKS) {
                throw TagCount.tooMany();
            }
            at += 4L + length;
        }
    }

    /** Says how many there are in its first bytes: length and text of the maker's name, then their number. */
    private void comments(long at) throws IOException {
        ByteBuffer maker = file.read(at, 4, ByteOrder.LITTLE_ENDIAN);
        if (maker.remaining() == 4) {
            ByteBuffer number = file.read(at + 4 + (maker.getInt(0) & 0xFFFFFFFFL), 4, ByteOrder.LITTLE_ENDIAN);
            if (number.remaining() == 4) {
                count.more(number.getInt(0) & 0xFFFFFFFFL, 0);
            }
        }
    }

    private void ogg(long at) throws IOException {
        String head = file.letters(at, OGG_HEAD);
        for (String mark : new String[] {"\u0003vorbis", "OpusTags"}) {
            int found = head.indexOf(mark);
            if (found >= 0) {
                comments(at + found + mark.length());
            }
        }
    }

    /** Walks over tags at the beginning, one after another as some programs leave them; returns where they end. */
    private long id3(long at) throws IOException {
        for (int tag = 0; file.letters(at, 3).equals("ID3"); tag++) {
            ByteBuffer header = file.read(at, ID3_HEADER, ByteOrder.BIG_ENDIAN);
            if (header.remaining() < ID3_HEADER || tag > MOST_BLOCKS) {
                throw TagCount.tooMany();
            }
            int version = header.get(3);
            long size = sevens(header.getInt(6));
            count.more(0, size);
            frames(at + ID3_HEADER, at + ID3_HEADER + size, version);
            at += ID3_HEADER + size;
        }
        return at;
    }

    private void frames(long at, long end, int version) throws IOException {
        int headerBytes = version == 2 ? 6 : 10;
        while (at + headerBytes <= end) {
            ByteBuffer header = file.read(at, headerBytes, ByteOrder.BIG_ENDIAN);
            if (header.remaining() < headerBytes || header.get(0) == 0) {
                return;
            }
            long size = version == 2
                    ? header.getInt(2) & 0xFFFFFF
                    : version == 3 ? header.getInt(4) & 0xFFFFFFFFL : sevens(header.getInt(4));
            count.more(1, 0);
            at += headerBytes + size;
        }
    }

    private static long sevens(int word) {
        return (word & 0x7F) | (word >> 8 & 0x7F) << 7 | (word >> 16 & 0x7F) << 14 | (word >> 24 & 0x7F) << 21;
    }
}
