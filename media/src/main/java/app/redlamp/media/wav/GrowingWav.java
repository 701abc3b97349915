package app.redlamp.media.wav;

import app.redlamp.media.disk.Disk;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;

/**
 * A WAV file that is recorded into: bit for bit what came in, readable at any moment up to where it was settled last. A step that the
 * disk refuses can be tried again, and nothing is there twice or missing then. Creates the file and never writes over one. Beyond 4 GiB
 * it is RF64 (ITU-R BS.2088), without a break.
 */
public final class GrowingWav implements Closeable {
    private static final int BUFFER_BYTES = 1 << 16;

    private final Disk disk;
    private final FileChannel file;
    private final SampleCoding coding;
    private final int channels;
    private final WavHead head;
    private final ByteBuffer bytes = ByteBuffer.allocate(BUFFER_BYTES).order(ByteOrder.LITTLE_ENDIAN);
    private long soundBytes;
    private long settledBytes;
    private boolean begun;

    /**
     * @param bits 16, 24 or 32
     * @throws java.nio.file.FileAlreadyExistsException where there is a file of that name
     */
    public GrowingWav(Disk disk, Path path, int sampleRateHz, int channels, int bits) throws IOException {
        this(disk, path, sampleRateHz, channels, bits, WavHead.OPEN);
    }

    /** @param mostBytes size from which the file is RF64 */
    GrowingWav(Disk disk, Path path, int sampleRateHz, int channels, int bits, long mostBytes) throws IOException {
        this.disk = disk;
        this.channels = channels;
        coding = SampleCoding.exact(bits);
        head = head(sampleRateHz, channels, bits, mostBytes);
        file = disk.create(path);
    }

    static WavHead head(int sampleRateHz, int channels, int bits, long mostBytes) {
        return new WavHead(sampleRateHz, channels, SampleCoding.exact(bits).formatTag(), bits, new byte[0], mostBytes);
    }

    /** Frames that can be put before {@link #flush} has to be called. */
    public int room() {
        return bytes.remaining() / head.frameBytes();
    }

    /** Frames that were put, on the disk or on their way. */
    public long frames() {
        return (soundBytes + bytes.position()) / head.frameBytes();
    }

    /**
     * Takes frames over.
     *
     * @param interleaved samples, full scale ±1
     * @param count frames, at most {@link #room}
     */
    public void put(float[] interleaved, int count) {
        for (int i = 0; i < count * channels; i++) {
            coding.put(bytes, interleaved[i]);
        }
    }

    /** Takes over silence of so many frames, at most {@link #room}. */
    public void putSilence(int count) {
        for (int i = 0; i < count * channels; i++) {
            coding.put(bytes, 0);
        }
    }

    /** @throws IOException where the disk does not take it; it is kept, and can be tried again */
    public void flush() throws IOException {
        if (!begun) {
            writeHead();
            begun = true;
        }
        file.position(head.length() + soundBytes);
        disk.write(file, bytes.duplicate().flip());
        soundBytes += bytes.position();
        bytes.clear();
    }

    /**
     * Writes all that there is, and a header that says so; returns when both are on the disk.
     *
     * @throws IOException where the disk does not take it; it is kept, and can be tried again
     */
    public void settle() throws IOException {
        flush();
        writeHead();
        disk.sync(file);
        settledBytes = soundBytes;
    }

    /** Frames that are on the disk for good. */
    public long settledFrames() {
        return settledBytes / head.frameBytes();
    }

    private void writeHead() throws IOException {
        file.position(0);
        disk.write(file, head.of(soundBytes, soundBytes & 1));
    }

    /**
     * Ends a file that is settled.
     *
     * @throws IOException where the disk does not take it; it can be tried again
     */
    public void finish() throws IOException {
        if ((soundBytes & 1) == 1) {
            // A chunk of an odd size has a byte more, which does not count (RIFF).
            file.position(head.length() + soundBytes);
            disk.write(file, ByteBuffer.allocate(1));
        }
        disk.sync(file);
        file.close();
    }

    /**
     * Ends a file as it was settled last; what came after that goes elsewhere.
     *
     * @throws IOException where the disk does not take that either; a reader then finds what was settled, and perhaps more
     */
    public void cut() throws IOException {
        try (file) {
            file.truncate(head.length() + settledBytes);
            soundBytes = settledBytes;
            bytes.clear();
            finish();
        }
    }

    /** Lets go of the file as it is. */
    @Override
    public void close() throws IOException {
        file.close();
    }
}
