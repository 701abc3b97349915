package app.redlamp.core.delivery.finish;

import app.redlamp.core.fault.Faults;

/**
 * Rounds samples to whole steps with triangular dither of ±1 step, so that the rounding error is noise and not
 * distortion.
 *
 * <p>Source: Lipshitz, Wannamaker, Vanderkooy, Quantization and dither, J. Audio Eng. Soc. 40(5), 1992 (from memory).
 * The noise comes from a seeded generator: the same samples always give the same file.
 */
public final class Dither {
    private final double scale;
    private long state = 0x9E3779B97F4A7C15L;

    /** @param bits bits a sample of the result, 2 to 24 */
    public Dither(int bits) {
        if (!(bits >= 2 && bits <= 24)) {
            throw new IllegalArgumentException(Faults.say("dither.bit-must-be", bits));
        }
        scale = 1L << (bits - 1);
    }

    /** The sample in steps, within what the bits hold. */
    public int quantise(float sample) {
        double value = Math.rint(sample * scale + uniform() + uniform());
        return (int) Math.max(-scale, Math.min(scale - 1, value));
    }

    /** Evenly spread over −0.5 to 0.5 (xorshift64*, top 53 bits). */
    private double uniform() {
        state ^= state >>> 12;
        state ^= state << 25;
        state ^= state >>> 27;
        return ((state * 0x2545F4914F6CDD1DL) >>> 11) * 0x1p-53 - 0.5;
    }
}
