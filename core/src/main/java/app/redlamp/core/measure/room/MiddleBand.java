package app.redlamp.core.measure.room;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.FrameClock;

/**
 * Level of the octaves around 1 kHz, where speech is strong, rooms are heard and neither rumble nor hiss is in the way. Each
 * tick is told by the means of its quarters, which keeps what lies below 2 kHz, more or less.
 */
public final class MiddleBand {
    /** Means of a tick (ours). */
    private static final int PIECES = 4;

    /** Below this is what rumbles (ours). */
    private static final double LOW_HZ = 400;

    // Two sections of these Q make a Butterworth response of 24 dB an octave.
    private final BiquadFilter first;
    private final BiquadFilter second;
    private double squares;
    private int pieces;

    public MiddleBand() {
        double rate = PIECES * FrameClock.TICKS_PER_SECOND;
        first = new BiquadFilter(Biquad.highPass(LOW_HZ, 0.5412, rate));
        second = new BiquadFilter(Biquad.highPass(LOW_HZ, 1.3066, rate));
    }

    /** Takes the samples of one tick. */
    public void tick(float[] block, int from, int to) {
        int length = to - from;
        for (int p = 0; p < PIECES; p++) {
            int start = from + p * length / PIECES;
            int end = Math.max(start + 1, from + (p + 1) * length / PIECES);
            float sum = 0;
            for (int i = start; i < end; i++) {
                sum += block[i];
            }
            double y = second.next(first.next(sum / (end - start)));
            squares += y * y;
            pieces++;
        }
    }

    /** Mean square of the frame that ends here; the next one begins. */
    public double closeFrame() {
        double mean = pieces == 0 ? 0 : squares / pieces;
        squares = 0;
        pieces = 0;
        return mean;
    }
}
