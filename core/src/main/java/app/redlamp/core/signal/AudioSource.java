package app.redlamp.core.signal;

import java.io.Closeable;
import java.io.IOException;

/**
 * A recording as a stream of blocks. Samples are floats, one array a channel, full scale ±1; a 24-bit sample survives
 * exactly.
 */
public interface AudioSource extends Closeable {

    int sampleRateHz();

    int channels();

    /** Expected number of frames; −1 where it is not known before the end. Serves progress only. */
    long expectedFrames();

    /**
     * Reads the next frames.
     *
     * @param block one array a channel, at least {@code frames} long
     * @return number of frames read, 0 at the end of the recording
     * @throws IOException where the file breaks off or cannot be decoded; the message says what to do
     */
    int read(float[][] block, int frames) throws IOException;

    /** Reads on without keeping what is read, up to so many frames; less where the recording ends before. */
    default void skip(long frames) throws IOException {
        float[][] thrown = new float[channels()][(int) Math.max(0, Math.min(frames, 8192))];
        long left = frames;
        while (left > 0) {
            int count = read(thrown, (int) Math.min(left, thrown[0].length));
            if (count == 0) {
                return;
            }
            left -= count;
        }
    }
}
