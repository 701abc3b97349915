package app.redlamp.media;

import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.ClapMeter;
import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.DiaryMeter;
import app.redlamp.core.port.Listening;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.nio.file.Path;

/** Listens to recordings on disk, streamed. */
public final class FileListening implements Listening {

    @Override
    public Clap clap(Path file, Progress progress) throws IOException {
        try (AudioSource source =
                new WatchedSource(AudioFiles.open(file, progress).source(), progress)) {
            return ClapMeter.of(source);
        }
    }

    @Override
    public Diary diary(Path file, Progress progress) throws IOException {
        try (AudioSource source =
                new WatchedSource(AudioFiles.open(file, progress).source(), progress)) {
            return DiaryMeter.of(source);
        }
    }
}
