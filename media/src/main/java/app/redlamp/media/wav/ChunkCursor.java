package app.redlamp.media.wav;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;

/**
 * Walks over the chunks of a file: RIFF with its four-letter names and sizes of 32 bits, or Wave64 with names of 16
 * bytes and sizes of 64. Sizes are believed only as far as the file goes.
 */
final class ChunkCursor {
    /** No recorder writes so many; a file that does wants to waste our time. */
    private static final int MOST_CHUNKS = 20_000;

    private final FileChannel file;
    private final boolean wave64;
    private long at;
    private int chunks;
    private String name = "";
    private long length;

    ChunkCursor(FileChannel file, long start, boolean wave64) {
        this.file = file;
        this.wave64 = wave64;
        at = start;
    }

    /** Goes to the next chunk; false at the end of the file, or after too many. */
    boolean next() throws IOException {
        int header = headerBytes();
        ByteBuffer bytes = read(at, header);
        if (bytes.remaining() < header || chunks == MOST_CHUNKS) {
            return false;
        }
        chunks++;
        name = letters(bytes, 0);
        length = wave64 ? bytes.getLong(16) - header : bytes.getInt(4) & 0xFFFFFFFFL;
        if (length < 0) {
            length = 0;
        }
        return true;
    }

    boolean tooMany() {
        return chunks == MOST_CHUNKS;
    }

    /** The chunk's four letters. */
    String name() {
        return name;
    }

    /** Bytes of content that the chunk claims. */
    long length() {
        return length;
    }

    /** Where the content begins. */
    long start() {
        return at + headerBytes();
    }

    /** The content, at most so much of it and as much as is there. */
    ByteBuffer content(int most) throws IOException {
        return read(start(), (int) Math.min(length, most));
    }

    /** Leaves the chunk, {@code actual} bytes of content behind. */
    void skip(long actual) throws IOException {
        long end = start() + actual;
        long aligned = wave64 ? (end + 7) / 8 * 8 : end + (actual & 1);
        // Some writers forget the pad byte of an odd chunk: then a name stands where it should be.
        at = aligned != end && !wave64 && plausible(end) && !plausible(aligned) ? end : aligned;
    }

    private boolean plausible(long position) throws IOException {
        ByteBuffer bytes = read(position, 4);
        while (bytes.hasRemaining()) {
            byte letter = bytes.get();
            if (letter < ' ' || letter > '~') {
                return false;
            }
        }
        return bytes.limit() == 4;
    }

    private int headerBytes() {
        return wave64 ? 24 : 8;
    }

    private ByteBuffer read(long position, int bytes) throws IOException {
        return read(file, position, bytes);
    }

    /** Four letters of a buffer. */
    static String letters(ByteBuffer bytes, int at) {
        byte[] name = new byte[4];
        bytes.get(at, name);
        return new String(name, StandardCharsets.ISO_8859_1);
    }

    /** As many bytes from a position on as are there. */
    static ByteBuffer read(FileChannel file, long position, int bytes) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(bytes).order(ByteOrder.LITTLE_ENDIAN);
        boolean more = position >= 0;
        while (more && buffer.hasRemaining()) {
            more = file.read(buffer, position + buffer.position()) > 0;
        }
        return buffer.flip();
    }
}
