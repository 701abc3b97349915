package app.redlamp.media.production;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Keeps a second window off a production. The operating system holds the lock and lets it go when the process ends, however
 * it ends; what is written in the file tells the user who has it, and after a crash that there was one.
 */
final class ProductionLock implements AutoCloseable {
    static final String NAME = ".in-use";
    private static final int MOST_BYTES = 400;

    /** Another window has it. */
    static final class HeldElsewhere extends IOException {
        private static final long serialVersionUID = 1;

        HeldElsewhere(String message) {
            super(message);
        }
    }

    private final FileChannel file;
    private final FileLock lock;
    private final boolean stale;

    private ProductionLock(FileChannel file, FileLock lock, boolean stale) {
        this.file = file;
        this.lock = lock;
        this.stale = stale;
    }

    /**
     * Takes the lock.
     *
     * @param holder who takes it, for the one who comes second; one line
     * @throws HeldElsewhere where it is held, with who holds it
     * @throws IOException where the folder cannot be written
     */
    static ProductionLock take(Path folder, String holder) throws IOException {
        FileChannel file = FileChannel.open(
                folder.resolve(NAME), StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
        try {
            FileLock lock = lock(file);
            String before = content(file);
            if (lock == null) {
                throw new HeldElsewhere("is open already" + (before.isEmpty() ? "" : ": " + before)
                        + "; close it there, or go on working there");
            }
            file.truncate(0);
            file.write(ByteBuffer.wrap(holder.getBytes(StandardCharsets.UTF_8)), 0);
            return new ProductionLock(file, lock, !before.isEmpty());
        } catch (IOException e) {
            file.close();
            throw e;
        }
    }

    /** Whether whoever had it before ended without letting it go. */
    boolean wasStale() {
        return stale;
    }

    @Override
    public void close() throws IOException {
        // The file stays: one that is taken away while another process waits for it would be locked twice.
        try (file) {
            file.truncate(0);
            lock.release();
        }
    }

    private static FileLock lock(FileChannel file) throws IOException {
        try {
            // Not over the part that holds the name, so that others can read it where locks forbid reading.
            return file.tryLock(MOST_BYTES, 1, false);
        } catch (OverlappingFileLockException e) {
            return null;
        }
    }

    private static String content(FileChannel file) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(MOST_BYTES);
        int read = file.read(bytes, 0);
        String text = read <= 0 ? "" : new String(bytes.array(), 0, read, StandardCharsets.UTF_8);
        return text.replaceAll("\\p{Cntrl}", " ").strip();
    }
}
