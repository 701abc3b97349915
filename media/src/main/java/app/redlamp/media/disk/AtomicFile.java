package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;

/**
 * Writes a file whole or not at all: beside it first, under a name that nobody can foresee, synced, then put in its place. A
 * link of the file's name is replaced and not followed.
 */
public final class AtomicFile {
    private static final int MOST_TRIES = 100;

    private AtomicFile() {}

    /** @throws IOException where it cannot be written; the file is as it was before, and nothing else is left behind */
    public static void write(Path file, byte[] content) throws IOException {
        write(Disk.REAL, file, content);
    }

    /** The same on a disk of one's own. */
    public static void write(Disk disk, Path file, byte[] content) throws IOException {
        Path part = PassingName.beside(file);
        try {
            try (FileChannel out = disk.create(part)) {
                disk.write(out, ByteBuffer.wrap(content));
                disk.sync(out);
            }
            disk.replace(part, file);
        } catch (IOException e) {
            try {
                disk.delete(part);
            } catch (IOException left) {
                e.addSuppressed(left);
            }
            throw e;
        }
        disk.syncFolder(part.getParent());
    }

    /** A name in the same folder that nothing has yet: the file's own, or with a number before its ending. */
    public static Path free(Path file) {
        Path wanted = file;
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        String ending = dot > 0 ? name.substring(dot) : "";
        for (int n = 2; Files.exists(wanted, LinkOption.NOFOLLOW_LINKS); n++) {
            wanted = file.resolveSibling(stem + "-" + n + ending);
        }
        return wanted;
    }

    /**
     * Gives a whole file the first name that is free, which another may take in this very moment.
     *
     * @param part its passing name
     * @param wanted its name, or the one that gets a number
     * @return the name that it has
     */
    public static Path publish(Disk disk, Path part, Path wanted) throws IOException {
        for (int tries = 0; ; tries++) {
            Path name = free(wanted);
            try {
                disk.publish(part, name);
                return name;
            } catch (FileAlreadyExistsException e) {
                if (tries == MOST_TRIES) {
                    throw e;
                }
            }
        }
    }
}
