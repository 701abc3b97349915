package app.redlamp.core.delivery.finish;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/**
 * Brings a recording to one or two channels. Several channels to one: their mean, so that a voice which is the same on
 * both keeps its level. One to two: the same on both. More than two to two: the mean of all on both.
 */
public final class MixedSource extends SourceStep {
    private final int channels;
    private float[][] input = new float[0][0];

    /** @throws IllegalArgumentException unless channels is 1 or 2 */
    public MixedSource(AudioSource source, int channels) {
        super(source);
        if (!(channels == 1 || channels == 2)) {
            throw new IllegalArgumentException(Faults.say("mixed-source.channels-must-be", channels));
        }
        this.channels = channels;
    }

    @Override
    public int channels() {
        return channels;
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        if (source.channels() == channels) {
            return source.read(block, frames);
        }
        if (input.length == 0 || input[0].length < frames) {
            input = new float[source.channels()][frames];
        }
        int count = source.read(input, frames);
        for (int i = 0; i < count; i++) {
            float sum = 0;
            for (float[] samples : input) {
                sum += samples[i];
            }
            float mean = sum / input.length;
            for (int c = 0; c < channels; c++) {
                block[c][i] = mean;
            }
        }
        return count;
    }
}
