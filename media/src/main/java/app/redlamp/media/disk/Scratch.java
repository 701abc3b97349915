package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A folder of this process for whatever it and its libraries write for a moment: fonts, unpacked pages, speech. It goes when
 * the process ends; what a kill left behind is taken away by the next one that starts.
 */
public final class Scratch {
    private static final String NAME = "scratch";
    private static final String PREFIX = "now-";
    private static final Duration MAKING = Duration.ofHours(1);
    private static final Pattern OURS = Pattern.compile("now-\\d{1,20}");
    private static final String LOCK = ".in-use";
    private static final String PROPERTY = "java.io.tmpdir";

    private static volatile Optional<Path> current = Optional.empty();

    private Scratch() {}

    /** This process's folder; absent where there is none. */
    static Optional<Path> current() {
        return current;
    }

    /**
     * Makes it this process's place for temporary files; call before anything has asked for that place. Where no private
     * folder can be had, things stay as they are.
     *
     * @param cache the platform's place for what can be made again
     */
    public static void begin(Path cache) {
        try {
            Path parent = PrivateFolder.of(cache, NAME);
            sweep(parent);
            boolean forsaken = !parent.getParent().equals(cache.toAbsolutePath());
            if (forsaken) {
                sweepForsaken(parent);
            }
            // Not by the library's own way of naming temporary folders: it would fix the old place for good.
            Path mine = parent.resolve(PREFIX + ProcessHandle.current().pid() + System.nanoTime());
            Files.createDirectory(mine);
            FileChannel file =
                    FileChannel.open(mine.resolve(LOCK), StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
            FileLock lock = file.lock();
            System.setProperty(PROPERTY, mine.toString());
            current = Optional.of(mine);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> end(lock, mine, forsaken), "scratch"));
        } catch (IOException e) {
            // Temporary files then go where the system wants them, as they do everywhere else.
            return;
        }
    }

    private static void end(FileLock lock, Path mine, boolean withParent) {
        try {
            lock.acquiredBy().close();
            remove(mine);
            if (withParent) {
                mine.getParent().toFile().delete();
            }
        } catch (IOException e) {
            // Taken away by the next process that starts.
            return;
        }
    }

    /** Takes away the folders of processes that are no more. */
    static void sweep(Path parent) {
        try (DirectoryStream<Path> folders = Files.newDirectoryStream(parent, PREFIX + "*")) {
            for (Path folder : folders) {
                boolean ours = OURS.matcher(folder.getFileName().toString()).matches()
                        && Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS);
                if (ours && unused(folder.resolve(LOCK))) {
                    remove(folder);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            // Tried again at the next start.
            return;
        }
    }

    /** The same in the places of earlier processes that had no cache of their own either. */
    private static void sweepForsaken(Path parent) {
        try (DirectoryStream<Path> places = Files.newDirectoryStream(parent.getParent(), "redlamp-" + NAME + "-*")) {
            for (Path place : places) {
                boolean ours = Files.isDirectory(place, LinkOption.NOFOLLOW_LINKS)
                        && Files.getOwner(place, LinkOption.NOFOLLOW_LINKS).equals(Files.getOwner(parent))
                        && !place.equals(parent);
                if (ours) {
                    sweep(place);
                    place.toFile().delete();
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            // Tried again at the next start.
            return;
        }
    }

    private static boolean unused(Path lock) throws IOException {
        if (!Files.isRegularFile(lock, LinkOption.NOFOLLOW_LINKS)) {
            // Being made or taken away by another process at this moment, or forsaken just then.
            return Files.getLastModifiedTime(lock.getParent())
                    .toInstant()
                    .isBefore(Instant.now().minus(MAKING));
        }
        try (FileChannel file = FileChannel.open(lock, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
                FileLock free = file.tryLock()) {
            return free != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** Removes what is in a folder; links are removed and not followed. */
    static void empty(Path folder) throws IOException {
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder)) {
            for (Path each : all) {
                remove(each);
            }
        } catch (DirectoryIteratorException e) {
            throw e.getCause();
        }
    }

    /** Removes a folder and what is in it; links are removed and not followed. The lock goes last but for the folder. */
    static void remove(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                if (!file.equals(folder.resolve(LOCK))) {
                    Files.deleteIfExists(file);
                }
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path at, IOException e) throws IOException {
                if (at.equals(folder)) {
                    Files.deleteIfExists(folder.resolve(LOCK));
                }
                Files.deleteIfExists(at);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
