package app.redlamp.media.wav;

import app.redlamp.media.disk.Disk;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/** Files that we record into and that were cut off. */
public final class CutWav {
    private CutWav() {}

    /** Frames of a whole file; 0 where it is none. */
    public static long frames(Path path) throws IOException {
        Optional<WavReader> reader = WavReader.open(path);
        if (reader.isEmpty()) {
            return 0;
        }
        try (WavReader open = reader.get()) {
            return open.expectedFrames();
        }
    }

    /**
     * Makes a file whole that {@link GrowingWav} did not finish: all whole frames that are there belong to it. What is whole already stays as
     * it is.
     *
     * @return its frames; 0 where it ends before the first
     * @throws IOException where it is another file than it should be, which stays as it is, or cannot be written
     */
    public static long mend(Disk disk, Path path, int sampleRateHz, int channels, int bits) throws IOException {
        WavHead head = GrowingWav.head(sampleRateHz, channels, bits, WavHead.OPEN);
        try (FileChannel file =
                FileChannel.open(path, StandardOpenOption.READ, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS)) {
            if (!head.begins(ChunkCursor.read(file, 0, head.length()))) {
                throw new IOException(Faults.say("cut-wav.is-another"));
            }
            long frames = Math.max(0, file.size() - head.length()) / head.frameBytes();
            long bytes = frames * head.frameBytes();
            ByteBuffer wanted = head.of(bytes, bytes & 1);
            long size = head.length() + bytes + (bytes & 1);
            if (frames > 0 && (size != file.size() || !wanted.equals(ChunkCursor.read(file, 0, head.length())))) {
                file.truncate(head.length() + bytes);
                file.position(head.length() + bytes);
                disk.write(file, ByteBuffer.allocate((int) (bytes & 1)));
                file.position(0);
                disk.write(file, wanted);
                disk.sync(file);
            }
            return frames;
        }
    }
}
