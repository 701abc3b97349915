package app.redlamp.media.play;

import java.io.Closeable;
import java.io.IOException;

/** Where played samples go: a sound device, or a stand-in that only keeps time. */
public interface SoundOutput {

    /** Name that is shown to the user. */
    String name();

    /** Whether nothing will be heard. */
    boolean simulated();

    /**
     * Opens the output for one recording.
     *
     * @param channels 1 or 2
     * @throws IOException where the device is gone, in use or will not take the format; one line that says what to do
     */
    Line open(int sampleRateHz, int channels) throws IOException;

    /** An open output. */
    interface Line extends Closeable {

        /** Plays frames; returns when the line has taken them, which paces whoever writes. */
        void write(float[][] block, int frames) throws IOException;

        /** Frames heard so far. */
        long heard();

        /** Waits until everything written has been heard. */
        void drain();

        @Override
        void close();
    }
}
