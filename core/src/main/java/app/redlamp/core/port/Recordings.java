package app.redlamp.core.port;

import app.redlamp.core.measure.analysis.Report;
import java.io.IOException;
import java.nio.file.Path;

/** Measures recordings on disk. */
public interface Recordings {

    /**
     * Measures one file in one pass.
     *
     * @throws IOException where it cannot be read as a recording; the message is one line that says what is wrong and
     *     what to do, without the file's name
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    Report measure(Path file, Progress progress) throws IOException;
}
