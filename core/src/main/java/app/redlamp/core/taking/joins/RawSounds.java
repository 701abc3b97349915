package app.redlamp.core.taking.joins;

import app.redlamp.core.signal.AudioSource;
import java.io.IOException;

/** Opens takes and room tones of a production. */
@FunctionalInterface
public interface RawSounds {

    /**
     * Opens one, to be read from a frame on; the caller closes it.
     *
     * @param file its place in the production's folder
     * @param frame from 0; at or beyond the end there is nothing to read
     * @throws IOException where it cannot be opened; one line
     */
    AudioSource open(String file, long frame) throws IOException;
}
