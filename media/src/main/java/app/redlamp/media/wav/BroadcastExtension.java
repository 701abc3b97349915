package app.redlamp.media.wav;

import app.redlamp.core.measure.analysis.Report;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * The {@code bext} chunk of a Broadcast Wave file.
 *
 * <p>Source: EBU Tech 3285 version 2. Loudness values are kept in hundredths; 0x7FFF stands for "not measured".
 *
 * @param description at most 256 characters
 * @param originator at most 32 characters
 * @param reference at most 32 characters
 * @param date as {@code yyyy-mm-dd}
 * @param time as {@code hh:mm:ss}
 * @param timeReference samples since midnight at which the file begins
 * @param codingHistory lines on how the sound was coded
 */
public record BroadcastExtension(
        String description,
        String originator,
        String reference,
        String date,
        String time,
        long timeReference,
        OptionalDouble integratedLufs,
        OptionalDouble rangeLu,
        OptionalDouble truePeakDbtp,
        OptionalDouble maxMomentaryLufs,
        OptionalDouble maxShortTermLufs,
        String codingHistory) {

    /** Bytes of the chunk without coding history. */
    static final int FIXED_BYTES = 602;

    private static final int VERSION = 2;
    private static final short NOT_MEASURED = 0x7FFF;
    private static final Charset TEXT = StandardCharsets.ISO_8859_1;
    private static final int LOUDNESS_AT = 412;
    private static final int MOST_HISTORY = 4096;

    /** A new file's, without loudness, which is put in once it has been measured. */
    public static BroadcastExtension of(String description, String originator) {
        OptionalDouble none = OptionalDouble.empty();
        return new BroadcastExtension(description, originator, "", "", "", 0, none, none, none, none, none, "");
    }

    /** The same with the loudness that was measured. */
    BroadcastExtension with(Report report) {
        return new BroadcastExtension(
                description,
                originator,
                reference,
                date,
                time,
                timeReference,
                report.integratedLufs(),
                report.loudness().rangeLu(),
                report.truePeakDbtp(),
                report.loudness().maxMomentaryLufs(),
                report.loudness().maxShortTermLufs(),
                codingHistory);
    }

    /** Reads a chunk; what is missing at its end is empty. */
    static BroadcastExtension read(byte[] chunk) {
        byte[] bytes = Arrays.copyOf(chunk, Math.max(FIXED_BYTES, chunk.length));
        ByteBuffer buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        boolean measured = buffer.getShort(346) >= VERSION;
        return new BroadcastExtension(
                text(bytes, 0, 256),
                text(bytes, 256, 32),
                text(bytes, 288, 32),
                text(bytes, 320, 10),
                text(bytes, 330, 8),
                buffer.getLong(338),
                hundredths(buffer, 0, measured),
                hundredths(buffer, 1, measured),
                hundredths(buffer, 2, measured),
                hundredths(buffer, 3, measured),
                hundredths(buffer, 4, measured),
                text(bytes, FIXED_BYTES, bytes.length - FIXED_BYTES));
    }

    /** The chunk's content. */
    byte[] write() {
        byte[] history = codingHistory.getBytes(TEXT);
        int historyBytes = Math.min(MOST_HISTORY, history.length);
        byte[] bytes = new byte[FIXED_BYTES + historyBytes];
        put(bytes, 0, 256, description);
        put(bytes, 256, 32, originator);
        put(bytes, 288, 32, reference);
        put(bytes, 320, 10, date);
        put(bytes, 330, 8, time);
        ByteBuffer buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        buffer.putLong(338, timeReference);
        buffer.putShort(346, (short) VERSION);
        OptionalDouble[] values = {integratedLufs, rangeLu, truePeakDbtp, maxMomentaryLufs, maxShortTermLufs};
        for (int i = 0; i < values.length; i++) {
            short value = values[i].isPresent() ? (short) Math.round(100 * values[i].getAsDouble()) : NOT_MEASURED;
            buffer.putShort(LOUDNESS_AT + 2 * i, value);
        }
        System.arraycopy(history, 0, bytes, FIXED_BYTES, historyBytes);
        return bytes;
    }

    private static OptionalDouble hundredths(ByteBuffer buffer, int index, boolean measured) {
        short value = buffer.getShort(LOUDNESS_AT + 2 * index);
        return measured && value != NOT_MEASURED ? OptionalDouble.of(value / 100.0) : OptionalDouble.empty();
    }

    private static String text(byte[] bytes, int from, int length) {
        int end = from;
        while (end < from + length && bytes[end] != 0) {
            end++;
        }
        return new String(bytes, from, end - from, TEXT).trim();
    }

    private static void put(byte[] bytes, int at, int length, String text) {
        byte[] encoded = text.getBytes(TEXT);
        System.arraycopy(encoded, 0, bytes, at, Math.min(length, encoded.length));
    }
}
