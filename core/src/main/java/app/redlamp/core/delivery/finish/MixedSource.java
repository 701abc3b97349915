package app.redlamp.core.delivery.finish;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/**
 * Brings a recording to one or two channels. Several channels to one: their mean, so that a voice which is the same on
 * both keeps its level. One to two: the same on both. More than two to two: the mean of all on both. One taken alone: that one, on
 * every channel.
 */
public final class MixedSource extends SourceStep {
    private final ChannelMix mix;
    private float[][] input = new float[0][0];

    /** @throws IllegalArgumentException unless it makes 1 or 2 channels */
    public MixedSource(AudioSource source, ChannelMix mix) {
        super(source);
        if (!(mix.channels() == 1 || mix.channels() == 2)) {
            throw new IllegalArgumentException(Faults.say("mixed-source.channels-must-be", mix.channels()));
        }
        this.mix = mix;
    }

    /** All channels together on one or two. */
    public MixedSource(AudioSource source, int channels) {
        this(source, ChannelMix.all(channels));
    }

    @Override
    public int channels() {
        return mix.channels();
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        if (source.channels() == mix.channels() && mix.alone().isEmpty()) {
            return source.read(block, frames);
        }
        if (input.length == 0 || input[0].length < frames) {
            input = new float[source.channels()][frames];
        }
        int count = source.read(input, frames);
        if (mix.alone().isPresent()) {
            for (float[] samples : block) {
                System.arraycopy(input[mix.alone().getAsInt()], 0, samples, 0, count);
            }
            return count;
        }
        for (int i = 0; i < count; i++) {
            float sum = 0;
            for (float[] samples : input) {
                sum += samples[i];
            }
            float mean = sum / input.length;
            for (int c = 0; c < mix.channels(); c++) {
                block[c][i] = mean;
            }
        }
        return count;
    }
}
