package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.FloatSeries;
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

    /** Mean square of the second differences in each whole 10 ms. */
    public static float[] bends(float[] samples, int rate) {
        FloatSeries bends = new FloatSeries();
        for (long frame = 0; FrameClock.startOf(frame + 1, rate) <= samples.length; frame++) {
            double sum = 0;
            int from = (int) FrameClock.startOf(frame, rate);
            int to = (int) FrameClock.startOf(frame + 1, rate);
            for (int i = Math.max(2, from); i < to; i++) {
                double bend = samples[i] - 2.0 * samples[i - 1] + samples[i - 2];
                sum += bend * bend;
            }
            bends.add((float) (sum / (to - from)));
        }
        return bends.toArray();
    }
}
