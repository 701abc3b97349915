package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.FloatSeries;
import app.redlamp.core.signal.FrameClock;

/**
 * The mean square of every 10 ms of a recording, over all channels together. Ten hours take 14 MB.
 *
 * <p>A frame below −120 dBFS RMS is digital silence: no room and no microphone is that quiet, and
 * decoders of lossy files leave crumbs of that size behind. Its mean square is kept as exactly 0.
 */
public final class FrameLevels {
    /** As the clock has them (by definition). */
    public static final int FRAMES_PER_SECOND = FrameClock.FRAMES_PER_SECOND;

    /** Power of −120 dBFS, the least that is told apart (ours). */
    private static final double SILENCE = 1e-12;

    private final FloatSeries meanSquares = new FloatSeries();

    /** Takes the next frame. */
    public void frame(double meanSquare) {
        meanSquares.add(isSilent(meanSquare) ? 0 : (float) meanSquare);
    }

    /** Whether a frame of this mean square counts as digital silence. */
    public static boolean isSilent(double meanSquare) {
        return meanSquare < SILENCE;
    }

    /** How many frames. */
    public int size() {
        return meanSquares.size();
    }

    /** The mean squares so far, a 10 ms frame each; a last part of a frame is left out. */
    public float[] meanSquares() {
        return meanSquares.toArray();
    }

    /** The mean squares from a frame on. */
    public float[] from(int frame) {
        return meanSquares.from(frame);
    }
}
