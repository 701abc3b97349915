package app.redlamp.core.booth;

import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;

/** Something like speech for tests: syllables of a voice with formants, pauses between words and sentences. */
final class Speech {
    /** Made once: it takes longer than what is tested with it. */
    private static final Map<Integer, Tape> TAPES = new ConcurrentHashMap<>();

    private Speech() {}

    static float[] of(double seconds, int rate) {
        SplittableRandom random = new SplittableRandom(42);
        float[] out = new float[(int) (seconds * rate)];
        int at = rate / 10;
        int syllable = 0;
        while (at < out.length) {
            int length = (int) ((0.12 + 0.1 * random.nextDouble()) * rate);
            double pitch = 110 + 40 * random.nextDouble();
            double size = 0.2 + 0.8 * random.nextDouble();
            double formant = 400 + 1800 * random.nextDouble();
            for (int n = at; n < Math.min(out.length, at + length); n++) {
                double t = (double) (n - at) / rate;
                double shape = Math.sin(Math.PI * (n - at) / length);
                double sum = 0.15 * random.nextGaussian();
                for (int h = 1; h < 30; h++) {
                    double hz = h * pitch;
                    double near = (hz - formant) / 500;
                    sum += Math.sin(2 * Math.PI * hz * t + h * h) * (0.3 / h + Math.exp(-near * near) / 4);
                }
                out[n] = (float) (size * shape * shape * sum);
            }
            syllable++;
            at += length + (int) ((syllable % 9 == 0 ? 0.7 : syllable % 3 == 0 ? 0.12 : 0.02) * rate);
        }
        return out;
    }

    static Tape tape(int rate) {
        return TAPES.computeIfAbsent(rate, r -> Tape.of(of(20, r), r, 15));
    }
}
