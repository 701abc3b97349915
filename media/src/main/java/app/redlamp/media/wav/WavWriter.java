package app.redlamp.media.wav;

import app.redlamp.core.finish.Dither;
import app.redlamp.core.signal.SampleSink;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Writes a RIFF/WAVE file with 16- or 24-bit samples, dithered, because samples are worked on as floats and every
 * integer is fewer bits than that. Creates the file and refuses to write over one. The sizes in the header are right
 * after {@link #close}; before that the header says "to the end of the file", so that what was written is readable
 * whenever it breaks off.
 */
public final class WavWriter implements SampleSink, Closeable {
    private static final int HEADER_BYTES = 44;
    private static final long MOST_BYTES = 0xFFFFFFFFL - HEADER_BYTES;

    private final FileChannel file;
    private final int sampleRateHz;
    private final int channels;
    private final int bits;
    private final Dither dither;
    private final ByteBuffer bytes = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);
    private long dataBytes;

    /**
     * @param bits 16 or 24
     * @throws java.nio.file.FileAlreadyExistsException where there is a file of that name
     */
    public WavWriter(Path path, int sampleRateHz, int channels, int bits) throws IOException {
        if (!(bits == 16 || bits == 24)) {
            throw new IllegalArgumentException(bits + " bit: must be 16 or 24");
        }
        this.sampleRateHz = sampleRateHz;
        this.channels = channels;
        this.bits = bits;
        dither = new Dither(bits);
        file = FileChannel.open(path, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
        write(header(0xFFFFFFFFL));
    }

    @Override
    public void accept(float[][] block, int frames) throws IOException {
        long more = (long) frames * channels * (bits / 8);
        if (dataBytes + more > MOST_BYTES) {
            throw new IOException("is longer than a WAV file can hold (4 GiB); split it");
        }
        for (int i = 0; i < frames; i++) {
            for (int c = 0; c < channels; c++) {
                if (bytes.remaining() < 4) {
                    drain();
                }
                int value = dither.quantise(block[c][i]);
                bytes.putShort((short) value);
                if (bits == 24) {
                    bytes.put((byte) (value >> 16));
                }
            }
        }
        dataBytes += more;
    }

    @Override
    public void close() throws IOException {
        if (!file.isOpen()) {
            return;
        }
        try (file) {
            if ((dataBytes & 1) == 1) {
                bytes.put((byte) 0);
            }
            drain();
            file.position(0);
            write(header(dataBytes));
            file.force(true);
        }
    }

    private ByteBuffer header(long dataSize) {
        int frameBytes = channels * bits / 8;
        long riffSize = dataSize == 0xFFFFFFFFL ? dataSize : dataSize + (dataSize & 1) + HEADER_BYTES - 8;
        ByteBuffer header = ByteBuffer.allocate(HEADER_BYTES).order(ByteOrder.LITTLE_ENDIAN);
        header.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt((int) riffSize);
        header.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        header.putShort((short) 1).putShort((short) channels).putInt(sampleRateHz);
        header.putInt(sampleRateHz * frameBytes).putShort((short) frameBytes).putShort((short) bits);
        header.put("data".getBytes(StandardCharsets.US_ASCII)).putInt((int) dataSize);
        return header.flip();
    }

    private void drain() throws IOException {
        write(bytes.flip());
        bytes.clear();
    }

    private void write(ByteBuffer buffer) throws IOException {
        while (buffer.hasRemaining()) {
            file.write(buffer);
        }
    }
}
