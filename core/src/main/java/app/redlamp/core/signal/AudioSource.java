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
}
