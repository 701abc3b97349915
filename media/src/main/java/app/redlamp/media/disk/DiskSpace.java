package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What a disk still takes. */
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
}
