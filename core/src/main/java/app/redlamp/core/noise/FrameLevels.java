package app.redlamp.core.noise;

import app.redlamp.core.signal.SampleSink;
import java.util.Arrays;

/**
 * The mean square of every 10 ms of a recording, over all channels together. Ten hours take 14 MB.
 *
 * <p>A frame in which no sample reaches −120 dBFS is digital silence: no room and no microphone is that quiet, and
 * decoders of lossy files leave crumbs of that size behind. Its mean square is kept as exactly 0.
 */
public final class FrameLevels implements SampleSink {
    public static final int FRAMES_PER_SECOND = 100;
    private static final float SILENCE_PEAK = 1e-6f;

    private final int sampleRateHz;
    private float[] meanSquares = new float[4096];
    private int size;
    private final double[] squares;
    private float peak;
    private long position;
    private long frameStart;
    private long frameEnd;

    public FrameLevels(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        squares = new double[channels];
        frameEnd = boundary(1);
    }

    @Override
    public void accept(float[][] block, int frames) {
        int done = 0;
        while (done < frames) {
            int count = (int) Math.min(frames - done, frameEnd - position);
            for (int c = 0; c < squares.length; c++) {
                float[] samples = block[c];
                double sum = squares[c];
                float largest = peak;
                for (int i = done; i < done + count; i++) {
                    float x = samples[i];
                    sum += (double) x * x;
                    largest = Math.max(largest, Math.abs(x));
                }
                squares[c] = sum;
                peak = largest;
            }
            done += count;
            position += count;
            if (position == frameEnd) {
                close();
            }
        }
    }

    /** The mean squares so far, a 10 ms frame each; a last part of a frame is left out. */
    public float[] meanSquares() {
        return Arrays.copyOf(meanSquares, size);
    }

    private void close() {
        if (size == meanSquares.length) {
            meanSquares = Arrays.copyOf(meanSquares, size * 2);
        }
        boolean silent = peak < SILENCE_PEAK;
        double sum = 0;
        for (int c = 0; c < squares.length; c++) {
            sum += squares[c];
            squares[c] = 0;
        }
        meanSquares[size++] = silent ? 0 : (float) (sum / squares.length / (frameEnd - frameStart));
        peak = 0;
        frameStart = frameEnd;
        frameEnd = boundary(size + 1L);
    }

    private long boundary(long frame) {
        return Math.round((double) frame * sampleRateHz / FRAMES_PER_SECOND);
    }
}
