package app.redlamp.media.finish;

import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.finish.PassingFiles.Pair;
import java.io.IOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tidies a folder after finishings that were killed: nothing half done is left, and nothing of anybody else's is touched. */
public final class Leftovers {
    private static final String UUID = "[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}";
    private static final Pattern JOB = Pattern.compile("\\.redlamp-(" + UUID + ")\\.job");
    private static final Pattern PART = Pattern.compile("\\.redlamp-(" + UUID + ")\\.[a-z0-9.]{1,20}\\.part");
    private static final int MOST_BYTES = 1 << 16;
    /** Parts without a job: nobody works on one file for so long. */
    private static final Duration LEFT_BEHIND = Duration.ofDays(1);

    private final GuardedFolder folder;
    private final Disk disk;

    private Leftovers(Path folder, Disk disk) {
        this.folder = new GuardedFolder(folder);
        this.disk = disk;
    }

    /** Tidies a folder, if it is there and no link; whatever hinders that is tried again the next time. */
    public static void tidy(Path folder) {
        if (Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS) && Files.isWritable(folder)) {
            try {
                tidy(folder, Disk.REAL);
            } catch (IOException e) {
                // Leftovers are hidden and hinder nobody.
                return;
            }
        }
    }

    /** @throws IOException where the folder cannot be read */
    static void tidy(Path folder, Disk disk) throws IOException {
        new Leftovers(folder, disk).tidy();
    }

    private void tidy() throws IOException {
        try (DirectoryStream<Path> jobs = Files.newDirectoryStream(folder.root(), PassingFiles.PREFIX + "*.job")) {
            for (Path job : jobs) {
                Matcher name = JOB.matcher(job.getFileName().toString());
                if (name.matches() && isFile(job) && !PassingFiles.runningHere(name.group(1))) {
                    end(job, name.group(1));
                }
            }
        } catch (DirectoryIteratorException e) {
            throw e.getCause();
        }
        sweepOld();
    }

    /** Ends what a kill has broken off; leaves alone what another process works on. */
    private void end(Path job, String id) {
        try (FileChannel file = FileChannel.open(
                        job, StandardOpenOption.READ, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
                FileLock free = file.tryLock()) {
            if (free == null) {
                return;
            }
            byte[] written = Channels.newInputStream(file).readNBytes(MOST_BYTES);
            List<Pair> pairs = PassingFiles.Plan.read(written, folder).stream()
                    .filter(p -> isPart(p.passing(), id))
                    .toList();
            if (pairs.stream().anyMatch(Leftovers::isNamed)) {
                nameAll(pairs);
            }
            removeParts(id);
            disk.delete(job);
        } catch (IOException | OverlappingFileLockException e) {
            // Somebody else's at this moment, or tried again the next time.
            return;
        }
    }

    private void nameAll(List<Pair> pairs) throws IOException {
        for (Pair pair : pairs) {
            if (!isNamed(pair) && isFile(pair.passing())) {
                try {
                    disk.publish(pair.passing(), pair.name());
                } catch (FileAlreadyExistsException e) {
                    // Somebody has given that name away meanwhile: the user finishes this recording again.
                    return;
                }
            }
        }
    }

    /** Whether a file had got its name: it is the same file, or has only that name any more. */
    private static boolean isNamed(Pair pair) {
        try {
            return isFile(pair.name()) && (!isFile(pair.passing()) || Files.isSameFile(pair.passing(), pair.name()));
        } catch (IOException e) {
            return false;
        }
    }

    private void removeParts(String id) throws IOException {
        try (DirectoryStream<Path> parts =
                Files.newDirectoryStream(folder.root(), PassingFiles.PREFIX + id + "*" + PassingFiles.PART)) {
            for (Path part : parts) {
                if (isPart(part, id) && isFile(part)) {
                    disk.delete(part);
                }
            }
        } catch (DirectoryIteratorException e) {
            throw e.getCause();
        }
    }

    private void sweepOld() throws IOException {
        Instant before = Instant.now().minus(LEFT_BEHIND);
        try (DirectoryStream<Path> parts =
                Files.newDirectoryStream(folder.root(), PassingFiles.PREFIX + "*" + PassingFiles.PART)) {
            for (Path part : parts) {
                if (PART.matcher(part.getFileName().toString()).matches() && isFile(part) && isOlder(part, before)) {
                    disk.delete(part);
                }
            }
        } catch (DirectoryIteratorException e) {
            throw e.getCause();
        }
    }

    private static boolean isPart(Path part, String id) {
        Matcher name = PART.matcher(part.getFileName().toString());
        return name.matches() && name.group(1).equals(id);
    }

    private static boolean isOlder(Path part, Instant before) {
        try {
            return Files.getLastModifiedTime(part, LinkOption.NOFOLLOW_LINKS)
                    .toInstant()
                    .isBefore(before);
        } catch (IOException e) {
            // Gone meanwhile with the finishing that it belonged to.
            return false;
        }
    }

    private static boolean isFile(Path path) {
        return Files.isRegularFile(path, LinkOption.NOFOLLOW_LINKS);
    }
}
