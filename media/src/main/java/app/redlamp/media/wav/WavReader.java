package app.redlamp.media.wav;

import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.ReadFault;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Reads WAV, RF64, BW64 and Wave64 files with samples of 8 to 32 bits or 32- or 64-bit floats, extensible or not, chunks
 * in any order. A data size of 0 or 0xFFFFFFFF (a recorder that was cut short) means: to the end of the file; of a file that is shorter
 * than it says, what there is.
 */
public final class WavReader implements AudioSource {
    private static final int BUFFER_BYTES = 1 << 16;

    private final FileChannel file;
    private final WavHeader header;
    private final long frames;
    private final ByteBuffer bytes;
    private long position;
    private long framesLeft;

    private WavReader(FileChannel file, WavHeader header) {
        this.file = file;
        this.header = header;
        position = header.dataStart();
        frames = header.dataBytes() / header.frameBytes();
        framesLeft = frames;
        bytes = ByteBuffer.allocate(Math.max(header.frameBytes(), BUFFER_BYTES)).order(ByteOrder.LITTLE_ENDIAN);
    }

    /**
     * Opens a file.
     *
     * @return absent where it is not a WAV file of a kind read here
     * @throws ReadFault where it is one, but broken
     */
    public static Optional<WavReader> open(Path path) throws IOException {
        FileChannel file = FileChannel.open(path, StandardOpenOption.READ);
        try {
            Optional<WavHeader> header = WavHeader.read(file);
            if (header.isEmpty()) {
                file.close();
                return Optional.empty();
            }
            return Optional.of(new WavReader(file, header.get()));
        } catch (IOException | RuntimeException e) {
            file.close();
            throw e;
        }
    }

    public AudioInfo info() {
        return new AudioInfo(
                header.container(),
                header.samples().codec(),
                header.sampleRateHz(),
                OptionalInt.of(header.bits()),
                header.channels(),
                (double) frames / header.sampleRateHz(),
                OptionalInt.empty(),
                Optional.empty(),
                header.labels(),
                (double) header.missingBytes() / header.frameBytes() / header.sampleRateHz());
    }

    /** The broadcast extension, where the file has one. */
    public Optional<BroadcastExtension> broadcast() {
        return header.broadcast();
    }

    @Override
    public int sampleRateHz() {
        return header.sampleRateHz();
    }

    @Override
    public int channels() {
        return header.channels();
    }

    @Override
    public long expectedFrames() {
        return frames;
    }

    @Override
    public int read(float[][] block, int wanted) throws IOException {
        int fit = bytes.capacity() / header.frameBytes();
        int count = (int) Math.min(Math.min(wanted, fit), framesLeft);
        if (count == 0) {
            return 0;
        }
        bytes.clear().limit(count * header.frameBytes());
        while (bytes.hasRemaining()) {
            int n = file.read(bytes, position + bytes.position());
            if (n < 0) {
                throw ReadFault.cutOff(seconds(frames), seconds(frames - framesLeft));
            }
        }
        position += bytes.position();
        bytes.flip();
        header.samples().decode(bytes, block, count);
        framesLeft -= count;
        return count;
    }

    /** Goes to a frame, or to the end where there are fewer. */
    public void seek(long frame) {
        long to = Math.max(0, Math.min(frames, frame));
        position = header.dataStart() + to * header.frameBytes();
        framesLeft = frames - to;
    }

    @Override
    public void close() throws IOException {
        file.close();
    }

    private double seconds(long count) {
        return (double) count / header.sampleRateHz();
    }
}
