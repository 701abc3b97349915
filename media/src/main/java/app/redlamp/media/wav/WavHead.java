package app.redlamp.media.wav;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/**
 * The bytes before the sound of a file that we write. Room for a {@code ds64} chunk is kept from the start, so that a file which
 * outgrows 4 GiB becomes RF64 (ITU-R BS.2088) where it lies.
 */
final class WavHead {
    /** Size that says "to the end of the file". */
    static final long OPEN = 0xFFFFFFFFL;

    private static final int DS64_BYTES = 28;
    private static final int FORMAT_BYTES = 16;

    private final int sampleRateHz;
    private final int channels;
    private final int formatTag;
    private final int bits;
    private final byte[] broadcast;
    private final long mostBytes;

    /**
     * @param formatTag 1 for integers, 3 for floats
     * @param bits of a sample, whole bytes
     * @param broadcast chunk of a broadcast extension; empty for none
     * @param mostBytes size from which the file is RF64
     */
    WavHead(int sampleRateHz, int channels, int formatTag, int bits, byte[] broadcast, long mostBytes) {
        this.sampleRateHz = sampleRateHz;
        this.channels = channels;
        this.formatTag = formatTag;
        this.bits = bits;
        this.broadcast = broadcast;
        this.mostBytes = mostBytes;
    }

    /** Bytes before the sound. */
    int length() {
        return 12 + 8 + DS64_BYTES + broadcast.length + 8 + FORMAT_BYTES + 8;
    }

    int frameBytes() {
        return channels * bits / 8;
    }

    /** Of a file that is being written, and whose sound goes to its end. */
    ByteBuffer open() {
        return of(OPEN, OPEN, false);
    }

    /**
     * Of a file with so much sound.
     *
     * @param soundBytes of the sound alone
     * @param moreBytes of what follows the sound, with the byte that makes an odd size even
     */
    ByteBuffer of(long soundBytes, long moreBytes) {
        long riffBytes = length() - 8 + soundBytes + moreBytes;
        return of(riffBytes, soundBytes, riffBytes > mostBytes);
    }

    private ByteBuffer of(long riffBytes, long soundBytes, boolean rf64) {
        ByteBuffer header = ByteBuffer.allocate(length()).order(ByteOrder.LITTLE_ENDIAN);
        header.put(letters(rf64 ? "RF64" : "RIFF")).putInt(rf64 ? -1 : (int) riffBytes);
        header.put(letters("WAVE"));
        header.put(letters(rf64 ? "ds64" : "JUNK")).putInt(DS64_BYTES);
        header.putLong(rf64 ? riffBytes : 0);
        header.putLong(rf64 ? soundBytes : 0);
        header.putLong(rf64 ? soundBytes / frameBytes() : 0).putInt(0);
        header.put(broadcast);
        header.put(letters("fmt ")).putInt(FORMAT_BYTES);
        header.putShort((short) formatTag).putShort((short) channels).putInt(sampleRateHz);
        header.putInt(sampleRateHz * frameBytes())
                .putShort((short) frameBytes())
                .putShort((short) bits);
        header.put(letters("data")).putInt(rf64 ? -1 : (int) soundBytes);
        return header.flip();
    }

    /**
     * Whether a file that begins so may be one of ours, whatever its sizes are.
     *
     * @param found the first bytes, fewer where the file ends before
     */
    boolean begins(ByteBuffer found) {
        return same(found, of(0, 0, false)) || same(found, of(0, 0, true));
    }

    private boolean same(ByteBuffer found, ByteBuffer wanted) {
        for (int at = 0; at < found.remaining(); at++) {
            boolean size = (at >= 4 && at < 8) || (at >= 20 && at < 20 + DS64_BYTES) || at >= length() - 4;
            if (!size && found.get(at) != wanted.get(at)) {
                return false;
            }
        }
        return true;
    }

    private static byte[] letters(String name) {
        return name.getBytes(StandardCharsets.US_ASCII);
    }
}
