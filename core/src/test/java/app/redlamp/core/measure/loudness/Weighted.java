package app.redlamp.core.measure.loudness;

import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.FrameClock;

/** Feeds the loudness meter sample by sample, slow and obvious. */
public final class Weighted {
    private Weighted() {}

    public static Loudness loudness(int rate, float[]... channels) {
        LoudnessMeter meter = new LoudnessMeter(channels.length);
        BiquadFilter[] shelves = new BiquadFilter[channels.length];
        BiquadFilter[] highPasses = new BiquadFilter[channels.length];
        for (int c = 0; c < channels.length; c++) {
            shelves[c] = new BiquadFilter(KWeighting.shelf(rate));
            highPasses[c] = new BiquadFilter(KWeighting.highPass(rate));
        }
        for (long frame = 0; FrameClock.startOf(frame + 1, rate) <= channels[0].length; frame++) {
            int from = (int) FrameClock.startOf(frame, rate);
            int to = (int) FrameClock.startOf(frame + 1, rate);
            double[] meanSquares = new double[channels.length];
            for (int c = 0; c < channels.length; c++) {
                for (int i = from; i < to; i++) {
                    double y = highPasses[c].next(shelves[c].next(channels[c][i]));
                    meanSquares[c] += y * y / (to - from);
                }
            }
            meter.frame(meanSquares);
        }
        return meter.result();
    }
}
