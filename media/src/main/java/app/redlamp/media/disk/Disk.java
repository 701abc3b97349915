package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;

/**
 * The few steps by which our files come to be and go. Everything that must be whole or not at all is made of these, so that a
 * test can let any single step fail, or everything after it, as a kill does.
 */
public interface Disk {
    Disk REAL = new RealDisk();

    /**
     * Makes a new file; follows no link.
     *
     * @throws java.nio.file.FileAlreadyExistsException where there is anything of that name
     */
    FileChannel create(Path file) throws IOException;

    /** Writes all of it at the channel's position. */
    void write(FileChannel file, ByteBuffer content) throws IOException;

    /** Returns when what was written is on the disk and not only on its way. */
    void sync(FileChannel file) throws IOException;

    /** The same for a file that somebody else has written. */
    void sync(Path file) throws IOException;

    /** Puts a file in another's place in one step. A link of that name is replaced and not followed. */
    void replace(Path from, Path to) throws IOException;

    /**
     * Gives a whole file the name under which it is looked for, in one step. Where the file system can, the passing name stays
     * beside it until it is deleted.
     *
     * @throws java.nio.file.FileAlreadyExistsException where there is anything of that name; it is left as it is
     */
    void publish(Path passing, Path name) throws IOException;

    /** Removes a name; nothing happens where it is not there. A link is removed and not followed. */
    void delete(Path file) throws IOException;

    /** Returns when names that were given and taken in a folder are on the disk. */
    void syncFolder(Path folder) throws IOException;

    /**
     * Bytes that can still be written where a folder is, or would be made.
     *
     * @throws IOException where that cannot be told
     */
    long free(Path folder) throws IOException;
}
