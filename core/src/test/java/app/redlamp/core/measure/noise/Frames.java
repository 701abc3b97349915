package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.FrameClock;

/** Cuts samples into frames, slow and obvious. */
public final class Frames {
    private Frames() {}

    /** Mean square of each whole 10 ms, digital silence as 0. */
    public static float[] meanSquares(float[] samples, int rate) {
        FrameLevels levels = new FrameLevels();
        for (long frame = 0; FrameClock.startOf(frame + 1, rate) <= samples.length; frame++) {
            double sum = 0;
            int from = (int) FrameClock.startOf(frame, rate);
            int to = (int) FrameClock.startOf(frame + 1, rate);
            for (int i = from; i < to; i++) {
                sum += (double) samples[i] * samples[i];
            }
            levels.frame(sum / (to - from));
        }
        return levels.meanSquares();
    }
}
