package app.redlamp.media;

import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/** Tells progress as a recording is read, and stops reading when cancelled. */
public final class WatchedSource extends SourceStep {
    private final Progress progress;
    private long read;

    public WatchedSource(AudioSource source, Progress progress) {
        super(source);
        this.progress = progress;
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        progress.check();
        int count = source.read(block, frames);
        read += count;
        if (source.expectedFrames() > 0) {
            progress.at(Math.min(1, (double) read / source.expectedFrames()));
        }
        return count;
    }
}
