package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file whole or not at all: beside it first, synced, then renamed over it. */
public final class AtomicFile {
    private AtomicFile() {}

    /** @throws IOException where it cannot be written; the file is as it was before, and nothing else is left behind */
    public static void write(Path file, byte[] content) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            try (FileChannel out = FileChannel.open(
                    part, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE)) {
                ByteBuffer bytes = ByteBuffer.wrap(content);
                while (bytes.hasRemaining()) {
                    out.write(bytes);
                }
                out.force(true);
            }
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            Files.deleteIfExists(part);
            throw e;
        }
    }

    /** A name in the same folder that nothing has yet: the file's own, or with a number before its ending. */
    public static Path free(Path file) {
        Path wanted = file;
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        String ending = dot > 0 ? name.substring(dot) : "";
        for (int n = 2; Files.exists(wanted); n++) {
            wanted = file.resolveSibling(stem + "-" + n + ending);
        }
        return wanted;
    }
}
