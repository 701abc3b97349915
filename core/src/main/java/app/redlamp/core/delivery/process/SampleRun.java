package app.redlamp.core.delivery.process;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/** A step that makes one sample of one: no delay, each channel by itself. */
abstract class SampleRun extends SourceStep implements Processor.Run {
    /** +60 dBFS: what is beyond is no sound (ours). */
    private static final float LARGEST = 1000;

    SampleRun(AudioSource source) {
        super(source);
    }

    /** The next sample of a channel. */
    abstract double next(int channel, double sample);

    @Override
    public final int read(float[][] block, int frames) throws IOException {
        int count = source.read(block, frames);
        for (int c = 0; c < source.channels(); c++) {
            float[] samples = block[c];
            for (int i = 0; i < count; i++) {
                samples[i] = (float) next(c, Math.abs(samples[i]) <= LARGEST ? samples[i] : 0);
            }
        }
        return count;
    }

    @Override
    public Reduction reduction() {
        return Reduction.NONE;
    }
}
