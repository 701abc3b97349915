package app.redlamp.media.ffmpeg;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;

/** A few bytes of a file anywhere in it; fewer, or none, where it ends. */
final class FilePeek {
    /** What lies close together is read at once. */
    private static final int WINDOW = 1 << 12;

    private final FileChannel file;
    private final ByteBuffer window = ByteBuffer.allocate(WINDOW).limit(0);
    private long windowAt;

    FilePeek(FileChannel file) {
        this.file = file;
    }

    long size() throws IOException {
        return file.size();
    }

    ByteBuffer read(long at, int count, ByteOrder order) throws IOException {
        if (at < 0) {
            return ByteBuffer.allocate(0).order(order);
        }
        if (count > WINDOW) {
            return fill(ByteBuffer.allocate(count), at).order(order);
        }
        if (at < windowAt || at + count > windowAt + window.limit()) {
            windowAt = at;
            fill(window.clear(), at);
        }
        int from = Math.min((int) (at - windowAt), window.limit());
        ByteBuffer copy =
                ByteBuffer.allocate(Math.min(count, window.limit() - from)).order(order);
        window.get(from, copy.array());
        return copy;
    }

    private ByteBuffer fill(ByteBuffer buffer, long at) throws IOException {
        boolean more = true;
        while (more && buffer.hasRemaining()) {
            more = file.read(buffer, at + buffer.position()) > 0;
        }
        return buffer.flip();
    }

    /** Bytes as the letters of the same numbers. */
    String letters(long at, int count) throws IOException {
        return StandardCharsets.ISO_8859_1
                .decode(read(at, count, ByteOrder.BIG_ENDIAN))
                .toString();
    }
}
