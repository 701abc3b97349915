package app.redlamp.core.port;

import app.redlamp.core.planning.script.ScriptText;
import java.io.IOException;
import java.nio.file.Path;

/** Reads scripts: plain text, Markdown, Word, PDF and EPUB, told by what is in a file and not by its name. */
public interface Scripts {

    /**
     * Reads a script.
     *
     * @throws IOException where it cannot be read as one; the message is one line that says what is wrong and what to do,
     *     without the file's name
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    ScriptText read(Path file, Progress progress) throws IOException;
}
