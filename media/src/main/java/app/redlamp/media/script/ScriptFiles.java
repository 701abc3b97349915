package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Scripts;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;

/**
 * Scripts in files. Plain text is read here; documents that libraries unpack and parse are read in a process of their own, for
 * some are made to never end or to take all memory there is, and a process can be stopped from outside.
 */
public final class ScriptFiles implements Scripts {
    /** How long a reader may stay silent; what a person brings takes less. Common practice, no source. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    /** And how long it may take in all: 9,999 pages in 64 MB took two minutes (measured; ours). */
    private static final Duration WHOLE = Duration.ofMinutes(20);

    private final Duration patience;
    private final Duration whole;

    public ScriptFiles() {
        this(PATIENCE, WHOLE);
    }

    /**
     * @param patience how long a reader may make no headway before it is stopped
     * @param whole how long it may take in all
     */
    ScriptFiles(Duration patience, Duration whole) {
        this.patience = patience;
        this.whole = whole;
    }

    @Override
    public ScriptText read(Path file, Progress progress) throws IOException {
        DocumentReaders.Found found = DocumentReaders.find(file);
        if (found.ours()) {
            return DocumentReaders.read(found.reader(), file, progress);
        }
        return new ReadElsewhere(file, patience, whole).read(progress);
    }
}
