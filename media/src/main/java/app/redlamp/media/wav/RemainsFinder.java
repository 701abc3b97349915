package app.redlamp.media.wav;

import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.Optional;
import java.util.OptionalInt;

/** Finds the sound in what is left of a WAV file: by its header, by pieces of one, or by the samples alone. */
final class RemainsFinder {
    /** Headers are looked for so far into a file. */
    private static final int HEAD_BYTES = 1 << 18;

    /** What follows the sound is believed to be chunks when there are no more than this. */
    private static final int MOST_AFTER = 64;

    private static final int EXTENSIBLE = 0xFFFE;
    private static final int MOST_CHANNELS = 64;
    private static final int HIGHEST_RATE = 768_000;
    private static final int LOWEST_RATE = 4000;

    private final FileChannel file;
    private final OptionalInt rateHz;

    /** @param rateHz sample rate where nothing says it; absent for not known */
    RemainsFinder(FileChannel file, OptionalInt rateHz) {
        this.file = file;
        this.rateHz = rateHz;
    }

    private record Format(SampleFormat samples, int channels, int rateHz, int end) {}

    /** @throws IOException where nothing is found; one line that says what to do */
    Remains find() throws IOException {
        ByteBuffer head = ChunkCursor.read(file, 0, HEAD_BYTES);
        if (head.remaining() == 0 || onlyZeros(head)) {
            throw new IOException(Faults.say("remains.nothing"));
        }
        Optional<Format> format = format(head);
        if (format.isEmpty()) {
            return guessed();
        }
        int data = indexOf(head, "data", format.get().end());
        boolean whole = head.remaining() >= 12 && isForm(ChunkCursor.letters(head, 0)) && data >= 0;
        long start = data >= 0 ? data + 8L : format.get().end();
        long there = file.size() - start;
        long bytes = data >= 0 ? size(head.getInt(data + 4) & 0xFFFFFFFFL, start, there) : there;
        return remains(format.get(), start, bytes, whole ? Remains.By.HEADER : Remains.By.PIECES);
    }

    private static boolean isForm(String letters) {
        return letters.equals("RIFF") || letters.equals("RF64") || letters.equals("BW64");
    }

    private Remains remains(Format format, long start, long bytes, Remains.By by) throws IOException {
        int frame = format.channels() * format.samples().bytes();
        if (bytes < frame) {
            throw new IOException(Faults.say("remains.nothing"));
        }
        return new Remains(format.samples(), format.channels(), format.rateHz(), start, bytes - bytes % frame, by);
    }

    /** A size is believed where it fits and chunks follow the sound up to the end of the file. */
    private long size(long claimed, long start, long there) throws IOException {
        if (claimed == 0 || claimed >= there) {
            return there;
        }
        long at = start + claimed + (claimed & 1);
        ChunkCursor cursor = new ChunkCursor(file, at, false);
        for (int n = 0; n < MOST_AFTER && cursor.next() && isName(cursor.name()); n++) {
            at = cursor.start() + cursor.length() + (cursor.length() & 1);
            cursor.skip(cursor.length());
        }
        return at >= file.size() - 1 ? claimed : there;
    }

    private static boolean isName(String letters) {
        return letters.chars().allMatch(c -> c >= ' ' && c <= '~');
    }

    /** The first format chunk that says something that can be. */
    private static Optional<Format> format(ByteBuffer head) {
        for (int at = indexOf(head, "fmt ", 0); at >= 0; at = indexOf(head, "fmt ", at + 1)) {
            int length = head.remaining() - at >= 24 ? head.getInt(at + 4) : 0;
            if (length >= 16 && length <= 64 && at + 8 + length <= head.remaining()) {
                int tag = head.getShort(at + 8) & 0xFFFF;
                if (tag == EXTENSIBLE && length >= 26) {
                    tag = head.getShort(at + 32) & 0xFFFF;
                }
                int channels = head.getShort(at + 10) & 0xFFFF;
                int rate = head.getInt(at + 12);
                int block = head.getShort(at + 20) & 0xFFFF;
                boolean can = channels >= 1 && channels <= MOST_CHANNELS && rate >= LOWEST_RATE && rate <= HIGHEST_RATE;
                if (can && block % channels == 0) {
                    Optional<SampleFormat> samples = SampleFormat.of(tag, block / channels);
                    if (samples.isPresent()) {
                        return Optional.of(new Format(samples.get(), channels, rate, at + 8 + length));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static int indexOf(ByteBuffer head, String letters, int from) {
        for (int at = from; at + 8 <= head.remaining(); at++) {
            if (head.get(at) == letters.charAt(0)
                    && ChunkCursor.letters(head, at).equals(letters)) {
                return at;
            }
        }
        return -1;
    }

    private static boolean onlyZeros(ByteBuffer head) {
        for (int at = 0; at < head.remaining(); at++) {
            if (head.get(at) != 0) {
                return false;
            }
        }
        return true;
    }

    private Remains guessed() throws IOException {
        SampleGuess guess = SampleGuess.of(file).orElseThrow(() -> new IOException(Faults.say("remains.no-sound")));
        if (rateHz.isEmpty()) {
            throw new IOException(Faults.say("remains.no-rate", guess.samples().bytes() * 8, guess.channels()));
        }
        return remains(
                new Format(guess.samples(), guess.channels(), rateHz.getAsInt(), 0),
                guess.start(),
                file.size() - guess.start(),
                Remains.By.SMOOTHNESS);
    }
}
