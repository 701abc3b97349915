package app.redlamp.media.production;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.HashMap;
import java.util.Map;

/**
 * Keeps a second window off a production. The operating system holds the lock and lets it go when the process ends, however
 * it ends; what is written in the file tells the user who has it, and after a crash that there was one.
 *
 * <p>On POSIX systems a process loses its lock as soon as it closes any of its handles on the file (POSIX.1-2017,
 * {@code fcntl}), also one that was never locked. So this process remembers what it holds, and opens none of these files a
 * second time.
 */
final class ProductionLock implements AutoCloseable {
    static final String NAME = ".in-use";
    private static final int MOST_BYTES = 400;

    /**
     * What this process holds, by the identity of the file: the same folder can be reached by several names. The handle is
     * held with it, for a file that is open keeps its identity to itself, even after it was deleted.
     */
    private static final Map<Object, FileChannel> HELD_HERE = new HashMap<>();

    /** Another window has it. */
    static final class HeldElsewhere extends IOException {
        private static final long serialVersionUID = 1;

        HeldElsewhere(String message) {
            super(message);
        }
    }

    /** What lies there under the lock's name was put there by somebody else. */
    static final class NotOurs extends IOException {
        private static final long serialVersionUID = 1;

        NotOurs(String message) {
            super(message);
        }
    }

    private final FileChannel file;
    private final FileLock lock;
    private final Object identity;
    private final byte[] holder;
    private final boolean stale;

    private ProductionLock(FileChannel file, FileLock lock, Object identity, byte[] holder, boolean stale) {
        this.file = file;
        this.lock = lock;
        this.identity = identity;
        this.holder = holder;
        this.stale = stale;
    }

    /**
     * Takes the lock.
     *
     * @param holder who takes it, for the one who comes second; one line
     * @throws HeldElsewhere where it is held, with who holds it
     * @throws GuardedFolder.Refused where what lies there under the lock's name is a link or no file
     * @throws NotOurs where it is a file of somebody else's
     * @throws IOException where the folder cannot be written
     */
    static ProductionLock take(Path folder, String holder) throws IOException {
        synchronized (HELD_HERE) {
            Path path = new GuardedFolder(folder).place(NAME);
            try {
                Files.createFile(path);
            } catch (FileAlreadyExistsException e) {
                // From the last time, or of another window.
            }
            checkOurs(path);
            Object identity = identity(path);
            if (HELD_HERE.containsKey(identity)) {
                throw new HeldElsewhere(Faults.say("production-lock.is-open-already"));
            }
            ProductionLock taken = take(path, identity, holder);
            HELD_HERE.put(identity, taken.file);
            return taken;
        }
    }

    private static ProductionLock take(Path path, Object identity, String holder) throws IOException {
        FileChannel file =
                FileChannel.open(path, StandardOpenOption.READ, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
        try {
            FileLock lock = lock(file);
            String before = content(file);
            if (lock == null) {
                throw new HeldElsewhere(
                        before.isEmpty()
                                ? Faults.say("production-lock.open-elsewhere")
                                : Faults.say("production-lock.open-by", before));
            }
            byte[] written = holder.getBytes(StandardCharsets.UTF_8);
            file.truncate(0);
            file.write(ByteBuffer.wrap(written), 0);
            return new ProductionLock(file, lock, identity, written, !before.isEmpty());
        } catch (IOException e) {
            file.close();
            throw e;
        }
    }

    /** A file of the lock's name that is longer than any lock, or has another name too, was put there by somebody else. */
    private static void checkOurs(Path path) throws IOException {
        boolean ours = Files.size(path) <= MOST_BYTES && names(path) <= 1;
        if (!ours) {
            throw new NotOurs(Faults.say("production-lock.in-it-is", NAME));
        }
    }

    private static int names(Path path) throws IOException {
        return path.getFileSystem().supportedFileAttributeViews().contains("unix")
                ? (Integer) Files.getAttribute(path, "unix:nlink", LinkOption.NOFOLLOW_LINKS)
                : 1;
    }

    private static Object identity(Path path) throws IOException {
        Object key = Files.readAttributes(path, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS)
                .fileKey();
        return key == null ? path.toRealPath() : key;
    }

    /** Whether whoever had it before ended without letting it go. */
    boolean wasStale() {
        return stale;
    }

    /** Whether it is still this one that holds the production: another would have written its own name. */
    boolean held() throws IOException {
        ByteBuffer now = ByteBuffer.allocate(holder.length + 1);
        file.read(now, 0);
        return now.flip().equals(ByteBuffer.wrap(holder));
    }

    @Override
    public void close() throws IOException {
        // The file stays: one that is taken away while another process waits for it would be locked twice.
        synchronized (HELD_HERE) {
            try (file) {
                if (held()) {
                    file.truncate(0);
                }
                lock.release();
            } finally {
                HELD_HERE.remove(identity);
            }
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
        return Reason.shown(text).strip();
    }
}
