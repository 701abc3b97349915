package app.redlamp.media.record;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.Capture;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;

/** Samples of which each says where it stands: whatever is missing, twice or changed on the way is seen. */
final class Ramp {
    private static final int HEADER = 80;
    private static final int BLOCK = 441;

    private Ramp() {}

    /** The integer that stands at a frame of a channel; never 0, which is silence. */
    static int value(long frame, int channel, int bits) {
        int most = (1 << (bits - 1)) - 1;
        return ((int) ((frame * 2 + channel * 1_000_003L) % (2L * most - 1)) - most + 1) | 1;
    }

    /** Gives frames of it to a taker, in blocks as a device does. */
    static void give(Capture.Taker taker, RecordingFormat format, long from, long to) {
        float[][] block = new float[format.channels()][BLOCK];
        double scale = Math.pow(2, 1 - format.bitDepth());
        for (long at = from; at < to; at += BLOCK) {
            int count = (int) Math.min(BLOCK, to - at);
            for (int c = 0; c < format.channels(); c++) {
                for (int n = 0; n < count; n++) {
                    block[c][n] = (float) (value(at + n, c, format.bitDepth()) * scale);
                }
            }
            taker.take(block, count, 0);
        }
    }

    /** Frames of a file that we wrote, by its length; it is read here byte by byte. */
    static long frames(Path file, RecordingFormat format) throws IOException {
        return (Files.size(file) - HEADER) / frameBytes(format);
    }

    private static int frameBytes(RecordingFormat format) {
        return format.channels() * format.bitDepth() / 8;
    }

    /** That a stretch of a file is the ramp from a frame on, or silence where that is below 0. */
    static void assertHolds(Path file, RecordingFormat format, long at, long count, long ramp) throws IOException {
        byte[] all = Files.readAllBytes(file);
        int width = format.bitDepth() / 8;
        assertThat((long) all.length).isGreaterThanOrEqualTo(HEADER + (at + count) * (long) frameBytes(format));
        for (long n = 0; n < count; n++) {
            for (int c = 0; c < format.channels(); c++) {
                int offset = Math.toIntExact(HEADER + (at + n) * frameBytes(format) + (long) c * width);
                int value = 0;
                for (int b = width - 1; b >= 0; b--) {
                    value = b == width - 1 ? all[offset + b] : ((value << 8) | (all[offset + b] & 0xFF));
                }
                int wanted = ramp < 0 ? 0 : value(ramp + n, c, format.bitDepth());
                if (value != wanted) {
                    assertThat(value)
                            .as("frame %d of %s, channel %d", at + n, file.getFileName(), c)
                            .isEqualTo(wanted);
                }
            }
        }
    }

    /** Bytes of sound that the header of a file says. */
    static long said(Path file) throws IOException {
        ByteBuffer head = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
        return head.getInt(HEADER - 4) & 0xFFFFFFFFL;
    }
}
