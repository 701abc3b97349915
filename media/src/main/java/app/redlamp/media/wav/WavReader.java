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
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Reads RIFF/WAVE files with 16-, 24- or 32-bit integer or 32- or 64-bit float samples, extensible or not, chunks in any
 * order. A data size of 0 or 0xFFFFFFFF (a recorder that was cut short) means: to the end of the file.
 */
public final class WavReader implements AudioSource {
    private static final int RIFF = 0x46464952;
    private static final int WAVE = 0x45564157;
    private static final int FMT = 0x20746d66;
    private static final int DATA = 0x61746164;
    private static final int PCM = 1;
    private static final int FLOAT = 3;
    private static final int EXTENSIBLE = 0xFFFE;
    private static final int MOST_CHUNKS = 100_000;
    private static final int MOST_CHANNELS = 64;
    private static final int LOWEST_RATE = 1000;
    private static final int HIGHEST_RATE = 768_000;

    private final FileChannel file;
    private final Format format;
    private final long frames;
    private final ByteBuffer bytes;
    private long position;
    private long framesLeft;

    private record Format(boolean isFloat, int channels, int sampleRateHz, int bytesPerSample) {
        int frameBytes() {
            return channels * bytesPerSample;
        }
    }

    private WavReader(FileChannel file, Format format, long dataStart, long dataBytes) {
        this.file = file;
        this.format = format;
        position = dataStart;
        frames = dataBytes / format.frameBytes();
        framesLeft = frames;
        bytes = ByteBuffer.allocate(Math.max(format.frameBytes(), 1 << 16)).order(ByteOrder.LITTLE_ENDIAN);
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
            Optional<WavReader> reader = parse(file);
            if (reader.isEmpty()) {
                file.close();
            }
            return reader;
        } catch (IOException | RuntimeException e) {
            file.close();
            throw e;
        }
    }

    public AudioInfo info() {
        int bits = format.bytesPerSample() * 8;
        String codec = String.format(Locale.ROOT, "pcm_%s%dle", format.isFloat() ? "f" : "s", bits);
        return new AudioInfo(
                "wav",
                codec,
                format.sampleRateHz(),
                OptionalInt.of(bits),
                format.channels(),
                (double) frames / format.sampleRateHz(),
                OptionalInt.empty());
    }

    @Override
    public int sampleRateHz() {
        return format.sampleRateHz();
    }

    @Override
    public int channels() {
        return format.channels();
    }

    @Override
    public long expectedFrames() {
        return frames;
    }

    @Override
    public int read(float[][] block, int wanted) throws IOException {
        int fit = bytes.capacity() / format.frameBytes();
        int count = (int) Math.min(Math.min(wanted, fit), framesLeft);
        if (count == 0) {
            return 0;
        }
        bytes.clear().limit(count * format.frameBytes());
        while (bytes.hasRemaining()) {
            int n = file.read(bytes, position + bytes.position());
            if (n < 0) {
                throw ReadFault.cutOff(seconds(frames), seconds(frames - framesLeft));
            }
        }
        position += bytes.position();
        bytes.flip();
        for (int i = 0; i < count; i++) {
            for (int c = 0; c < format.channels(); c++) {
                block[c][i] = sample();
            }
        }
        framesLeft -= count;
        return count;
    }

    @Override
    public void close() throws IOException {
        file.close();
    }

    private float sample() {
        if (format.isFloat()) {
            return format.bytesPerSample() == 4 ? bytes.getFloat() : (float) bytes.getDouble();
        }
        return switch (format.bytesPerSample()) {
            case 2 -> bytes.getShort() / 32768f;
            case 3 -> ((bytes.getShort() & 0xFFFF) | (bytes.get() << 16)) / 8388608f;
            default -> (float) (bytes.getInt() / 2147483648.0);
        };
    }

    private double seconds(long count) {
        return (double) count / format.sampleRateHz();
    }

    private static Optional<WavReader> parse(FileChannel file) throws IOException {
        ByteBuffer head = at(file, 0, 12);
        if (head.remaining() < 12 || head.getInt(0) != RIFF || head.getInt(8) != WAVE) {
            return Optional.empty();
        }
        long size = file.size();
        long at = 12;
        Format format = null;
        for (int chunks = 0; chunks < MOST_CHUNKS; chunks++) {
            ByteBuffer chunk = at(file, at, 8);
            if (chunk.remaining() < 8) {
                break;
            }
            long length = chunk.getInt(4) & 0xFFFFFFFFL;
            if (chunk.getInt(0) == FMT) {
                Optional<Format> read = format(at(file, at + 8, (int) Math.min(length, 40)));
                if (read.isEmpty()) {
                    return Optional.empty();
                }
                format = read.get();
            } else if (chunk.getInt(0) == DATA) {
                if (format == null) {
                    throw new ReadFault("has no format description before its sound; export it again as WAV");
                }
                return Optional.of(data(file, format, at + 8, length, size));
            }
            at += 8 + length + (length & 1);
        }
        throw new ReadFault("is a WAV file without sound in it; record or export it again");
    }

    private static WavReader data(FileChannel file, Format format, long start, long length, long size)
            throws ReadFault {
        long there = size - start;
        boolean open = length == 0 || length == 0xFFFFFFFFL;
        if (!open && length > there) {
            double rate = (double) format.frameBytes() * format.sampleRateHz();
            throw ReadFault.cutOff(length / rate, there / rate);
        }
        WavReader reader = new WavReader(file, format, start, open ? there : length);
        if (reader.frames == 0) {
            throw new ReadFault("is a WAV file without sound in it; record or export it again");
        }
        return reader;
    }

    /** Absent for a coding that is not read here. */
    private static Optional<Format> format(ByteBuffer chunk) throws ReadFault {
        if (chunk.remaining() < 16) {
            throw new ReadFault("has a broken format description; export it again as WAV");
        }
        int tag = chunk.getShort(0) & 0xFFFF;
        int channels = chunk.getShort(2) & 0xFFFF;
        int rate = chunk.getInt(4);
        int blockAlign = chunk.getShort(12) & 0xFFFF;
        if (tag == EXTENSIBLE && chunk.remaining() >= 26) {
            tag = chunk.getShort(24) & 0xFFFF;
        }
        if (channels < 1 || channels > MOST_CHANNELS || rate < LOWEST_RATE || rate > HIGHEST_RATE) {
            throw new ReadFault("claims " + channels + " channels at " + Integer.toUnsignedString(rate)
                    + " Hz, which cannot be; export it again as WAV");
        }
        int bytes = blockAlign / channels;
        boolean known = tag == PCM ? bytes >= 2 && bytes <= 4 : tag == FLOAT && (bytes == 4 || bytes == 8);
        return known && bytes * channels == blockAlign
                ? Optional.of(new Format(tag == FLOAT, channels, rate, bytes))
                : Optional.empty();
    }

    private static ByteBuffer at(FileChannel file, long position, int length) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(length).order(ByteOrder.LITTLE_ENDIAN);
        boolean more = true;
        while (more && buffer.hasRemaining()) {
            more = file.read(buffer, position + buffer.position()) > 0;
        }
        return buffer.flip();
    }
}
