package app.redlamp.media.wav;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.SampleSink;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Writes a RIFF/WAVE file: with 16- or 24-bit samples, dithered, because samples are worked on as floats and every integer is
 * fewer bits than that; or with any other {@link SampleCoding}. Creates the file and refuses to write over one. The sizes in the header are right
 * after {@link #close}; before that the header says "to the end of the file", so that what was written is readable
 * whenever it breaks off.
 *
 * <p>A file that outgrows 4 GiB becomes RF64 (ITU-R BS.2088): room for its {@code ds64} chunk is kept from the start.
 */
public final class WavWriter implements SampleSink, Closeable {
    private static final long MOST_RIFF_BYTES = WavHead.OPEN;

    private final FileChannel file;
    private final int channels;
    private final SampleCoding coding;
    private final WavHead head;
    private final byte[] labels;
    private final ByteBuffer bytes = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);
    private long dataBytes;

    /**
     * @param bits 16 or 24
     * @throws java.nio.file.FileAlreadyExistsException where there is a file of that name
     */
    public WavWriter(Path path, int sampleRateHz, int channels, int bits) throws IOException {
        this(path, sampleRateHz, channels, bits, Labels.NONE, Optional.empty());
    }

    /** With tags and cue points after the sound, and a broadcast extension before it where one is given. */
    public WavWriter(
            Path path, int sampleRateHz, int channels, int bits, Labels labels, Optional<BroadcastExtension> broadcast)
            throws IOException {
        this(path, sampleRateHz, channels, SampleCoding.dithered(bits), labels, broadcast, MOST_RIFF_BYTES);
    }

    /** For raw takes and for what is worked on: samples coded in another way than with dither. */
    public WavWriter(Path path, int sampleRateHz, int channels, SampleCoding coding) throws IOException {
        this(path, sampleRateHz, channels, coding, Labels.NONE, Optional.empty(), MOST_RIFF_BYTES);
    }

    /** @param mostBytes size from which the file is RF64 */
    WavWriter(
            Path path,
            int sampleRateHz,
            int channels,
            SampleCoding coding,
            Labels labels,
            Optional<BroadcastExtension> broadcast,
            long mostBytes)
            throws IOException {
        this.channels = channels;
        this.coding = coding;
        this.labels = WavLabels.write(labels, sampleRateHz);
        byte[] extension =
                broadcast.map(b -> WavLabels.chunk("bext", b.write())).orElse(new byte[0]);
        head = new WavHead(sampleRateHz, channels, coding.formatTag(), coding.bits(), extension, mostBytes);
        file = FileChannel.open(path, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
        write(head.open());
    }

    @Override
    public void accept(float[][] block, int frames) throws IOException {
        for (int i = 0; i < frames; i++) {
            for (int c = 0; c < channels; c++) {
                if (bytes.remaining() < 4) {
                    drain();
                }
                coding.put(bytes, block[c][i]);
            }
        }
        dataBytes += (long) frames * head.frameBytes();
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
            write(ByteBuffer.wrap(labels));
            file.position(0);
            write(head.of(dataBytes, (dataBytes & 1) + labels.length));
            file.force(true);
        }
    }

    /**
     * Puts the measured loudness into the broadcast extension of a finished file; does nothing where it has none.
     *
     * @param report of that very file
     */
    public static void putLoudness(Path path, Report report) throws IOException {
        try (FileChannel written = FileChannel.open(path, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            ChunkCursor cursor = new ChunkCursor(written, 12, false);
            while (cursor.next() && !cursor.name().equals("data")) {
                if (cursor.name().equals("bext")) {
                    ByteBuffer content = cursor.content(BroadcastExtension.FIXED_BYTES);
                    byte[] chunk = new byte[content.remaining()];
                    content.get(chunk);
                    ByteBuffer changed = ByteBuffer.wrap(
                            BroadcastExtension.read(chunk).with(report).write());
                    changed.limit(BroadcastExtension.FIXED_BYTES);
                    while (changed.hasRemaining()) {
                        written.write(changed, cursor.start() + changed.position());
                    }
                    written.force(true);
                }
                cursor.skip(cursor.length());
            }
        }
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
