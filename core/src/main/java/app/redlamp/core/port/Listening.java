package app.redlamp.core.port;

import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.diary.Diary;
import java.io.IOException;
import java.nio.file.Path;

/**
 * Listens to recordings of rooms. Messages of faults are one line that says what is wrong and what to do, without the file's
 * name.
 */
public interface Listening {

    /**
     * Measures a clap or a balloon.
     *
     * @throws IOException where the file cannot be read, or tells nothing of a room
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    Clap clap(Path file, Progress progress) throws IOException;

    /**
     * Reads a recording of hours.
     *
     * @throws IOException where the file cannot be read, or is no diary
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    Diary diary(Path file, Progress progress) throws IOException;
}
