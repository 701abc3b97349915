package app.redlamp.core.booth;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import java.util.SplittableRandom;

/**
 * Makes a whisper of speech: windows too short to hold a period of the voice keep their magnitudes and get any phase, so that
 * the tone is gone and the vowels stay (a channel vocoder driven by noise; common practice).
 */
final class Whisper {
    /** Spectra of so long have no pitch left (ours). */
    private static final double WINDOW_S = 0.008;

    /** Every run whispers the same (ours). */
    private static final long SEED = 0x5151;

    private Whisper() {}

    static float[] of(float[] speech, int sampleRateHz) {
        int size = Integer.highestOneBit((int) (WINDOW_S * sampleRateHz)) * 2;
        int hop = size / 4;
        Fourier transform = new Fourier(size);
        float[] window = Hann.window(size);
        SplittableRandom random = new SplittableRandom(SEED);
        float[] out = new float[speech.length];
        float[] work = new float[size];
        for (int at = 0; at + size <= speech.length; at += hop) {
            for (int n = 0; n < size; n++) {
                work[n] = speech[at + n] * window[n];
            }
            transform.forward(work);
            for (int k = 1; k < size / 2; k++) {
                double magnitude = Math.hypot(work[2 * k], work[2 * k + 1]);
                double phase = 2 * Math.PI * random.nextDouble();
                work[2 * k] = (float) (magnitude * Math.cos(phase));
                work[2 * k + 1] = (float) (magnitude * Math.sin(phase));
            }
            transform.inverse(work);
            for (int n = 0; n < size; n++) {
                out[at + n] += work[n] * window[n];
            }
        }
        return out;
    }
}
