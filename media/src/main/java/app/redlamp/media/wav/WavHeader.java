package app.redlamp.media.wav;

import app.redlamp.core.signal.Labels;
import app.redlamp.media.ReadFault;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.Optional;

/**
 * What stands around the samples of a WAV, RF64, BW64 or Wave64 file.
 *
 * <p>Sources: RIFF/WAVE (Multimedia Programming Interface and Data Specifications 1.0); RF64 and BW64 with their
 * {@code ds64} chunk, ITU-R BS.2088; Broadcast Wave, EBU Tech 3285.
 *
 * @param container {@code wav} or {@code w64}
 * @param samples how samples are laid down
 * @param bits bits of a sample that count, at most what its bytes hold
 * @param dataStart where the samples begin
 * @param dataBytes bytes of samples that are there
 * @param missingBytes bytes of samples that are promised and not there, 0 or more
 */
record WavHeader(
        String container,
        SampleFormat samples,
        int bits,
        int channels,
        int sampleRateHz,
        long dataStart,
        long dataBytes,
        long missingBytes,
        Optional<BroadcastExtension> broadcast,
        Labels labels) {

    private static final int EXTENSIBLE = 0xFFFE;
    private static final int MOST_CHANNELS = 64;
    /** Half of it lies above the corner of the K-weighting's shelf; no recorder is slower. */
    private static final int LOWEST_RATE = 4000;

    private static final int HIGHEST_RATE = 768_000;
    private static final long NOT_SAID = 0xFFFFFFFFL;
    private static final int MOST_BROADCAST = 1 << 16;

    private record Format(SampleFormat samples, int bits, int channels, int sampleRateHz) {}

    int frameBytes() {
        return channels * samples.bytes();
    }

    /**
     * Reads a file's header.
     *
     * @return absent where it is no such file, or its samples are coded in a way that is not read here
     * @throws ReadFault where it is one, but broken
     */
    static Optional<WavHeader> read(FileChannel file) throws IOException {
        ByteBuffer head = ChunkCursor.read(file, 0, 40);
        if (head.remaining() < 12) {
            return Optional.empty();
        }
        if (isWave64(head)) {
            return new Walk(file, new ChunkCursor(file, 40, true), "w64").header();
        }
        String form = ChunkCursor.letters(head, 0);
        boolean riff = form.equals("RIFF") || form.equals("RF64") || form.equals("BW64");
        return riff && ChunkCursor.letters(head, 8).equals("WAVE")
                ? new Walk(file, new ChunkCursor(file, 12, false), "wav").header()
                : Optional.empty();
    }

    private static boolean isWave64(ByteBuffer head) {
        return head.remaining() >= 40
                && ChunkCursor.letters(head, 0).equals("riff")
                && ChunkCursor.letters(head, 24).equals("wave");
    }

    /** One walk over all chunks. */
    private static final class Walk {
        private final FileChannel file;
        private final ChunkCursor cursor;
        private final String container;
        private final WavLabels labels = new WavLabels();
        private Optional<BroadcastExtension> broadcast = Optional.empty();
        private Format format;
        private boolean codedOtherwise;
        private long longData = -1;
        private long dataStart = -1;
        private long claimed;
        private long there;

        Walk(FileChannel file, ChunkCursor cursor, String container) {
            this.file = file;
            this.cursor = cursor;
            this.container = container;
        }

        Optional<WavHeader> header() throws IOException {
            while (!codedOtherwise && cursor.next()) {
                cursor.skip(take());
            }
            if (codedOtherwise) {
                return Optional.empty();
            }
            if (format == null) {
                throw new ReadFault(
                        cursor.tooMany()
                                ? Faults.say("wav-header.is-wav-file-nothing")
                                : Faults.say("wav-header.has-no-format"));
            }
            if (dataStart < 0) {
                throw noSound();
            }
            long found = Math.min(claimed, there);
            if (found < (long) format.channels() * format.samples().bytes()) {
                throw noSound();
            }
            return Optional.of(new WavHeader(
                    container,
                    format.samples(),
                    format.bits(),
                    format.channels(),
                    format.sampleRateHz(),
                    dataStart,
                    found,
                    claimed - found,
                    broadcast,
                    labels.labels(format.sampleRateHz())));
        }

        /** Takes in one chunk and says how many bytes of content it really has. */
        private long take() throws IOException {
            switch (cursor.name()) {
                case "fmt " -> takeFormat();
                case "ds64" ->
                    longData = cursor.content(28).remaining() < 16
                            ? -1
                            : cursor.content(28).getLong(8);
                case "data" -> {
                    if (dataStart < 0) {
                        return takeData();
                    }
                }
                case "bext" -> {
                    ByteBuffer content = cursor.content(MOST_BROADCAST);
                    byte[] bytes = new byte[content.remaining()];
                    content.get(bytes);
                    broadcast = Optional.of(BroadcastExtension.read(bytes));
                }
                case "cue ", "LIST" -> labels.read(cursor.name(), cursor.content(WavLabels.MOST_BYTES));
                default -> {}
            }
            return cursor.length();
        }

        private long takeData() throws IOException {
            dataStart = cursor.start();
            there = file.size() - dataStart;
            claimed = cursor.length();
            if (claimed == NOT_SAID && longData > 0) {
                claimed = longData;
            } else if (claimed == 0 || claimed == NOT_SAID) {
                // A recorder that was cut short never came back to fill the size in.
                claimed = there;
            }
            return claimed;
        }

        private void takeFormat() throws IOException {
            ByteBuffer chunk = cursor.content(40);
            if (chunk.remaining() < 16) {
                throw new ReadFault(Faults.say("wav-header.has-broken-format"));
            }
            int tag = chunk.getShort(0) & 0xFFFF;
            int channels = chunk.getShort(2) & 0xFFFF;
            int rate = chunk.getInt(4);
            int blockAlign = chunk.getShort(12) & 0xFFFF;
            int bits = chunk.getShort(14) & 0xFFFF;
            if (tag == EXTENSIBLE && chunk.remaining() >= 26) {
                int valid = chunk.getShort(18) & 0xFFFF;
                bits = valid > 0 && valid <= bits ? valid : bits;
                tag = chunk.getShort(24) & 0xFFFF;
            }
            if (channels < 1 || channels > MOST_CHANNELS || rate < LOWEST_RATE || rate > HIGHEST_RATE) {
                throw new ReadFault(
                        Faults.say("wav-header.claims-channels-at", channels, Integer.toUnsignedString(rate)));
            }
            int bytes = blockAlign / channels;
            Optional<SampleFormat> samples =
                    bytes * channels == blockAlign ? SampleFormat.of(tag, bytes) : Optional.empty();
            codedOtherwise = samples.isEmpty();
            if (samples.isPresent()) {
                if (bits % 2 != 0 || bits <= 8 * (bytes - 1) || bits > 8 * bytes) {
                    throw new ReadFault(Faults.say("wav-header.claims-bits", bits, bytes));
                }
                format = new Format(samples.get(), bits, channels, rate);
            }
        }

        private static ReadFault noSound() {
            return new ReadFault(Faults.say("wav-header.is-wav-file"));
        }
    }
}
