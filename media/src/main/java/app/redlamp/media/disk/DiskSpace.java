package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What a disk still takes, and why it does not take something. */
public final class DiskSpace {
    private DiskSpace() {}

    /**
     * Bytes that can still be written where a folder is, or would be made.
     *
     * @throws IOException where that cannot be told
     */
    public static long free(Path folder) throws IOException {
        Path there = folder.toAbsolutePath();
        while (there != null && !Files.exists(there)) {
            there = there.getParent();
        }
        if (there == null) {
            throw new IOException(folder + " is on no disk that is there; choose another folder");
        }
        return Files.getFileStore(there).getUsableSpace();
    }

    /** A few words on a fault, for the middle of a line. */
    public static String reason(IOException e) {
        boolean bare = e instanceof FileSystemException fault && fault.getReason() == null;
        return bare || e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }
}
