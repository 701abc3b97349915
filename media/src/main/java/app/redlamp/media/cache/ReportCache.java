package app.redlamp.media.cache;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.disk.PrivateFolder;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Keeps reports by the SHA-256 of the recording's content, so that a book opens at once and a changed file is never
 * taken for the one before. A stamp of name, size, time of change and samples from several places saves hashing what has
 * not been touched. Every entry carries a checksum: whatever is doubtful is measured again, and costs nothing but that.
 * The folder belongs to the user and is closed to others; where such a one cannot be had nothing is remembered, for figures
 * that somebody else laid there would be shown as measured here.
 */
final class ReportCache {
    /** Raised whenever a meter changes what it measures. */
    static final int VERSION = 8;

    private static final int MOST_BYTES = 64 << 20;
    private static final int MOST_REPORTS = 2000;
    private static final int BUFFER = 1 << 18;
    private static final Pattern HASH = Pattern.compile("[0-9a-f]{64}");
    /** What we write here, and may delete again. */
    private static final Pattern OURS = Pattern.compile("[0-9a-f]{64}\\.report|[0-9a-f]{32}\\.hash");

    private static final String NAME = "measured";

    private final Path caches;

    /** @param caches the user's place for what can be made again; the reports' own folder lies in it */
    ReportCache(Path caches) {
        this.caches = caches;
    }

    /** The report on a file's content; absent where none is kept, or what is kept is not what was written. */
    Optional<Report> find(String hash) {
        try {
            Optional<byte[]> kept = entry(hash + ".report");
            return kept.isPresent() ? Optional.of(ReportDocument.read(VERSION, kept.get())) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Keeps a report; silently does without where the folder cannot be written. */
    void keep(String hash, Report report) {
        try {
            write(hash + ".report", ReportDocument.write(VERSION, report));
            tidy();
        } catch (IOException e) {
            // A report that is not kept is measured again.
        }
    }

    /**
     * SHA-256 of a file's content.
     *
     * @throws IOException where it cannot be read
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    String hash(Path file, Progress progress) throws IOException {
        String stamp = FileStamp.of(file);
        Optional<String> known = known(stamp);
        if (known.isPresent()) {
            return known.get();
        }
        Checksum digest = new Checksum();
        byte[] buffer = new byte[BUFFER];
        try (InputStream in = Files.newInputStream(file)) {
            for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
                progress.check();
                digest.add(buffer, n);
            }
        }
        String hash = digest.hex();
        if (stamp.equals(FileStamp.of(file))) {
            try {
                write(stamp + ".hash", hash.getBytes(StandardCharsets.US_ASCII));
            } catch (IOException e) {
                // Hashed again next time.
            }
        }
        return hash;
    }

    private Optional<String> known(String stamp) {
        try {
            return entry(stamp + ".hash")
                    .map(bytes -> new String(bytes, StandardCharsets.ISO_8859_1))
                    .filter(hash -> HASH.matcher(hash).matches());
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Content of an entry without its checksum; absent where there is none, or the two do not go together. */
    private Optional<byte[]> entry(String name) throws IOException {
        Path file = folder().place(name);
        boolean there = Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS) && Files.size(file) <= MOST_BYTES;
        return there ? Checksum.content(Files.readAllBytes(file)) : Optional.empty();
    }

    private void write(String name, byte[] content) throws IOException {
        AtomicFile.write(folder().place(name), Checksum.sealed(content));
    }

    /** Looked at each time: it may be removed, or opened to others, while the window is open. */
    private GuardedFolder folder() throws IOException {
        return new GuardedFolder(PrivateFolder.in(caches, NAME));
    }

    /** Drops the oldest once there are too many; nothing that is not called as entries are. */
    private void tidy() throws IOException {
        Path folder = folder().root();
        List<Path> kept = new ArrayList<>();
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ReportCache::isOurs)) {
            files.forEach(kept::add);
        }
        if (kept.size() > 2 * MOST_REPORTS) {
            PassingName.sweep(folder, false);
            kept.sort(Comparator.comparing(ReportCache::age));
            for (Path old : kept.subList(0, kept.size() - MOST_REPORTS)) {
                Files.deleteIfExists(old);
            }
        }
    }

    private static boolean isOurs(Path file) {
        return OURS.matcher(file.getFileName().toString()).matches()
                && Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS);
    }

    private static long age(Path file) {
        try {
            return Files.getLastModifiedTime(file, LinkOption.NOFOLLOW_LINKS).toMillis();
        } catch (IOException e) {
            return 0;
        }
    }
}
