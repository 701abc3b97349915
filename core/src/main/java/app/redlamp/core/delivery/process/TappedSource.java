package app.redlamp.core.delivery.process;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/** Lets somebody hear what goes through. */
final class TappedSource extends SourceStep {
    private final int step;
    private final ProcessorChain.Tap tap;

    TappedSource(AudioSource source, int step, ProcessorChain.Tap tap) {
        super(source);
        this.step = step;
        this.tap = tap;
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        int count = source.read(block, frames);
        if (count > 0) {
            tap.accept(step, block, count);
        }
        return count;
    }
}
