package app.redlamp.core.loudness;

import app.redlamp.core.signal.SampleSink;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds digital clipping: runs of at least {@value #SHORTEST_RUN} samples in a row at or beyond full scale with the same
 * sign (common practice, no source). Each channel's runs count.
 */
public final class ClipMeter implements SampleSink {
    /** Shortest run that counts, in samples. */
    public static final int SHORTEST_RUN = 3;

    /** Full scale of a 16-bit file is 32767/32768; anything from here on is at the ceiling. */
    private static final float CEILING = 0.9999f;

    private static final int POSITIONS_KEPT = 1000;

    private final int sampleRateHz;
    private final int[] lengths;
    private final List<Double> positionsS = new ArrayList<>();
    private long frame;
    private int runs;

    public ClipMeter(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        lengths = new int[channels];
    }

    @Override
    public void accept(float[][] block, int frames) {
        for (int c = 0; c < lengths.length; c++) {
            float[] samples = block[c];
            int length = lengths[c];
            for (int i = 0; i < frames; i++) {
                float x = samples[i];
                if (x >= CEILING) {
                    length = length > 0 ? length + 1 : 1;
                } else if (x <= -CEILING) {
                    length = length < 0 ? length - 1 : -1;
                } else {
                    length = 0;
                }
                if (Math.abs(length) == SHORTEST_RUN) {
                    note(frame + i);
                }
            }
            lengths[c] = length;
        }
        frame += frames;
    }

    private void note(long at) {
        runs++;
        if (positionsS.size() < POSITIONS_KEPT) {
            positionsS.add((double) (at - SHORTEST_RUN + 1) / sampleRateHz);
        }
    }

    public int runs() {
        return runs;
    }

    /** Where the first {@value #POSITIONS_KEPT} runs begin, in seconds from the start, in the order of time. */
    public List<Double> positionsS() {
        return positionsS.stream().sorted().toList();
    }
}
