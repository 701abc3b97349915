package app.redlamp.media;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.nio.file.Path;

/** Measures recordings on disk, streamed. */
public final class FileRecordings implements Recordings {

    @Override
    public Report measure(Path file, Progress progress) throws IOException {
        AudioFiles.Opened opened = AudioFiles.open(file, progress);
        try (AudioSource source = new WatchedSource(opened.source(), progress)) {
            return RecordingAnalyzer.of(source, opened.whole());
        }
    }
}
