package app.redlamp.media.disk;

import app.redlamp.media.fault.Faults;
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
            throw new IOException(Faults.say("disk-space.is-on-no", folder));
        }
        return Files.getFileStore(there).getUsableSpace();
    }
}
