package app.redlamp.media.cache;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/**
 * Keeps reports by the SHA-256 of the recording's content, so that a book opens at once and a changed file is never
 * taken for the one before. A stamp of name, size and time of change saves hashing what has not been touched. Whatever
 * goes wrong here only costs measuring again.
 */
final class ReportCache {
    /** Raised whenever a meter changes what it measures. */
    static final int VERSION = 1;

    private static final int MOST_BYTES = 64 << 20;
    private static final int MOST_REPORTS = 2000;
    private static final int BUFFER = 1 << 18;

    private final Path folder;

    ReportCache(Path folder) {
        this.folder = folder;
    }

    /** The report on a file's content, and its hash for {@link #keep}. */
    Optional<Report> find(String hash) {
        Path kept = folder.resolve(hash + ".json");
        try {
            return Files.isRegularFile(kept) && Files.size(kept) <= MOST_BYTES
                    ? Optional.of(ReportDocument.read(VERSION, Files.readAllBytes(kept)))
                    : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Keeps a report; silently does without where the folder cannot be written. */
    void keep(String hash, Report report) {
        try {
            write(folder.resolve(hash + ".json"), ReportDocument.write(VERSION, report));
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
        String stamp = stamp(file);
        Path known = folder.resolve(stamp + ".hash");
        if (Files.isRegularFile(known) && Files.size(known) == 64) {
            String hash = Files.readString(known, StandardCharsets.US_ASCII);
            if (hash.matches("[0-9a-f]{64}")) {
                return hash;
            }
        }
        MessageDigest digest = sha256();
        byte[] buffer = new byte[BUFFER];
        try (InputStream in = Files.newInputStream(file)) {
            for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
                progress.check();
                digest.update(buffer, 0, n);
            }
        }
        String hash = HexFormat.of().formatHex(digest.digest());
        if (stamp.equals(stamp(file))) {
            try {
                write(known, hash.getBytes(StandardCharsets.US_ASCII));
            } catch (IOException e) {
                // Hashed again next time.
            }
        }
        return hash;
    }

    /** Stands for a file as long as its name, size and time of change stay. */
    private static String stamp(Path file) throws IOException {
        String text = file.toAbsolutePath().normalize() + "\n" + Files.size(file) + "\n"
                + Files.getLastModifiedTime(file).to(TimeUnit.NANOSECONDS);
        return HexFormat.of().formatHex(sha256().digest(text.getBytes(StandardCharsets.UTF_8)), 0, 16);
    }

    private void write(Path to, byte[] content) throws IOException {
        Files.createDirectories(folder);
        Path part = Files.createTempFile(folder, ".kept-", ".part");
        try {
            Files.write(part, content);
            Files.move(part, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Drops the oldest once there are too many. */
    private void tidy() throws IOException {
        List<Path> kept = new ArrayList<>();
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "*.{json,hash}")) {
            files.forEach(kept::add);
        }
        if (kept.size() > 2 * MOST_REPORTS) {
            kept.sort(Comparator.comparing(ReportCache::age));
            for (Path old : kept.subList(0, kept.size() - MOST_REPORTS)) {
                Files.deleteIfExists(old);
            }
        }
    }

    private static long age(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis();
        } catch (IOException e) {
            return 0;
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
