package app.redlamp.core.signal;

import java.io.IOException;

/** A step of processing between a source and whoever reads on: takes over whatever the step does not change. */
public abstract class SourceStep implements AudioSource {
    protected final AudioSource source;

    /** @param source where the samples come from; closed with this step */
    protected SourceStep(AudioSource source) {
        this.source = source;
    }

    @Override
    public int sampleRateHz() {
        return source.sampleRateHz();
    }

    @Override
    public int channels() {
        return source.channels();
    }

    @Override
    public long expectedFrames() {
        return source.expectedFrames();
    }

    @Override
    public void close() throws IOException {
        source.close();
    }
}
