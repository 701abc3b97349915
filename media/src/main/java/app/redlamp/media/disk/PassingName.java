package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.regex.Pattern;

/** Names of files that are being written: hidden, new for each, and told from everything else when a kill leaves them behind. */
public final class PassingName {
    /** Nobody takes so long over a file that is written at once; what is older was left behind by a kill. */
    private static final Duration LEFT_BEHIND = Duration.ofMinutes(10);

    private static final Pattern OURS =
            Pattern.compile("\\.redlamp-[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.part");

    private PassingName() {}

    /** A passing name in a file's folder. */
    public static Path beside(Path file) {
        return file.toAbsolutePath().resolveSibling(".redlamp-" + UUID.randomUUID() + ".part");
    }

    /**
     * Removes what a kill left behind of files that were being written in a folder, and nothing else.
     *
     * @param alone whether nobody else can be writing there now, so that nothing need be old
     */
    public static void sweep(Path folder, boolean alone) {
        Instant before = Instant.now().minus(LEFT_BEHIND);
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, ".redlamp-*.part")) {
            for (Path part : parts) {
                boolean ours = OURS.matcher(part.getFileName().toString()).matches()
                        && Files.isRegularFile(part, LinkOption.NOFOLLOW_LINKS);
                if (ours
                        && (alone || Files.getLastModifiedTime(part).toInstant().isBefore(before))) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            // What cannot be tidied away hinders nobody, and is tried again at the next start.
            return;
        }
    }
}
